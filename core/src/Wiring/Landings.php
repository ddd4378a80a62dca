<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Plan\Bank;
use Dinghy\Plan\Plan;

/** Every ring terminal on every battery post and shunt of a plan. */
final class Landings
{
    /** @return list<Landing> */
    public static function of(Plan $plan): array
    {
        $landings = [];
        foreach ($plan->banks as $bank) {
            array_push($landings, ...self::ofBank($bank));
        }
        foreach ($plan->feeds as $feed) {
            $minus = $feed->supply->minusEnd();
            $landings[] = new Landing($feed->supply->plusPost(), $feed->lug->fromHole, "feed {$feed->id}", "feed:{$feed->id}", 'plus_hole');
            $landings[] = new Landing($minus, $feed->lug->toHole, "feed {$feed->id}", "feed:{$feed->id}", 'minus_hole');
        }
        foreach ($plan->bonds as $bond) {
            $landings[] = new Landing($bond->from->negativePost(), null, "bond {$bond->id}", "bond:{$bond->id}", null);
            $landings[] = new Landing($bond->to->negativePost(), null, "bond {$bond->id}", "bond:{$bond->id}", null);
        }
        foreach ($plan->chargers as $charger) {
            foreach ($charger->batteryOutputs() as $output) {
                $bank = $plan->bankOf($output->across[0]->id);
                $minus = $output->across[0]->id.'-';
                $minus = $bank?->minusEnd($minus, $output->pastShunt) ?? $minus;
                // An alternator without a lead of its own charges through the starter's cables.
                if ($charger->input === 'alternator' && $output->leadGauge === null && $plan->boat->engine?->battery === $output->across[0]->id) {
                    continue;
                }
                $landings[] = new Landing($output->across[count($output->across) - 1]->id.'+', null, "charger {$charger->id}", "charger:{$charger->id}", null);
                $landings[] = new Landing($minus, null, "charger {$charger->id}", "charger:{$charger->id}", null);
            }
        }
        foreach ($plan->chargers as $charger) {
            foreach ($charger->inputFrom === null ? [] : [$charger->inputFrom->plusPost(), $charger->inputFrom->minusEnd()] as $post) {
                $landings[] = new Landing($post, null, "input of {$charger->id}", "charger:{$charger->id}", null);
            }
        }
        if ($plan->boat->engine !== null) {
            foreach (['+', '-'] as $side) {
                $landings[] = new Landing($plan->boat->engine->battery.$side, null, 'engine', 'plan', null);
            }
        }

        return $landings;
    }

    /** The part that a post belongs to, as a patch names it. */
    public static function partOf(string $post): string
    {
        return str_ends_with($post, ':shunt') ? 'bank:'.substr($post, 0, -6) : 'battery:'.substr($post, 0, -1);
    }

    /** @return string|null size of the stud of a post; null: unknown */
    public static function studAt(Plan $plan, string $post): ?string
    {
        if (str_ends_with($post, ':shunt')) {
            return $plan->banks[substr($post, 0, -6)]->shunt?->stud;
        }
        $battery = $plan->batteries[substr($post, 0, -1)];

        return str_ends_with($post, '+') ? $battery->positiveStud : $battery->negativeStud;
    }

    /** @return list<Landing> */
    private static function ofBank(Bank $bank): array
    {
        $landings = [];
        foreach ($bank->wires() as $wire) {
            $on = $bank->jumpers === null ? "bank:{$bank->id}" : "jumper:{$wire->id}";
            $field = $bank->jumpers === null ? 'jumper.' : '';
            $landings[] = new Landing($wire->from, $wire->lug->fromHole, 'jumper', $on, $field.'from_hole');
            $landings[] = new Landing($wire->to, $wire->lug->toHole, 'jumper', $on, $field.'to_hole');
        }
        if ($bank->shunt !== null) {
            $landings[] = new Landing($bank->negativePost(), null, 'shunt', "bank:{$bank->id}", null);
        }

        return $landings;
    }
}
