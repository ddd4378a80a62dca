<?php

declare(strict_types=1);

namespace Dinghy\Battery;

use Dinghy\Plan\Battery;

/**
 * Internal resistance of a battery in Ω: the maker's figure; else, for lead, from the cranking amps,
 * 0.6 × (12.6 − 7.2)/CCA a 12 V block; else by chemistry and capacity [cp, working estimate].
 */
final class InternalResistance
{
    /** Ω while it feeds a load; null: neither given nor to be estimated. */
    public static function sag(Battery $battery): ?float
    {
        return self::of($battery, 'sag');
    }

    /** Ω into a short circuit; null: neither given nor to be estimated. */
    public static function short(Battery $battery): ?float
    {
        return self::of($battery, 'short');
    }

    /** @param  'sag'|'short'  $use */
    private static function of(Battery $battery, string $use): ?float
    {
        if ($battery->internalOhms !== null) {
            return $battery->internalOhms;
        }
        $blocks = $battery->nominalVolts / 12;
        if ($battery->chemistry->isLead() && $battery->crankingAmps !== null) {
            return 0.6 * (12.6 - 7.2) / $battery->crankingAmps * $blocks;
        }
        $typical = $battery->chemistry->typicalResistance();

        return $typical === null ? null : $typical[$use] * 100 / $battery->capacityAh * $blocks;
    }
}
