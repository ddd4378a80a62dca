<?php

declare(strict_types=1);

namespace Dinghy\Conductor;

use Dinghy\Source\Formula;

/**
 * The drop that a conductor is sized by: CM = K · I · L / E, K = 10.75 Ω·cmil/ft, L there and back in feet
 * [pub ABYC E-11, from memory]. A metric gauge has its own resistance in the place of K: the standard's maxima are up to
 * a seventh above what K makes of their area.
 */
final class SizingDrop
{
    /** Ω·cmil/ft of copper */
    private const K = 10.75;

    private const METRES_PER_FOOT = 0.3048;

    /**
     * @param  float  $metres  one way
     * @param  float  $celsius  of the conductor; K holds for 25 °C and is not changed by it
     * @return float volts lost there and back
     */
    public static function volts(Gauge $gauge, Metal $metal, float $amps, float $metres, float $celsius): float
    {
        if ($gauge->metric) {
            return 2 * $metres * $amps * Resistance::perMetre($gauge, $metal, $celsius);
        }
        $feetThereAndBack = 2 * $metres / self::METRES_PER_FOOT;

        return self::K * $metal->relativeToCopper() * $amps * $feetThereAndBack / $gauge->circularMils();
    }

    public static function formula(Gauge $gauge): Formula
    {
        return $gauge->metric
            ? Formula::fromMemory(
                'E = I · L · Ω/m, L there and back, Ω/m the standard\'s maximum for the size',
                'IEC 60228',
            )
            : Formula::fromMemory('E = '.self::K.' · I · L / CM', 'ABYC E-11 sizing formula');
    }
}
