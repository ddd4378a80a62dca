<?php

declare(strict_types=1);

namespace Dinghy\Conductor;

use Dinghy\Source\Formula;
use Dinghy\Source\SourceKind;

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

    public static function formula(): Formula
    {
        return new Formula('2 · L · area · '.(self::DENSITY / 1000).' kg/dm³', 'IEC 60028', SourceKind::Published);
    }
}
