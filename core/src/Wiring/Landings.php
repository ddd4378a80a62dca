<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Plan\Bank;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Post;

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
            $landings[] = new Landing(
                $feed->supply->plusPost(),
                $feed->lug->fromHole,
                $plan->called($feed),
                "feed:{$feed->id}",
                'plus_hole',
            );
            $landings[] = new Landing($minus, $feed->lug->toHole, $plan->called($feed), "feed:{$feed->id}", 'minus_hole');
        }
        foreach ($plan->bonds as $bond) {
            $landings[] = new Landing($bond->from->negativePost(), $bond->fromHole, $bond->label(), "bond:{$bond->id}", 'from_hole');
            $landings[] = new Landing($bond->to->negativePost(), $bond->toHole, $bond->label(), "bond:{$bond->id}", 'to_hole');
        }
        foreach ($plan->chargers as $charger) {
            foreach ($charger->batteryOutputs() as $number => $output) {
                $bank = $plan->bankOf($output->across[0]->id);
                $minus = $output->across[0]->minus();
                $minus = $bank?->minusEnd($minus, $output->pastShunt) ?? $minus;
                // An alternator without a lead of its own charges through the starter's cables.
                if ($charger->input === 'alternator' && $output->leadGauge === null && $plan->boat->engine?->battery === $output->across[0]->id) {
                    continue;
                }
                $landings[] = new Landing(
                    $output->across[count($output->across) - 1]->plus(),
                    $output->plusHole,
                    $charger->label(),
                    "charger:{$charger->id}",
                    "outputs.{$number}.lead.plus_hole",
                );
                $landings[] = new Landing($minus, $output->minusHole, $charger->label(), "charger:{$charger->id}", "outputs.{$number}.lead.minus_hole");
            }
        }
        foreach ($plan->chargers as $charger) {
            foreach ($charger->inputFrom === null ? [] : [$charger->inputFrom->plusPost(), $charger->inputFrom->minusEnd()] as $post) {
                $landings[] = new Landing($post, null, "input of {$charger->label()}", "charger:{$charger->id}", null);
            }
        }
        if ($plan->boat->engine !== null) {
            foreach ([Post::plus($plan->boat->engine->battery), Post::minus($plan->boat->engine->battery)] as $post) {
                $landings[] = new Landing($post, null, 'engine', 'plan', null);
            }
        }

        return $landings;
    }

    /** The part that a post belongs to, as a patch names it. */
    public static function partOf(Post $post): string
    {
        return ($post->isShunt() ? 'bank:' : 'battery:').$post->part;
    }

    /** The field of that part that says the size of its stud. */
    public static function studField(Post $post): string
    {
        return match (true) {
            $post->isShunt() => 'shunt.stud',
            $post->isPlus() => 'stud_pos',
            default => 'stud_neg',
        };
    }

    /** @return string|null size of the stud of a post; null: unknown */
    public static function studAt(Plan $plan, Post $post): ?string
    {
        if ($post->isShunt()) {
            return $plan->banks[$post->part]->shunt?->stud;
        }
        $battery = $plan->batteries[$post->part];

        return $post->isPlus() ? $battery->positiveStud : $battery->negativeStud;
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
