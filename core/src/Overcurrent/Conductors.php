<?php

declare(strict_types=1);

namespace Dinghy\Overcurrent;

use Dinghy\Circuit\ChargerElements;
use Dinghy\Conductor\Ampacity;
use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Metal;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Bond;
use Dinghy\Plan\Charger;
use Dinghy\Plan\HouseRules;
use Dinghy\Plan\Jumper;
use Dinghy\Plan\Plan;
use Dinghy\Wiring\SizedRun;

/** Every conductor of a plan that current goes through. */
final class Conductors
{
    /**
     * @param  array<string, SizedRun>  $runs  by id
     * @return list<PlacedConductor>
     */
    public static function of(Plan $plan, array $runs): array
    {
        $conductors = array_map(
            static fn (SizedRun $run): PlacedConductor => self::run($plan, $run),
            array_values($runs),
        );
        foreach ($plan->banks as $bank) {
            foreach ($bank->wires() as $number => $wire) {
                $conductors[] = self::jumper($plan, $bank, $wire, $number);
            }
        }
        foreach ($plan->bonds as $bond) {
            $conductors[] = self::bond($plan, $bond);
        }
        foreach ($plan->chargers as $charger) {
            foreach (array_keys($charger->outputs) as $number) {
                $lead = self::lead($plan, $charger, $number);
                if ($lead !== null) {
                    $conductors[] = $lead;
                }
            }
        }

        return $conductors;
    }

    public static function run(Plan $plan, SizedRun $run): PlacedConductor
    {
        return $run->circuit === null
            ? new PlacedConductor(
                "device:{$run->id}",
                "factory lead of {$plan->devices[$run->id]->label()}",
                $run->gauge,
                $run->ampacity,
                ["{$run->id}/+lead", "{$run->id}/-lead"],
                $run,
            )
            : new PlacedConductor(
                $run->circuit->on(),
                '',
                $run->gauge,
                $run->ampacity,
                ["{$run->id}/+wire", "{$run->id}/-wire"],
                $run,
                'run.gauge',
            );
    }

    /** @param  int  $number  of the wire in its bank, from 0 */
    public static function jumper(Plan $plan, Bank $bank, Jumper $wire, int $number): PlacedConductor
    {
        return new PlacedConductor("bank:{$bank->id}", 'jumper '.($number + 1)." of {$bank->label()}", $wire->gauge, self::ampacity(
            $plan->houseRules,
            $wire->gauge,
        ), [$wire->id],
            null, $bank->jumpers === null ? 'jumper.gauge' : "jumpers.{$number}.gauge");
    }

    public static function bond(Plan $plan, Bond $bond): PlacedConductor
    {
        return new PlacedConductor(
            "bond:{$bond->id}",
            $bond->label(),
            $bond->gauge,
            self::ampacity($plan->houseRules, $bond->gauge),
            [$bond->id],
            null,
            'gauge',
        );
    }

    /** @return PlacedConductor|null null: its lead is its own, no wire of the boat's */
    public static function lead(Plan $plan, Charger $charger, int $number): ?PlacedConductor
    {
        $output = $charger->outputs[$number];

        return $output->leadGauge === null ? null : new PlacedConductor(
            "charger:{$charger->id}", 'lead of output '.($number + 1)." of {$charger->label()}", $output->leadGauge, self::ampacity(
                $plan->houseRules,
                $output->leadGauge,
            ),
            [
                ChargerElements::lead($charger, $number, '+'),
                ChargerElements::lead($charger, $number, '-'),
            ], null, "outputs.{$number}.lead.gauge",
        );
    }

    public static function ampacity(HouseRules $rules, Gauge $gauge): ?float
    {
        return Ampacity::of($gauge, Metal::TinnedCopper, $rules->insulation, $rules->ambient, false, 1);
    }
}
