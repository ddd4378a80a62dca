<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Format;

use Dinghy\File\Shape\Field;
use Dinghy\File\Shape\NumberShape;

/** What matters of a moulded cable when it is pulled. */
final class PulledFormat
{
    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::optional('plug_mm', new NumberShape(2, 80, 'mm'))->called('Its plug across', 'When it is pulled'),
            Field::optional('cable_mm', new NumberShape(1, 40, 'mm'))->called('Its cable across', 'When it is pulled'),
            Field::optional('bend_mm', new NumberShape(2, 500, 'mm'))->called('Least radius of a bend', 'When it is pulled'),
        ];
    }
}
