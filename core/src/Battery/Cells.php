<?php

declare(strict_types=1);

namespace Dinghy\Battery;

/**
 * How many cells stand in series behind a label: volts by charge and charging volts follow the cells, while percentages and
 * loads go by the label. Lead has 2 V a cell; LiFePO4 is sold as 12 or 12.8 V for the same four cells.
 */
final class Cells
{
    /** LiFePO4: cells by label, in tenths of a volt */
    private const LIFEPO4 = [120 => 4, 128 => 4, 240 => 8, 256 => 8, 360 => 12, 384 => 12, 480 => 16, 512 => 16];

    private const LEAD_VOLTS = 2.0;

    /** cells of the 12 V block that tables are made for */
    private const OF_LEAD_BLOCK = 6;

    private const OF_LIFEPO4_BLOCK = 4;

    /**
     * @param  float  $label  V that stand on the battery
     * @return int|null null: no such battery is known
     */
    public static function of(Chemistry $chemistry, float $label): ?int
    {
        if ($chemistry === Chemistry::LiFePO4) {
            $tenths = (int) round(10 * $label);

            return abs($label - $tenths / 10) < 1e-6 ? self::LIFEPO4[$tenths] ?? null : null;
        }
        $cells = (int) round($label / self::LEAD_VOLTS);

        return $chemistry->isLead() && $cells > 0 && abs($label - $cells * self::LEAD_VOLTS) < 1e-6 ? $cells : null;
    }

    /** @return float|null how many of the 12 V blocks that tables are made for; null: no such battery is known */
    public static function blocks(Chemistry $chemistry, float $label): ?float
    {
        $cells = self::of($chemistry, $label);

        return $cells === null ? null : $cells / ($chemistry->isLead() ? self::OF_LEAD_BLOCK : self::OF_LIFEPO4_BLOCK);
    }
}
