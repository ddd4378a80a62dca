<?php

declare(strict_types=1);

namespace Dinghy\Joint;

use Dinghy\Conductor\Gauge;

/** Butt joints with a barrel of its own for each of two gauges, as they are usually made. Common practice, no source. */
final class StepDown
{
    /** mm² that each takes: thinner barrel from, to, thicker barrel from, to */
    private const RANGES = [[0.5, 1.6, 1.3, 2.6], [1.3, 2.6, 3.0, 6.0], [0.5, 1.6, 3.0, 6.0], [3.0, 6.0, 8.0, 16.0], [1.3, 2.6, 8.0, 16.0], [8.0, 16.0, 16.0, 35.0]];

    /** Whether one joint takes both: else the wire is stepped down twice, or at a block. */
    public static function joins(Gauge $one, Gauge $other): bool
    {
        [$thin, $thick] = $one->isThinnerThan($other) ? [$one->areaMm2, $other->areaMm2] : [$other->areaMm2, $one->areaMm2];
        foreach (self::RANGES as [$thinFrom, $thinTo, $thickFrom, $thickTo]) {
            if ($thin >= $thinFrom && $thin <= $thinTo && $thick >= $thickFrom && $thick <= $thickTo) {
                return true;
            }
        }

        return false;
    }
}
