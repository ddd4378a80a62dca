<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Figure;

use Dinghy\Plan\TripPhase;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Trip\Day;
use Dinghy\Trip\Simulation;

/** The latest moment to turn home at: the last phase before the way home is made longer or the day is cut short there. */
final class TurnHome
{
    /** h beyond the plan that are looked at */
    private const BEYOND = 12.0;

    /** h: it is told to five minutes */
    private const TO = 1 / 12;

    /** s of a step, while it is sought */
    private const STEP = 300.0;

    /**
     * @param  (\Closure(Day): bool)|null  $spares  what the way home is to leave as well; null: nothing
     * @return float|null min from the start; null: no phase is marked as the way home, it is all of the day, or she would not come home
     *                    whenever she turned
     */
    public static function latest(SolvedBoat $boat, ?\Closure $spares = null): ?float
    {
        [$out, $home] = self::parted($boat->plan->trip ?? []);
        if ($out === [] || $home === []) {
            return null;
        }
        $planned = array_sum(array_map(static fn (TripPhase $phase): float => $phase->hours, $out));
        // The way out is run once, longer than anybody stays, and the way home from wherever she turns.
        $out = self::prolonged($out, self::BEYOND);
        $longest = Simulation::through($boat, $out, self::STEP);
        $comesHome = static function (float $hours) use ($boat, $longest, $out, $home, $spares): bool {
            $day = Simulation::after($boat, $longest, 60 * $hours, $home, self::STEP);

            return (new Homecoming($boat, $day, $home, self::runsAt($out, $hours)))->succeeds() && ($spares === null || $spares($day));
        };
        if (! $comesHome(0.0)) {
            return null;
        }
        [$low, $high] = [0, (int) floor(($planned + self::BEYOND) / self::TO)];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            $comesHome($middle * self::TO) ? $low = $middle : $high = $middle - 1;
        }

        return 60 * self::TO * $low;
    }

    /**
     * A day on which she turns home at a moment: what comes before is cut short there, or its last phase goes on until then.
     *
     * @param  list<TripPhase>  $phases
     * @param  float  $minute  min from the start
     * @return list<TripPhase>
     */
    public static function at(array $phases, float $minute): array
    {
        [$out, $home] = self::parted($phases);
        $hours = $minute / 60;
        $day = [];
        foreach ($out as $at => $phase) {
            $lasts = $at === count($out) - 1 ? $hours : min($hours, $phase->hours);
            $lasts > 0 && $day[] = $phase->lasting(round($lasts, 4));
            $hours -= $lasts;
        }

        return [...$day, ...$home];
    }

    /**
     * @param  list<TripPhase>  $phases
     * @return array{list<TripPhase>, list<TripPhase>} those before the way home, and those from its first on
     */
    private static function parted(array $phases): array
    {
        foreach ($phases as $at => $phase) {
            if ($phase->home) {
                return [array_slice($phases, 0, $at), array_slice($phases, $at)];
            }
        }

        return [$phases, []];
    }

    /**
     * @param  non-empty-list<TripPhase>  $phases
     * @param  float  $hours  h that the last of them goes on longer
     * @return non-empty-list<TripPhase>
     */
    private static function prolonged(array $phases, float $hours): array
    {
        $last = $phases[count($phases) - 1];

        return [...array_slice($phases, 0, -1), $last->lasting($last->hours + $hours)];
    }

    /**
     * Whether the engine runs just before a moment.
     *
     * @param  list<TripPhase>  $phases
     * @param  float  $hours  h from the start
     */
    private static function runsAt(array $phases, float $hours): bool
    {
        foreach ($phases as $phase) {
            if ($hours <= $phase->hours) {
                return $hours > 0 && $phase->engine;
            }
            $hours -= $phase->hours;
        }

        return false;
    }
}
