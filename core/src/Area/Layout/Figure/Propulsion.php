<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Figure;

/** What a boat's motors are up against: her mass and the wind. */
final class Propulsion
{
    /** N for each N of weight: 2 lbf to 100 lb [cp] */
    private const THRUST_TO_WEIGHT = 0.02;

    private const GRAVITY = 9.80665;

    /** kg/m³ of air at 15 °C */
    private const AIR = 1.225;

    /** of a hull and those aboard, head to wind [cp, working estimate] */
    private const DRAG = 1.0;

    /** @return float N */
    public static function neededFor(float $kilograms): float
    {
        return self::THRUST_TO_WEIGHT * self::GRAVITY * $kilograms;
    }

    /**
     * The wind that a thrust holds a boat against: F = ½ ρ C A v².
     *
     * @param  float  $area  m² that the wind finds
     * @return float m/s
     */
    public static function holdsAgainst(float $thrust, float $area): float
    {
        return sqrt(2 * $thrust / (self::AIR * self::DRAG * $area));
    }
}
