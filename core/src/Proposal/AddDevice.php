<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;
use Dinghy\Plan\Plan;
use Dinghy\Protection\FuseFamily;

/**
 * A device with the circuit that a rigger would give it: a branch of the nearest fuse block of its volts that has a free
 * circuit; a motor, and what no block suits, a feed of its own from a bank of its volts. Gauge and rating are left open,
 * so that they follow what is added later.
 */
final class AddDevice
{
    /** m, well inside what the rule of distance allows */
    private const FROM_POST = 0.15;

    /**
     * @param  \stdClass  $figures  a device as the plan file has it, without id and station
     * @param  CircuitOffer|null  $on  what it is hung on; null: what a rigger would take first
     */
    public static function to(Plan $plan, \stdClass $figures, ?string $station, ?CircuitOffer $on = null): Patch
    {
        $place = Place::at($plan, $station);
        $name = is_string($figures->name ?? null) ? $figures->name : 'device';
        $id = FreeId::like($plan, $name);
        $patch = Patch::put("device:{$id}", (object) ['id' => $id, ...get_object_vars($figures), ...$place]);
        $asks = CircuitRequirements::by($figures);
        $on ??= CircuitOffers::of($plan, $asks, $station, [])[0] ?? null;

        return $on === null ? $patch : $patch->and(self::circuit($plan, $asks, $on, $id, $name));
    }

    /** The circuit alone, for a device that is there. */
    public static function circuit(
        Plan $plan,
        CircuitRequirements $asks,
        CircuitOffer $on,
        string $device,
        string $name,
    ): Patch {
        if ($on->block === null) {
            return self::feed($plan, $asks, $on->from(), "to {$name}", (object) ['device' => $device]);
        }
        $id = FreeId::like($plan, "to {$name}");
        $branch = Patch::put("branch:{$id}", (object) [
            'id' => $id, 'class' => $asks->class()->value, 'family' => FuseFamily::Blade->value, 'fuse_a' => $asks->makersFuse,
            'run' => (object) ['cable' => 'pair'], 'to' => (object) ['device' => $device],
        ], "block:{$on->block}");

        return $on->circuits === null ? $branch : Patch::set(
            "block:{$on->block}",
            ['circuits' => $on->circuits],
        )->and($branch);
    }

    /**
     * @param  \stdClass  $to  {device} or {block}
     * @param  \stdClass|null  $run  what is known of it
     */
    public static function feed(
        Plan $plan,
        CircuitRequirements $asks,
        \stdClass $from,
        string $name,
        \stdClass $to,
        ?\stdClass $run = null,
    ): Patch {
        $id = FreeId::like($plan, $name);
        $small = $asks->makersFuse !== null && $asks->makersFuse < FuseFamily::MagneticBreaker->sizes()[0];

        return Patch::put("feed:{$id}", (object) [
            'id' => $id, 'class' => $asks->class()->value, 'from' => $from,
            'protection' => [(object) ($small
                ? ['family' => FuseFamily::Blade->value, 'rating_a' => null, 'from_source_m' => self::FROM_POST]
                : [
                    'family' => FuseFamily::MagneticBreaker->value,
                    'rating_a' => null,
                    'from_source_m' => self::FROM_POST,
                    'resets_itself' => false,
                    'trip_free' => true,
                ])],
            'switch' => true, 'run' => $run ?? (object) [], 'to' => $to,
        ]);
    }
}
