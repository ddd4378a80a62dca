<?php

declare(strict_types=1);

namespace Dinghy\Conductor;

use Dinghy\Source\Formula;
use Dinghy\Source\SourceKind;

/** Mass of bare conductors. */
final class CopperMass
{
    /** kg/m³ [pub IEC 60028] */
    public const DENSITY = 8890.0;

    /** @param  float  $metres one way */
    public static function kilograms(Gauge $gauge, float $metres): float
    {
        return self::ofConductor($gauge, 2 * $metres);
    }

    /** @param  float  $metres of one conductor */
    public static function ofConductor(Gauge $gauge, float $metres): float
    {
        return self::DENSITY * $gauge->areaMm2 * 1e-6 * $metres;
    }

    public static function formula(): Formula
    {
        return new Formula('2 · L · area · '.(self::DENSITY / 1000).' kg/dm³', 'IEC 60028', SourceKind::Published);
    }
}
