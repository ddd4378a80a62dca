<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Remedy;

use Dinghy\File\Patch;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Device;
use Dinghy\Plan\Feed;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\AddDevice;
use Dinghy\Proposal\CircuitRequirements;
use Dinghy\Rule\Remedy;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Wiring\Circuit;
use Dinghy\Wiring\Path;

/** Other posts that a device could be fed from: its feed, or that of its block, moved there; or a feed of its own. */
final class OtherSupply
{
    /**
     * @return iterable<Remedy> whole banks first, of them those that neither push nor start; then the lowest blocks of series banks
     */
    public static function of(SolvedBoat $solved, Path $path): iterable
    {
        foreach (self::supplies($solved) as [$says, $from, $volts]) {
            if ($volts < $path->device->minVolts || $volts > $path->device->maxVolts) {
                continue;
            }
            $feed = $path->feed();
            if ($feed !== null && ! self::isOn($feed, $from)) {
                yield new Remedy(
                    "Take {$solved->plan->called($feed)} from {$says}.",
                    Patch::set("feed:{$feed->id}", ['from' => $from]),
                );
            }
            $last = $path->circuits[count($path->circuits) - 1];
            if (count($path->circuits) > 1 || $feed === null) {
                yield new Remedy(
                    "Give {$path->device->label()} a feed of its own from {$says}.",
                    self::ownFeed($solved->plan, $path, $last, $from),
                );
            }
        }
    }

    /**
     * @param  Bank|null  $from  the bank that it is to leave; null: any
     * @return iterable<Remedy>
     */
    public static function ofDevice(SolvedBoat $solved, Device $device, ?Bank $from = null): iterable
    {
        foreach ($solved->wiring->pathsTo($device) as $path) {
            if ($from === null || $path->bank() === $from) {
                yield from self::of($solved, $path);
            }
        }
    }

    /** @return iterable<Remedy> */
    public static function ofFeed(SolvedBoat $solved, Feed $feed): iterable
    {
        foreach ($solved->wiring->paths as $path) {
            if ($path->feed() === $feed) {
                yield from self::of($solved, $path);
            }
        }
    }

    /** @return iterable<array{string, \stdClass, float}> in words, as a feed's "from", V nominal */
    private static function supplies(SolvedBoat $solved): iterable
    {
        $plan = $solved->plan;
        $starting = $plan->boat->engine === null ? null : $plan->bankOf($plan->boat->engine->battery);
        $banks = array_values($plan->banks);
        usort(
            $banks,
            static fn (Bank $a, Bank $b): int => ($a === $starting || $plan->feedsThrust($a)) <=> ($b === $starting || $plan->feedsThrust($b)),
        );
        foreach ($banks as $bank) {
            yield [$bank->label(), self::whole($bank), $bank->nominalVolts()];
        }
        foreach ($banks as $bank) {
            if (count($bank->strings) === 1 && count($bank->strings[0]) > 1) {
                $first = $bank->strings[0][0];
                yield [
                    $solved->called($first),
                    (object) ['bank' => $bank->id, 'plus' => 'tap:1', 'minus' => 'neg'],
                    $first->nominalVolts,
                ];
            }
        }
    }

    /** Strings in parallel give alike when they are taken off at opposite ends. */
    private static function whole(Bank $bank): \stdClass
    {
        $strings = count($bank->strings);

        return (object) ['bank' => $bank->id, ...match (true) {
            $strings === 1 => ['plus' => 'pos', 'minus' => 'neg'],
            $bank->shunt !== null => ['plus' => "pos@{$strings}", 'minus' => 'neg'],
            default => ['plus' => 'pos@1', 'minus' => "neg@{$strings}"],
        }];
    }

    private static function isOn(Feed $feed, \stdClass $from): bool
    {
        return $feed->supply->bank->id === $from->bank && $feed->supply->isTap() === ($from->plus === 'tap:1');
    }

    private static function ownFeed(Plan $plan, Path $path, Circuit $last, \stdClass $from): Patch
    {
        $lengths = array_map(static fn (Circuit $circuit): ?float => $circuit->length, $path->circuits);
        // Where the stations tell the way, its length is theirs to say; else it is as long as what it takes the place of.
        $run = $path->device->station !== null || in_array(null, $lengths, true)
            ? null
            : (object) ['length_m' => array_sum($lengths)];

        return Patch::remove($last->on())->and(
            AddDevice::feed(
                $plan,
                CircuitRequirements::ofDevice($path->device),
                $from,
                "direct to {$path->device->id}",
                (object) ['device' => $path->device->id],
                $run,
            ),
        );
    }
}
