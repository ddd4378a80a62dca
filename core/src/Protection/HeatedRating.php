<?php

declare(strict_types=1);

namespace Dinghy\Protection;

/**
 * What a fuse or breaker still carries of its rating in a hot place: a thermal breaker, calibrated at 25 to 40 °C, some
 * 0.85 at 50 °C and 0.75 at 65 °C; a blade fuse 0.93 at 50 °C [cp, the part's own sheet prevails]. Straight lines between
 * and on; of other families nothing is known, and nothing is taken off.
 */
final class HeatedRating
{
    /** °C and the share of its rating */
    private const THERMAL_BREAKER = [[40.0, 1.0], [50.0, 0.85], [65.0, 0.75]];

    private const BLADE = [[30.0, 1.0], [50.0, 0.93]];

    /** @return float A */
    public static function of(FuseFamily $family, float $rating, float $celsius): float
    {
        $points = match ($family) {
            FuseFamily::Breaker => self::THERMAL_BREAKER,
            FuseFamily::Blade, FuseFamily::Blade58, FuseFamily::LargeBlade => self::BLADE,
            default => [],
        };
        for ($at = 1; $at < count($points); $at++) {
            if ($celsius > $points[$at - 1][0] && ($celsius <= $points[$at][0] || $at === count($points) - 1)) {
                return $rating * max(0.0, self::straight($points[$at - 1], $points[$at], $celsius));
            }
        }

        return $rating;
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private static function straight(array $from, array $to, float $celsius): float
    {
        return $from[1] + ($to[1] - $from[1]) * ($celsius - $from[0]) / ($to[0] - $from[0]);
    }
}
