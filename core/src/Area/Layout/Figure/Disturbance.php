<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Figure;

use Dinghy\Geometry\Polyline;
use Dinghy\Geometry\Spot;
use Dinghy\Plan\Boat;
use Dinghy\Plan\DeviceKind;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Way;
use Dinghy\Wiring\Circuit;
use Dinghy\Wiring\SizedRun;

/**
 * What turns the needle of a compass and misleads a heading sensor: magnets of motors and loudspeakers, heavy currents.
 */
final readonly class Disturbance
{
    /** A of a run that counts as heavy [cp, working estimate] */
    private const HEAVY = 10.0;

    /**
     * @param  float|null  $amps  that it carries; null: a magnet
     * @param  list<Polyline>  $lines  where it lies; a magnet is a point
     */
    private function __construct(
        public string $label,
        public ?float $amps,
        public array $lines,
    ) {
    }

    /**
     * @param  list<SizedRun>  $circuits
     * @return list<self> those whose place is known
     */
    public static function allIn(Plan $plan, array $circuits): array
    {
        $all = [];
        foreach ($plan->devices as $device) {
            $spot = $device->isMotor() || $device->kind === DeviceKind::Radio ? $plan->spotOf($device) : null;
            if ($spot !== null) {
                $all[] = new self($device->label(), null, [Polyline::through([$spot])]);
            }
        }
        foreach ($circuits as $run) {
            $lines = $run->circuit === null || $run->amps < self::HEAVY
                ? []
                : self::linesOf($plan->boat, $run->circuit);
            if ($run->circuit !== null && $lines !== []) {
                $all[] = new self("the run {$run->circuit->label}", $run->amps, $lines);
            }
        }

        return $all;
    }

    /** @return float m from a spot to the nearest point of it */
    public function distanceTo(Spot $spot): float
    {
        return array_reduce(
            $this->lines,
            static fn (float $nearest, Polyline $line): float => min($nearest, $line->from($spot)),
            INF,
        );
    }

    /** @return list<Polyline> the ways that a circuit takes; where it stays in one place, that place */
    private static function linesOf(Boat $boat, Circuit $circuit): array
    {
        $ways = $circuit->route->ways ?? [];
        if ($ways === []) {
            return $circuit->from === null || $circuit->from !== $circuit->to ? [] : [
                Polyline::through([$boat->stations[$circuit->from]->at()]),
            ];
        }

        return array_map(static fn (Way $way): Polyline => $boat->lineOf($way), $ways);
    }
}
