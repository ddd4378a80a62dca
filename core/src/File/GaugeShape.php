<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\Conductor\Gauge;
use Dinghy\File\Shape\ChoiceShape;

/** A wire gauge by its name. */
final class GaugeShape
{
    public static function of(): ChoiceShape
    {
        return new ChoiceShape(Gauge::names());
    }
}
