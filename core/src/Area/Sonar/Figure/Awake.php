<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Figure;

use Dinghy\Plan\Device;
use Dinghy\Solving\SolvedBoat;

/** A box that does not sleep while nobody uses the boat, and how long its bank lasts with all that stay awake on it. */
final readonly class Awake
{
    /** °C that a boat at her mooring is taken to be at */
    private const MOORED = 20.0;

    /**
     * @param  float  $amps  A that it draws all the same
     * @param  string  $bank  that it draws on
     * @param  float|null  $hours  until the bank is flat, from full; null: its chemistry's law is only its maker's to know
     */
    private function __construct(
        public string $device,
        public float $amps,
        public string $bank,
        public ?float $hours,
    ) {
    }

    /** @return list<self> the shortest first */
    public static function allOf(SolvedBoat $boat, SonarFigures $figures): array
    {
        $amps = $banks = [];
        foreach (self::awake($boat, $figures) as $id => $device) {
            $bank = $boat->wiring->lowestPathTo($device)?->bank();
            if ($bank !== null) {
                $banks[$id] = $bank;
                $amps[$id] = $device->standbyAmps > 0 ? $device->standbyAmps : $device->typicalAmps;
            }
        }
        $awake = [];
        foreach ($banks as $id => $bank) {
            $drawn = array_sum(array_intersect_key($amps, array_filter($banks, static fn ($other): bool => $other === $bank)));
            $hours = array_map(static fn ($battery): ?float => $battery->hoursToFloor($drawn / count($bank->strings), 0.0, self::MOORED), $bank->batteries());
            $awake[] = new self((string) $id, $amps[$id], $bank->id, in_array(null, $hours, true) || $drawn <= 0 ? null : min($hours));
        }
        usort($awake, static fn (self $a, self $b): int => [$a->hours ?? INF, $a->device] <=> [$b->hours ?? INF, $b->device]);

        return $awake;
    }

    /** @return array<string, Device> by id: those that never sleep, and those that such a one keeps awake over the network */
    private static function awake(SolvedBoat $boat, SonarFigures $figures): array
    {
        $awake = [];
        foreach ($figures->network->devices as $id => $side) {
            if ($side->wakes === 'always') {
                $awake[$id] = $boat->plan->devices[$id];
                foreach (array_keys($figures->cabling->reachedFrom((string) $id)) as $other) {
                    if ($figures->network->devices[$other]->wakes === 'by-network') {
                        $awake[$other] = $boat->plan->devices[$other];
                    }
                }
            }
        }

        return $awake;
    }
}
