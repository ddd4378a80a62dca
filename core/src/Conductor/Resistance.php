<?php

declare(strict_types=1);

namespace Dinghy\Conductor;

/**
 * Resistance of a stranded conductor by physics, as the circuit and the meter see it.
 *
 * AWG: ρ₂₀ (1 + 0.00393 (T − 20)) · 1.02 / A [pub IEC 60028; 1.02 for stranding: pub ASTM B8, from memory]; tinned
 * +3 % to 2.5 mm², +2 % above. Metric copper: maxima of class 5 at 20 °C [pub IEC 60228, from memory].
 */
final class Resistance
{
    private const TEMPERATURE_COEFFICIENT = 0.00393;

    private const STRANDING = 1.02;

    /** Ω/km at 20 °C, plain and tinned, by size in mm² [pub IEC 60228 class 5, from memory]. */
    private const CLASS_5 = [
        '0.75' => [26.0, 26.7], '1' => [19.5, 20.0], '1.5' => [13.3, 13.7], '2.5' => [7.98, 8.21], '4' => [4.95, 5.09],
        '6' => [3.30, 3.39], '10' => [1.91, 1.95], '16' => [1.21, 1.24], '25' => [0.780, 0.795], '35' => [0.554, 0.565],
        '50' => [0.386, 0.393], '70' => [0.272, 0.277], '95' => [0.206, 0.210], '120' => [0.161, 0.164],
    ];

    /** @return float Ω per metre of one conductor at the given conductor temperature in °C */
    public static function perMetre(Gauge $gauge, Metal $metal, float $celsius): float
    {
        $at20 = $gauge->metric ? self::metric($gauge, $metal) : self::byFormula($gauge, $metal);

        return $at20 * self::warmth($celsius);
    }

    /** How many times as much as at 20 °C a conductor resists. */
    public static function warmth(float $celsius): float
    {
        return 1 + self::TEMPERATURE_COEFFICIENT * ($celsius - 20);
    }

    /** The formula for any gauge, which the standard's metric maxima are compared with. */
    public static function byFormula(Gauge $gauge, Metal $metal): float
    {
        $tinning = match (true) {
            $metal !== Metal::TinnedCopper => 1.0,
            $gauge->areaMm2 <= 2.5 => 1.03,
            default => 1.02,
        };

        return $metal->resistivity() * self::STRANDING * $tinning / ($gauge->areaMm2 * 1e-6);
    }

    private static function metric(Gauge $gauge, Metal $metal): float
    {
        [$plain, $tinned] = self::CLASS_5[$gauge->size()];

        return match ($metal) {
            Metal::TinnedCopper => $tinned / 1000,
            Metal::Copper => $plain / 1000,
            default => $plain / 1000 * $metal->relativeToCopper(),
        };
    }
}
