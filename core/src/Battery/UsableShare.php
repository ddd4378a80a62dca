<?php

declare(strict_types=1);

namespace Dinghy\Battery;

/**
 * The share of its capacity that a battery gives in the cold: all from 25 °C up, straight down to 80 % (lead) or 88 %
 * (LiFePO4) at 0 °C and on, and never less than half. From memory, published by many makers.
 */
final class UsableShare
{
    private const WARM = 25.0;

    private const LEAD_AT_FREEZING = 0.80;

    private const LITHIUM_AT_FREEZING = 0.88;

    private const LEAST = 0.5;

    /** @return float 0.5–1 */
    public static function at(Chemistry $chemistry, float $celsius): float
    {
        $lost = 1 - ($chemistry->isLead() ? self::LEAD_AT_FREEZING : self::LITHIUM_AT_FREEZING);

        return max(self::LEAST, min(1.0, 1 - $lost * (self::WARM - $celsius) / self::WARM));
    }
}
