<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Figure;

use Dinghy\Plan\TripPhase;

/** The planned day, made as long as somebody wants it: what lasts longest of it before the way home lasts longer, or less. */
final class WantedDay
{
    /**
     * @param  list<TripPhase>  $phases
     * @param  float  $hours  h from leaving to being home
     * @return list<TripPhase>|null null: what stays of it takes longer already
     */
    public static function of(array $phases, float $hours): ?array
    {
        $longest = null;
        foreach ($phases as $at => $phase) {
            if (! $phase->home && ($longest === null || $phase->hours > $phases[$longest]->hours)) {
                $longest = $at;
            }
        }
        if ($longest === null) {
            return null;
        }
        $left = $phases[$longest]->hours + $hours - array_sum(array_map(static fn (TripPhase $phase): float => $phase->hours, $phases));
        if ($left <= 0) {
            return null;
        }
        $phases[$longest] = $phases[$longest]->lasting(round($left, 4));

        return array_values($phases);
    }
}
