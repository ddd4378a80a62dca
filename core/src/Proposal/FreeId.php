<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\Plan\Plan;

/** Ids for new parts: short, telling, used by nothing else in the plan. */
final class FreeId
{
    private const LONGEST = 32;

    public static function like(Plan $plan, string $name): string
    {
        $slug = trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($name)), '-');
        $slug = rtrim(substr($slug === '' ? 'part' : $slug, 0, self::LONGEST), '-');
        $taken = self::taken($plan);
        for ($number = 2, $id = $slug; isset($taken[$id]); $number++) {
            $id = "{$slug}-{$number}";
        }

        return $id;
    }

    /** @return array<string, true> */
    private static function taken(Plan $plan): array
    {
        $taken = [];
        foreach ([$plan->batteries, $plan->banks, $plan->feeds, $plan->blocks, $plan->devices, $plan->chargers, $plan->boat->stations, $plan->holes, $plan->boards, $plan->survey->complaints ?? [], $plan->survey->batteries ?? [], $plan->survey->pathChecks ?? [], $plan->survey->photographs ?? []] as $parts) {
            $taken += array_fill_keys(array_map(strval(...), array_keys($parts)), true);
        }
        foreach ($plan->blocks as $block) {
            foreach ($block->branches as $branch) {
                $taken[$branch->id] = true;
            }
        }
        foreach ($plan->banks as $bank) {
            foreach ($bank->jumpers ?? [] as $jumper) {
                $taken[$jumper->id] = true;
            }
        }
        foreach ([...$plan->boat->ways, ...$plan->bonds] as $part) {
            $taken[$part->id] = true;
        }

        return $taken;
    }
}
