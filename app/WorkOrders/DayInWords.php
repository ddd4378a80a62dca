<?php

declare(strict_types=1);

namespace App\WorkOrders;

use Dinghy\Plan\Plan;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Trip\Day;

/** A day in a sentence or two: when to turn home, and what gives out first, or that nothing does. The page and the sheet say the same. */
final class DayInWords
{
    /** @param  float|null  $turn  min from the start at which she turns home at the latest; null: there is no such moment */
    public static function of(Day $day, Plan $plan, QuantityFormatter $words, ?float $turn): string
    {
        $home = $turn === null ? '' : "Turn home by {$words->clock($plan->tripStart + $turn)}. ";
        $first = $day->firstOut();
        if ($first !== null) {
            return "{$home}{$first->device->label()} gives out first, at {$words->clock($plan->tripStart + ($first->outAt ?? 0.0))}, {$words->hours(($first->outAt ?? 0.0) / 60)} out.";
        }

        return "{$home}Everything lasts: home at {$words->clock($plan->tripStart + 60 * $day->hours)}, {$words->hours($day->hours)} out.";
    }
}
