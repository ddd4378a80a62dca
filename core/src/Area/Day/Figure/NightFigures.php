<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Figure;

use Dinghy\Charging\Night;
use Dinghy\Solving\Figures;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Trip\BatteryCharge;

/** The night after the planned day. */
final readonly class NightFigures implements Figures
{
    /** @param  Night|null  $night  null: no day is planned, or nothing aboard feeds anything */
    private function __construct(public ?Night $night)
    {
    }

    public static function of(SolvedBoat $boat): self
    {
        $day = $boat->figures(DayFigures::class)->day;

        return new self($day === null ? null : new Night(
            $boat->plan,
            array_map(static fn (BatteryCharge $battery): float => $battery->charge, $day->batteries),
        ));
    }
}
