<?php

declare(strict_types=1);

namespace Dinghy\Protection;

/**
 * How long a fuse or breaker of a family takes to open at a multiple of its rating. No two of a batch are alike: a fastest
 * and a slowest time are given. Blade fuses: ISO 8820-3, from memory. Strip, cartridge and breaker curves: from memory of
 * several makers' sheets, a working estimate. Between the points the curve is straight on double logarithmic paper; beyond
 * the last the energy I²t stays.
 */
final class OpeningTime
{
    /** multiple => fastest and slowest, s */
    private const BLADE = [
        [1.1, 360000.0, INF],
        [1.35, 0.75, 600.0],
        [1.6, 0.25, 50.0],
        [2.0, 0.15, 5.0],
        [3.5, 0.04, 0.5],
        [6.0, 0.02, 0.1],
    ];

    /** ISO 8820-3 type E, from memory */
    private const LARGE_BLADE = [
        [1.1, 360000.0, INF],
        [1.35, 60.0, 1800.0],
        [2.0, 2.0, 60.0],
        [3.5, 0.2, 7.0],
        [6.0, 0.04, 1.0],
    ];

    private const STRIP = [
        [1.1, 14400.0, INF],
        [1.35, 120.0, 1800.0],
        [2.0, 1.0, 15.0],
        [3.5, 0.3, 3.0],
        [6.0, 0.1, 1.0],
    ];

    private const CARTRIDGE = [
        [1.1, 14400.0, INF],
        [1.35, 60.0, 3600.0],
        [2.0, 3.0, 60.0],
        [3.5, 0.2, 2.0],
        [6.0, 0.02, 0.2],
    ];

    private const THERMAL_BREAKER = [
        [1.05, 3600.0, INF],
        [1.35, 60.0, 1800.0],
        [2.0, 9.0, 60.0],
        [3.5, 2.0, 12.0],
        [6.0, 0.5, 3.0],
    ];

    private const MAGNETIC_BREAKER = [
        [1.05, 3600.0, INF],
        [1.35, 10.0, 120.0],
        [2.0, 4.0, 40.0],
        [3.5, 1.0, 12.0],
        [6.0, 0.1, 2.0],
        [10.0, 0.01, 0.1],
    ];

    private function __construct(
        public readonly float $fastest,
        public readonly float $slowest,
    ) {
    }

    public static function of(FuseFamily $family, float $rating, float $amps): self
    {
        $curve = match ($family) {
            FuseFamily::Blade, FuseFamily::Blade58 => self::BLADE,
            FuseFamily::LargeBlade => self::LARGE_BLADE,
            FuseFamily::StripSmall, FuseFamily::StripSmall58, FuseFamily::BatteryPost, FuseFamily::StripLarge, FuseFamily::StripLarge80 => self::STRIP,
            FuseFamily::Cartridge => self::CARTRIDGE,
            FuseFamily::Breaker => self::THERMAL_BREAKER,
            FuseFamily::MagneticBreaker => self::MAGNETIC_BREAKER,
        };
        $multiple = $amps / $rating;
        if ($multiple < $curve[0][0]) {
            return new self(INF, INF);
        }
        $last = $curve[count($curve) - 1];
        if ($multiple >= $last[0]) {
            $energy = ($last[0] / $multiple) ** 2;

            return new self($last[1] * $energy, $last[2] * $energy);
        }
        $i = 1;
        while ($multiple >= $curve[$i][0]) {
            $i++;
        }
        [$low, $fastLow, $slowLow] = $curve[$i - 1];
        [$high, $fastHigh, $slowHigh] = $curve[$i];
        $share = log($multiple / $low) / log($high / $low);

        return new self(
            $fastLow * ($fastHigh / $fastLow) ** $share,
            is_infinite($slowLow) ? INF : $slowLow * ($slowHigh / $slowLow) ** $share,
        );
    }
}
