<?php

declare(strict_types=1);

namespace Dinghy\Conductor;

/** Mass of the bare conductors of a run, both ways. */
final class CopperMass
{
    /** kg/m³ [pub IEC 60028] */
    private const DENSITY = 8890.0;

    /** @param  float  $metres one way */
    public static function kilograms(Gauge $gauge, float $metres): float
    {
        return self::DENSITY * $gauge->areaMm2 * 1e-6 * 2 * $metres;
    }
}
