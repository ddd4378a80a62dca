<?php

declare(strict_types=1);

namespace Dinghy\Metering;

use Dinghy\Circuit\State;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Device;
use Dinghy\Solving\SolvedBoat;

/** Every reading at rest in the order in which it is taken: blocks, sums and taps, plugs, with the fewest changes of place, then of range. */
final class RestWalk
{
    /**
     * @param  array<string, float>  $rested  V by battery, as they were read
     * @return list<RestPoint>
     */
    public static function of(SolvedBoat $boat, array $rested): array
    {
        $rest = $boat->states->in(State::Rest);
        $readings = new RestReadings($boat, $rested);
        $points = [];
        foreach ($rest === null ? [] : MeterPoints::of($boat->wiring, $rest, $boat->words) as $point) {
            $of = $readings->at($point);
            if ($of === null) {
                continue;
            }
            $battery = $boat->plan->batteries[$point->plus->part] ?? null;
            $device = $boat->plan->consumers[$point->plus->part] ?? null;
            $points[] = new RestPoint($of, $battery instanceof Battery ? $battery->station : $device?->station, match (true) {
                $battery === null => 2,
                $point->id === $battery->id => 0,
                default => 1,
            }, $device instanceof Device ? self::circuitTo($boat, $device) : null);
        }

        return self::ordered($points);
    }

    /**
     * @param  list<RestPoint>  $points
     * @return list<RestPoint>
     */
    public static function ordered(array $points): array
    {
        $ordered = [];
        $place = $range = null;
        for ($rank = 0; $points !== []; $rank++) {
            $here = array_values(array_filter($points, static fn (RestPoint $one): bool => $one->rank === $rank));
            $points = array_values(array_filter($points, static fn (RestPoint $one): bool => $one->rank !== $rank));
            while ($here !== []) {
                $next = self::nearest($here, $place, $range);
                [$place, $range] = [$here[$next]->place, $here[$next]->of->range];
                $ordered[] = $here[$next];
                array_splice($here, $next, 1);
            }
        }

        return $ordered;
    }

    /**
     * One at the same place and range, else at the same place, else the place whose first range is the one that is set.
     *
     * @param  non-empty-list<RestPoint>  $points
     */
    private static function nearest(array $points, ?string $place, ?MeterRange $range): int
    {
        foreach ([
            static fn (RestPoint $one): bool => $one->place === $place && $one->of->range === $range,
            static fn (RestPoint $one): bool => $one->place === $place,
            static fn (RestPoint $one): bool => $one->of->range === $range,
        ] as $is) {
            foreach ($points as $at => $point) {
                if ($is($point)) {
                    return $at;
                }
            }
        }

        return 0;
    }

    private static function circuitTo(SolvedBoat $boat, Device $device): ?\Dinghy\Wiring\Circuit
    {
        foreach ($boat->wiring->pathsTo($device) as $path) {
            return $path->circuits[count($path->circuits) - 1];
        }

        return null;
    }
}
