<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\Plan\Bank;
use Dinghy\Plan\Block;
use Dinghy\Plan\DeviceKind;
use Dinghy\Plan\Feed;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Supply;
use Dinghy\Plan\Terminal;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Route\Ways;

/**
 * What a new device can be hung on, as a rigger would take it first: the nearest fuse block of its volts with a free
 * circuit; a full one made larger; a feed of its own from a bank of its volts; for little current, a tap.
 */
final class CircuitOffers
{
    /** A; a blade fuse in a block takes no more */
    private const MOST_ON_A_BRANCH = 30.0;

    /** A; what a tap may feed without a battery of its own */
    private const MOST_ON_A_TAP = 10.0;

    /**
     * @param  list<int>  $sizes  circuits of the fuse blocks that can be had
     * @return list<CircuitOffer>
     */
    public static function of(Plan $plan, CircuitRequirements $asks, ?string $station, array $sizes): array
    {
        return [
            ...self::blocks($plan, $asks, $station, $sizes),
            ...self::banks($plan, $asks),
            ...self::taps($plan, $asks),
        ];
    }

    /** @param  list<int>  $sizes */
    public static function named(
        Plan $plan,
        CircuitRequirements $asks,
        ?string $station,
        array $sizes,
        string $name,
    ): CircuitOffer {
        foreach (self::of($plan, $asks, $station, $sizes) as $offer) {
            if ($offer->name() === $name) {
                return $offer;
            }
        }
        throw ProposalRefused::because('What it was to hang on cannot take it any more. Choose again.');
    }

    /**
     * @param  list<int>  $sizes
     * @return list<CircuitOffer>
     */
    private static function blocks(Plan $plan, CircuitRequirements $asks, ?string $station, array $sizes): array
    {
        if ($asks->kind === DeviceKind::Motor || $asks->peakAmps > self::MOST_ON_A_BRANCH) {
            return [];
        }
        $ways = new Ways($plan->boat->ways);
        $near = [];
        foreach ($plan->blocks as $block) {
            $feeds = array_filter($plan->feeds, static fn (Feed $feed): bool => $feed->block === $block->id);
            $feed = array_values($feeds)[0] ?? null;
            if ($feed === null || ! $asks->takes($feed->supply->nominalVolts())) {
                continue;
            }
            $route = $station === null || $block->station === null ? null : $ways->shortest($block->station, $station);
            $near[$block->id] = $route === null ? PHP_FLOAT_MAX : $route->length;
        }
        asort($near);
        $free = $full = [];
        foreach (array_keys($near) as $id) {
            $block = $plan->blocks[$id];
            if ($block->circuits === null || count($block->branches) < $block->circuits) {
                $free[] = CircuitOffer::circuit(
                    $block,
                    $block->circuits === null ? null : $block->circuits - count($block->branches),
                );
            } else {
                $full[] = self::larger($block, $sizes);
            }
        }

        return [...$free, ...array_values(array_filter($full))];
    }

    /** @param  list<int>  $sizes */
    private static function larger(Block $block, array $sizes): ?CircuitOffer
    {
        $larger = array_filter($sizes, static fn (int $size): bool => $size > count($block->branches));

        return $larger === [] ? null : CircuitOffer::larger($block, count($block->branches), min($larger));
    }

    /** @return list<CircuitOffer> */
    private static function banks(Plan $plan, CircuitRequirements $asks): array
    {
        $fitting = array_values(
            array_filter($plan->banks, static fn (Bank $bank): bool => $asks->takes($bank->nominalVolts())),
        );
        // A motor takes the largest bank of its volts, anything else the smallest that no motor draws on.
        usort(
            $fitting,
            static fn (Bank $a, Bank $b): int => $asks->kind === DeviceKind::Motor ? $b->capacityAh() <=> $a->capacityAh() : [
                $plan->feedsThrust($a),
                $a->capacityAh(),
            ] <=> [$plan->feedsThrust($b), $b->capacityAh()],
        );

        return array_map(
            static fn (Bank $bank): CircuitOffer => CircuitOffer::feed(
                $bank,
                null,
                self::volts($bank->nominalVolts()),
            ),
            $fitting,
        );
    }

    /** @return list<CircuitOffer> */
    private static function taps(Plan $plan, CircuitRequirements $asks): array
    {
        $taps = [];
        foreach ($plan->banks as $bank) {
            $tap = Terminal::of('tap:1', $bank);
            $negative = Terminal::of('neg', $bank);
            $volts = $tap === null || $negative === null ? null : (new Supply($bank, $tap, $negative))->nominalVolts();
            if ($volts !== null && count($bank->strings[0]) > 1 && $asks->peakAmps <= self::MOST_ON_A_TAP && $asks->takes($volts)) {
                $taps[] = CircuitOffer::feed($bank, 'tap:1', self::volts($volts));
            }
        }

        return $taps;
    }

    private static function volts(float $volts): string
    {
        return QuantityFormatter::trim($volts, 1).' V';
    }
}
