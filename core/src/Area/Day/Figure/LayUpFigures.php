<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Figure;

use Dinghy\LayUp\LayUp;
use Dinghy\Plan\Bank;
use Dinghy\Solving\Figures;
use Dinghy\Solving\SolvedBoat;

/** Every bank left alone between two trips, and over the winter. */
final readonly class LayUpFigures implements Figures
{
    /**
     * @param  array<string, LayUp>  $betweenTrips  by bank
     * @param  array<string, LayUp>  $winter  by bank
     */
    private function __construct(public array $betweenTrips, public array $winter)
    {
    }

    public static function of(SolvedBoat $boat): self
    {
        $rules = $boat->plan->houseRules;
        $through = static fn (float $days, float $celsius): array => array_map(
            static fn (Bank $bank): LayUp => LayUp::of($boat->wiring, $rules, $bank, $days, $celsius),
            $boat->plan->banks,
        );

        return new self($through($rules->layUpDays, $boat->plan->tripCelsius), $through($rules->winterDays, $rules->winterCelsius));
    }
}
