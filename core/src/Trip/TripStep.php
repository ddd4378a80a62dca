<?php

declare(strict_types=1);

namespace Dinghy\Trip;

use Dinghy\Plan\TripPhase;

/** A short while of a day in which nothing changes but charge. */
final readonly class TripStep
{
    /**
     * @param  float  $at  min from the start at which it begins
     * @param  float  $hours  h
     */
    private function __construct(public TripPhase $phase, public float $at, public float $hours)
    {
    }

    /**
     * A day cut into steps; the last of each phase is as long as what is left of it.
     *
     * @param  list<TripPhase>  $phases
     * @param  float  $seconds  s of a step
     * @return iterable<self>
     */
    public static function of(array $phases, float $seconds): iterable
    {
        $begun = 0.0;
        foreach ($phases as $phase) {
            $steps = (int) ceil($phase->hours * 3600 / $seconds - 1e-9);
            for ($step = 0; $step < $steps; $step++) {
                $hours = min($seconds / 3600, $phase->hours - $step * $seconds / 3600);
                yield new self($phase, 60 * $begun + $step * $seconds / 60, $hours);
            }
            $begun += $phase->hours;
        }
    }
}
