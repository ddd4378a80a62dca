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
        return $battery->internalOhms ?? self::typical($battery->chemistry, $battery->capacityAh, $battery->nominalVolts, $battery->crankingAmps, $use);
    }

    /**
     * By what its label says.
     *
     * @param  float|null  $capacityAh  null: not known
     * @param  float  $nominalVolts  on the label of the whole block
     * @param  'sag'|'short'  $use
     * @return float|null Ω; null: no estimate for this chemistry, or the label says neither
     */
    public static function typical(Chemistry $chemistry, ?float $capacityAh, float $nominalVolts, ?float $crankingAmps, string $use): ?float
    {
        $blocks = Cells::blocks($chemistry, $nominalVolts);
        if ($blocks === null) {
            return null;
        }
        if ($chemistry->isLead() && $crankingAmps !== null) {
            return 0.6 * (12.6 - 7.2) / $crankingAmps * $blocks;
        }
        $block = $chemistry->typicalResistance();

        return $block === null || $capacityAh === null ? null : $block[$use] * 100 / $capacityAh * $blocks;
    }
}
