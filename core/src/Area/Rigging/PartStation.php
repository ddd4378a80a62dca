<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Plan\Plan;

/** Where a part of the boat is worked on. */
final class PartStation
{
    /**
     * @param  string  $part  as "battery:b1"
     * @return string|null a station; null: nobody has said
     */
    public static function of(Plan $plan, string $part): ?string
    {
        [$kind, $id] = explode(':', $part, 2);

        return match ($kind) {
            'battery' => $plan->batteries[$id]->station,
            'bank' => $plan->banks[$id]->batteries()[0]->station,
            'block' => $plan->blocks[$id]->station,
            'device' => $plan->devices[$id]->station,
            'charger' => self::ofCharger($plan, $id),
            default => null,
        };
    }

    /** A charger hangs beside the first block that it charges, or beside the fuse block that it feeds. */
    private static function ofCharger(Plan $plan, string $id): ?string
    {
        $first = $plan->chargers[$id]->outputs[0] ?? null;

        return match (true) {
            $first === null => null,
            $first->block !== null => $plan->blocks[$first->block]->station,
            default => $first->across[0]->station,
        };
    }
}
