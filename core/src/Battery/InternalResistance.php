<?php

declare(strict_types=1);

namespace Dinghy\Battery;

/**
 * Internal resistance of a battery whose maker gives none, in Ω: for lead from the cranking amps,
 * 0.6 × (12.6 − 7.2)/CCA a 12 V block; else by chemistry and capacity [cp, working estimate].
 */
final class InternalResistance
{
    /**
     * By what its label says.
     *
     * @param  float|null  $capacityAh  null: not known
     * @param  float  $nominalVolts  on the label of the whole block
     * @param  'sag'|'short'  $use
     * @return float|null Ω; null: no estimate for this chemistry, or the label says neither
     */
    public static function typical(
        Chemistry $chemistry,
        ?float $capacityAh,
        float $nominalVolts,
        ?float $crankingAmps,
        string $use,
    ): ?float {
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
