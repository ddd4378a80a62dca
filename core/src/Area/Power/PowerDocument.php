<?php

declare(strict_types=1);

namespace Dinghy\Area\Power;

use Dinghy\Area\Power\Figure\BankFigures;
use Dinghy\Area\Power\Figure\DeviceVolts;
use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\Circuit\Sharing;
use Dinghy\Circuit\State;
use Dinghy\Metering\MeterPoint;
use Dinghy\Overcurrent\WarmWires;
use Dinghy\Plan\Battery;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Wiring\GaugeOption;
use Dinghy\Wiring\SizedRun;
use Dinghy\Wiring\SizingMethods;

/** Runs, banks, devices and meter points, as the evaluation document has them. */
final class PowerDocument
{
    /** @return array<string, list<array<string, mixed>>> by key of the document */
    public static function of(SolvedBoat $boat): array
    {
        $figures = $boat->figures(PowerFigures::class);

        return [
            'runs' => array_map(static fn (SizedRun $run): array => self::run($run, $boat), array_values($boat->runs)),
            'banks' => array_map(
                static fn (BankFigures $bank): array => self::bank($bank, $boat->words),
                $figures->banks,
            ),
            'devices' => array_map(
                static fn (DeviceVolts $volts): array => self::device($volts, $boat->warm),
                $figures->devices,
            ),
            'meter_points' => array_map(self::meterPoint(...), $figures->meterPoints),
        ];
    }

    /** @return array<string, mixed> */
    private static function run(SizedRun $run, SolvedBoat $boat): array
    {
        $methods = SizingMethods::of($run);
        $knowsShorts = $boat->knowsShorts($run);

        return [
            'id' => $run->id,
            'of' => $run->kind->value,
            'label' => $run->circuit === null ? 'factory lead' : $run->circuit->label,
            'length_m' => $run->length,
            'current_a' => $run->amps,
            'peak_a' => $run->peakAmps,
            'gauge' => $run->gauge->name,
            'gauge_chosen' => $run->gaugeChosen,
            'area_mm2' => $run->gauge->areaMm2,
            'drop_v' => $run->drop,
            'drop_pct' => $run->dropPercent,
            'drop_physics_v' => $run->option($run->gauge->name)?->physicalDrop,
            'limit_pct' => $run->limitPercent,
            'ampacity_a' => $run->ampacity,
            'bundled' => $run->circuit?->bundled,
            'bundled_counted' => $boat->bundles->together[$run->id] ?? null,
            'protection_a' => $run->firstRating(),
            'protection_chosen' => $run->protection !== [] && $run->protection[0]->chosen,
            'alternatives' => array_map(self::option(...), $run->options()),
            'band_chart_gauge' => $run->bandChart?->name,
            'makers_gauge' => $methods->makers?->name,
            'schools' => $methods->difference($boat->words),
            'far_short_a' => $knowsShorts ? $boat->states->shortAtFarEnd($run) : null,
            'far_short_least_a' => $knowsShorts ? $boat->states->leastShortAtFarEnd($run) : null,
        ];
    }

    /** @return array<string, mixed> */
    private static function option(GaugeOption $option): array
    {
        return [
            'gauge' => $option->gauge->name,
            'area_mm2' => $option->gauge->areaMm2,
            'drop_v' => $option->drop,
            'drop_physics_v' => $option->physicalDrop,
            'drop_pct' => $option->dropPercent,
            'path_drop_pct' => $option->pathDropPercent,
            'max_length_m' => $option->longest,
            'ampacity_a' => $option->ampacity,
            'protection_a' => $option->rating,
            'heat_w' => $option->heat,
            'copper_kg' => $option->kilograms,
            'ok' => $option->fits,
        ];
    }

    /** @return array<string, mixed> */
    private static function bank(BankFigures $figures, QuantityFormatter $words): array
    {
        $shares = [];
        foreach ($figures->shares ?? [] as $battery => $amps) {
            $shares[] = ['battery' => $battery, 'amps' => $amps];
        }

        return [
            'id' => $figures->bank->id,
            'nominal_v' => $figures->bank->nominalVolts(),
            'capacity_ah' => $figures->bank->capacityAh(),
            'rested_v' => $figures->restedVolts,
            'energy_wh' => $figures->bank->nominalVolts() * $figures->bank->capacityAh(),
            'short_circuit_a' => $figures->shortCircuitAmps,
            'shares' => $shares,
            'busiest' => $figures->shares === null ? null : Sharing::busiest($figures->bank, $figures->shares),
            'batteries' => array_map(
                static fn (Battery $battery): array => [
                    'id' => $battery->id,
                    'number' => $figures->bank->numberOf($battery, $words->countedFrom),
                    'size_mm' => $battery->size,
                ],
                $figures->bank->batteries(),
            ),
            'mass_kg' => $figures->bank->kilograms(),
            'standby_a' => $figures->standby->amps,
            'days_to_floor' => $figures->standby->daysToFloor,
        ];
    }

    /** @return array<string, mixed> */
    private static function device(DeviceVolts $volts, WarmWires $warm): array
    {
        return [
            'id' => $volts->device->id,
            'path_drop_v' => $volts->pathDrop,
            'path_drop_pct' => $volts->pathDropPercent,
            'limit_pct' => $volts->limitPercent,
            'volts_rest' => $volts->rest,
            'volts_loaded' => $volts->loaded,
            'volts_lowest' => $volts->lowest,
            'volts_loaded_warm' => $volts->loaded === null ? null : $warm->at($volts->device),
        ];
    }

    /** @return array<string, mixed> */
    private static function meterPoint(MeterPoint $point): array
    {
        return [
            'id' => $point->id,
            'plus' => (string) $point->plus,
            'minus' => (string) $point->minus,
            'label' => $point->label,
            'state' => State::Rest->value,
            'expect_v' => $point->expect,
            'low_v' => $point->low,
            'high_v' => $point->high,
            'note' => $point->note,
        ];
    }
}
