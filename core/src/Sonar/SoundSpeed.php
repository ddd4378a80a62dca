<?php

declare(strict_types=1);

namespace Dinghy\Sonar;

/** How fast sound goes in water. */
final class SoundSpeed
{
    /** m/s that sounders reckon with where they do not say [cp] */
    public const RECKONED = 1500.0;

    /**
     * Fresh water at the surface: Marczak, J. Acoust. Soc. Am. 102 (1997), 2776.
     *
     * @param  float  $celsius  °C, 0 to 95
     * @return float m/s
     */
    public static function fresh(float $celsius): float
    {
        $speed = 0.0;
        // Horner's scheme, the highest power first.
        foreach ([2.787860e-9, -1.398845e-6, 3.287156e-4, -5.799136e-2, 5.038813, 1402.385] as $coefficient) {
            $speed = $speed * $celsius + $coefficient;
        }

        return $speed;
    }

    /**
     * Sea water: Medwin, J. Acoust. Soc. Am. 58 (1975), 1318.
     *
     * @param  float  $celsius  °C, 0 to 35
     * @param  float  $salinity  g/kg, 0 to 45
     * @param  float  $depth  m, to 1000
     * @return float m/s
     */
    public static function sea(float $celsius, float $salinity, float $depth): float
    {
        return 1449.2 + 4.6 * $celsius - 0.055 * $celsius ** 2 + 0.00029 * $celsius ** 3
            + (1.34 - 0.010 * $celsius) * ($salinity - 35) + 0.016 * $depth;
    }

    /**
     * How far a depth that a screen shows is out.
     *
     * @param  float  $shown  m
     * @param  float  $speed  m/s in the water there
     * @return float m that are to be added to what is shown
     */
    public static function error(float $shown, float $speed, float $reckoned = self::RECKONED): float
    {
        return $shown * ($speed / $reckoned - 1);
    }
}
