<?php

declare(strict_types=1);

namespace Dinghy\Area\Metering;

use Dinghy\Evaluation\Area;
use Dinghy\Plan\Plan;
use Dinghy\Rule\Stage;
use Dinghy\Solving\SolvedBoat;

/** What a meter shows of a boat: at rest, under load, and year by year. */
final class MeteringArea extends Area
{
    public function stage(): Stage
    {
        return new Stage('meter', 'Meter');
    }

    public function isBegun(Plan $plan): bool
    {
        return $plan->banks !== [];
    }

    /** What was read no plan says: whoever keeps the readings does. */
    public function leftToDo(SolvedBoat $boat): string
    {
        return 'to read';
    }
}
