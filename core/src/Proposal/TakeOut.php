<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;
use Dinghy\Plan\ChargerOutput;
use Dinghy\Plan\Plan;

/** A part with everything that cannot stand without it: what would dangle goes too, what stands on its own stays. */
final class TakeOut
{
    /** @param  string  $on  kind:id */
    public static function of(Plan $plan, string $on): Patch
    {
        [$kind, $id] = [...explode(':', $on, 2), ''];
        $parts = match ($kind) {
            'device' => [...self::circuitsOf($plan, $id), $on],
            'block' => isset($plan->blocks[$id]) ? [...self::feedsTo($plan, $id), $on] : throw ProposalRefused::noSuch('block', $id),
            'bank' => self::bank($plan, $id),
            'feed', 'branch', 'charger', 'bond', 'way', 'hole', 'board', 'photograph' => [$on],
            'complaint', 'found', 'check' => [$on],
            'station' => self::station($plan, $id),
            default => throw ProposalRefused::because("A {$kind} cannot be taken out by itself."),
        };
        $patch = Patch::all([...ReferenceCleanup::of($plan, $kind, $id), ...array_map(Patch::remove(...), $parts)]);
        foreach ($kind === 'device' ? $plan->trip ?? [] : [] as $number => $phase) {
            if (isset($phase->on[$id])) {
                $patch = $patch->and(Patch::of([['on' => 'plan', 'unset' => ["trip.phases.{$number}.on.{$id}"]]]));
            }
        }

        return $patch;
    }

    /** @return non-empty-list<string> its ways, and itself */
    private static function station(Plan $plan, string $id): array
    {
        isset($plan->boat->stations[$id]) || throw ProposalRefused::noSuch('station', $id);
        $parts = [];
        foreach ($plan->boat->ways as $way) {
            if ($way->from === $id || $way->to === $id) {
                $parts[] = "way:{$way->id}";
            }
        }

        return [...$parts, "station:{$id}"];
    }

    /** @return list<string> */
    private static function circuitsOf(Plan $plan, string $device): array
    {
        if (! isset($plan->devices[$device])) {
            throw ProposalRefused::noSuch('device', $device);
        }
        $circuits = [];
        foreach ($plan->feeds as $feed) {
            if ($feed->device === $device) {
                $circuits[] = "feed:{$feed->id}";
            }
        }
        foreach ($plan->blocks as $block) {
            foreach ($block->branches as $branch) {
                if ($branch->device === $device) {
                    $circuits[] = "branch:{$branch->id}";
                }
            }
        }

        return $circuits;
    }

    /** @return list<string> what leads to a block: feeds, branches of others, converters */
    private static function feedsTo(Plan $plan, string $block): array
    {
        $feeds = [];
        foreach ($plan->feeds as $feed) {
            if ($feed->block === $block) {
                $feeds[] = "feed:{$feed->id}";
            }
        }
        foreach ($plan->blocks as $other) {
            foreach ($other->branches as $branch) {
                if ($branch->block === $block) {
                    $feeds[] = "branch:{$branch->id}";
                }
            }
        }
        foreach ($plan->chargers as $charger) {
            $to = array_filter($charger->blockOutputs(), static fn (ChargerOutput $output): bool => $output->block === $block);
            if ($to !== [] && count($to) < count($charger->outputs)) {
                throw ProposalRefused::because("Converter {$charger->id} feeds block {$block} and something else: take the converter out first.");
            }
            if ($to !== []) {
                $feeds[] = "charger:{$charger->id}";
            }
        }

        return $feeds;
    }

    /** @return non-empty-list<string> its feeds, bonds, chargers' whole, the bank, its batteries */
    private static function bank(Plan $plan, string $id): array
    {
        $bank = $plan->banks[$id] ?? throw ProposalRefused::noSuch('bank', $id);
        $parts = [];
        foreach ($plan->feedsOf($bank) as $feed) {
            $parts[] = "feed:{$feed->id}";
        }
        foreach ($plan->bonds as $bond) {
            if ($bond->from === $bank || $bond->to === $bank) {
                $parts[] = "bond:{$bond->id}";
            }
        }
        foreach ($plan->chargers as $charger) {
            $across = array_filter($charger->outputs, static fn (ChargerOutput $output): bool => array_filter($output->across, static fn ($battery): bool => in_array($battery, $bank->batteries(), true)) !== []);
            if ($across !== [] || $charger->inputFrom?->bank === $bank) {
                $parts[] = "charger:{$charger->id}";
            }
        }
        $parts[] = "bank:{$id}";
        foreach ($bank->batteries() as $battery) {
            if ($plan->boat->engine?->battery === $battery->id) {
                throw ProposalRefused::because("Battery {$battery->id} starts the engine: name another for it first.");
            }
            $parts[] = "battery:{$battery->id}";
        }

        return $parts;
    }
}
