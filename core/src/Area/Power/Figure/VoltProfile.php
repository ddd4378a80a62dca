<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Figure;

use Dinghy\Circuit\Solution;
use Dinghy\Circuit\State;
use Dinghy\Circuit\States;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Device;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Wiring\Path;

/** Where the volts go between a bank and a device, in the state loaded. */
final readonly class VoltProfile
{
    /** @param  list<ProfilePoint>  $points from the bank outward */
    private function __construct(
        public Device $device,
        public Bank $bank,
        public array $points,
    ) {
    }

    /** @return list<self> one for each path whose lengths and batteries are known, when the loads can be fed */
    public static function allOf(SolvedBoat $boat): array
    {
        $loaded = $boat->states->in(State::Loaded);
        $rest = $boat->states->in(State::Rest);
        $profiles = [];
        foreach ($boat->wiring->paths as $path) {
            $points = $loaded === null || $rest === null ? [] : self::walk($boat, $path, $loaded, $rest);
            if ($points !== []) {
                $profiles[] = new self($path->device, $path->bank(), $points);
            }
        }

        return $profiles;
    }

    /** @return list<ProfilePoint> */
    private static function walk(SolvedBoat $boat, Path $path, Solution $loaded, Solution $rest): array
    {
        if (! States::knows($path->bank()) || $loaded->at($path->device) === null) {
            return [];
        }
        [$plus, $minus] = [$path->plus()->name, $path->minus()->name];
        $volts = $rest->between($plus, $minus) ?? 0.0;
        $points = [
            new ProfilePoint(0.0, $volts, 0.0, $path->feed() === null ? 'converter at rest' : 'bank at rest', 0.0, ''),
        ];
        $metres = 0.0;
        $add = static function (string $label, string $plus, string $minus, float $length, float $area, string $run) use (&$points, &$volts, &$metres, $loaded): void {
            $now = $loaded->between($plus, $minus) ?? 0.0;
            $metres += $length;
            $points[] = new ProfilePoint($metres, $now, $volts - $now, $label, $area, $run);
            $volts = $now;
        };
        $add($path->feed() === null ? 'converter' : 'batteries and jumpers', $plus, $minus, 0.0, 0.0, '');
        $runs = array_map(static fn ($circuit): string => $circuit->id, $path->circuits);
        if ($path->device->leadGauge !== null) {
            $runs[] = $path->device->id;
        }
        foreach ($runs as $id) {
            if ($boat->runs[$id]->length === null) {
                return [];
            }
            foreach ($boat->states->circuit(State::Loaded)->segments($id) as $segment) {
                $add($segment->label, $segment->plus, $segment->minus, $segment->metres, $segment->areaMm2, $id);
            }
        }

        return $points;
    }
}
