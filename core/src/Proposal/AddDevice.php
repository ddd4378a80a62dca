<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\Plan\Bank;
use Dinghy\Plan\Block;
use Dinghy\Plan\DeviceKind;
use Dinghy\Plan\Feed;
use Dinghy\Plan\Patch;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Supply;
use Dinghy\Plan\Terminal;
use Dinghy\Protection\FuseFamily;
use Dinghy\Route\Ways;

/**
 * A device with the circuit that a rigger would give it: a branch of the nearest fuse block of its volts that has a free
 * circuit; a motor, and what no block suits, a feed of its own from a bank of its volts. Gauge and rating are left open,
 * so that they follow what is added later.
 */
final class AddDevice
{
    /** A; a blade fuse in a block takes no more */
    private const MOST_ON_A_BRANCH = 30.0;

    /** m, well inside what the rule of distance allows */
    private const FROM_POST = 0.15;

    /** A; what a tap may feed without a battery of its own */
    private const MOST_ON_A_TAP = 10.0;

    /** @param  \stdClass  $figures  a device as the plan file has it, without id and station */
    public static function to(Plan $plan, \stdClass $figures, ?string $station): Patch
    {
        $place = Place::at($plan, $station);
        $name = is_string($figures->name ?? null) ? $figures->name : 'device';
        $id = FreeId::like($plan, $name);
        $device = (object) ['id' => $id, ...get_object_vars($figures), ...$place];
        $patch = Patch::put("device:{$id}", $device);
        $kind = DeviceKind::tryFrom(is_string($figures->kind ?? null) ? $figures->kind : '') ?? DeviceKind::Other;
        $asks = new Asked($kind, self::number($figures, 'v_min'), self::number($figures, 'v_max'), self::number($figures, 'typical_a'), self::number($figures, 'peak_a'), isset($figures->fuse_a) ? self::number($figures, 'fuse_a') : null);
        $block = $kind === DeviceKind::Motor || $asks->peakAmps > self::MOST_ON_A_BRANCH ? null : self::nearestBlock($plan, $asks, $station);
        if ($block !== null) {
            $branch = FreeId::like($plan, "to {$name}");

            return $patch->and(Patch::put("branch:{$branch}", (object) [
                'id' => $branch, 'class' => $asks->class()->value, 'family' => FuseFamily::Blade->value, 'fuse_a' => $asks->makersFuse,
                'run' => (object) ['cable' => 'pair'], 'to' => (object) ['device' => $id],
            ], "block:{$block->id}"));
        }
        $from = self::supply($plan, $asks);

        return $from === null ? $patch : $patch->and(self::feed($plan, $asks, $from, "to {$name}", (object) ['device' => $id]));
    }

    /** @param  \stdClass  $to  {device} or {block} */
    public static function feed(Plan $plan, Asked $asks, \stdClass $from, string $name, \stdClass $to): Patch
    {
        $id = FreeId::like($plan, $name);
        $small = $asks->makersFuse !== null && $asks->makersFuse < FuseFamily::Breaker80->sizes()[0];

        return Patch::put("feed:{$id}", (object) [
            'id' => $id, 'class' => $asks->class()->value, 'from' => $from,
            'protection' => [(object) ($small
                ? ['family' => FuseFamily::Blade->value, 'rating_a' => null, 'from_source_m' => self::FROM_POST]
                : ['family' => FuseFamily::Breaker80->value, 'rating_a' => null, 'from_source_m' => self::FROM_POST, 'resets_itself' => false, 'trip_free' => true])],
            'switch' => true, 'run' => (object) [], 'to' => $to,
        ]);
    }

    private static function nearestBlock(Plan $plan, Asked $asks, ?string $station): ?Block
    {
        $ways = new Ways($plan->boat->ways);
        $nearest = null;
        $least = INF;
        foreach ($plan->blocks as $block) {
            $feeds = array_filter($plan->feeds, static fn (Feed $feed): bool => $feed->block === $block->id);
            $feed = array_values($feeds)[0] ?? null;
            $full = $block->circuits !== null && count($block->branches) >= $block->circuits;
            if ($feed === null || $full || ! $asks->takes($feed->supply->nominalVolts())) {
                continue;
            }
            $route = $station === null || $block->station === null ? null : $ways->shortest($block->station, $station);
            $length = $route === null ? PHP_FLOAT_MAX : $route->length;
            if ($length < $least) {
                [$nearest, $least] = [$block, $length];
            }
        }

        return $nearest;
    }

    /** @return \stdClass|null the "from" of a feed; null: no bank has its volts */
    private static function supply(Plan $plan, Asked $asks): ?\stdClass
    {
        $fitting = array_values(array_filter($plan->banks, static fn (Bank $bank): bool => $asks->takes($bank->nominalVolts())));
        // A motor takes the largest bank of its volts, anything else the smallest that no motor draws on.
        usort($fitting, static fn (Bank $a, Bank $b): int => $asks->kind === DeviceKind::Motor ? $b->capacityAh() <=> $a->capacityAh() : [$plan->feedsThrust($a), $a->capacityAh()] <=> [$plan->feedsThrust($b), $b->capacityAh()]);
        if ($fitting !== []) {
            return (object) ['bank' => $fitting[0]->id];
        }
        foreach ($plan->banks as $bank) {
            $tap = Terminal::of('tap:1', $bank);
            $negative = Terminal::of('neg', $bank);
            if ($tap !== null && $negative !== null && $asks->peakAmps <= self::MOST_ON_A_TAP && $asks->takes((new Supply($bank, $tap, $negative))->nominalVolts())) {
                return (object) ['bank' => $bank->id, 'plus' => 'tap:1'];
            }
        }

        return null;
    }

    private static function number(\stdClass $figures, string $key): float
    {
        $value = $figures->{$key} ?? 0;

        return is_int($value) || is_float($value) ? (float) $value : 0.0;
    }
}
