<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Figure;

use Dinghy\Plan\Bank;
use Dinghy\Plan\Device;
use Dinghy\Solving\Figures;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Trip\Day;

/** What the electronics get of the planned day: whether they last, how low their volts go, and which restart when the engine is started. */
final readonly class ElectronicsDay implements Figures
{
    /**
     * @param  float|null  $out  min from the start at which the first of them gives out; null: none does
     * @param  float|null  $floor  min from the start at which a battery that feeds them is at its floor; null: none is
     * @param  float|null  $leastVolts  V at the lowest of them while it draws; null: none draws
     * @param  list<Device>  $restart  those that fall below their minimum while the engine is cranked in the day
     */
    private function __construct(public ?float $out, public ?float $floor, public ?float $leastVolts, public array $restart)
    {
    }

    public static function of(SolvedBoat $boat): self
    {
        $day = $boat->figures(DayFigures::class)->day;
        $electronics = array_filter($boat->plan->consumers, static fn (Device $device): bool => $device->kind->isElectronics());
        if ($day === null) {
            return new self(null, null, null, []);
        }
        $outs = $least = [];
        foreach (array_intersect_key($day->devices, $electronics) as $use) {
            $use->outAt === null || $outs[] = $use->outAt;
            $use->leastVolts === null || $least[] = $use->leastVolts;
        }

        return new self($outs === [] ? null : min($outs), self::floor($boat, $day), $least === [] ? null : min($least), self::restarts($boat, $day, $electronics));
    }

    private static function floor(SolvedBoat $boat, Day $day): ?float
    {
        $first = null;
        foreach ($boat->plan->banks as $bank) {
            foreach (self::feeds($boat, $bank) ? $bank->batteries() : [] as $battery) {
                $at = $day->batteries[$battery->id]->toFloor;
                $first = $at === null ? $first : min($first ?? INF, $at);
            }
        }

        return $first;
    }

    private static function feeds(SolvedBoat $boat, Bank $bank): bool
    {
        return array_filter($boat->devicesOn($bank), static fn (Device $device): bool => $device->kind->isElectronics()) !== [];
    }

    /**
     * @param  array<string, Device>  $electronics
     * @return list<Device>
     */
    private static function restarts(SolvedBoat $boat, Day $day, array $electronics): array
    {
        if ($boat->plan->boat->engine?->crankingAmps === null) {
            return [];
        }

        return array_column((new Homecoming($boat, $day, $boat->plan->trip ?? []))->restarts($electronics), 0);
    }
}
