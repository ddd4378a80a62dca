<?php

declare(strict_types=1);

namespace Dinghy\Conductor;

/**
 * The printed chart of bands that many riggers choose a gauge by, as far as it can be rebuilt: common practice, no source.
 * Even gauges only; the smallest whose drop at the upper corner of its cell is at most 0.87 V at 12 V.
 */
final class BandChart
{
    private const AMPS = [0, 5, 10, 15, 20, 35, 50, 65, 85, 105, 125, 150];

    private const FEET = [0, 4, 7, 10, 13, 16, 19, 22, 28];

    private const GAUGES = [
        '18 AWG', '16 AWG', '14 AWG', '12 AWG', '10 AWG', '8 AWG', '6 AWG', '4 AWG', '2 AWG', '1/0 AWG', '2/0 AWG',
        '4/0 AWG',
    ];

    private const VOLTS = 0.87;

    /** °C that K holds for */
    private const CELSIUS = 25.0;

    private const METRES_PER_FOOT = 0.3048;

    /**
     * @param  float  $metres  one way
     * @return Gauge|null null where the chart ends
     */
    public static function gauge(float $amps, float $metres): ?Gauge
    {
        $bandAmps = self::upperBound(self::AMPS, $amps);
        $bandFeet = self::upperBound(self::FEET, $metres / self::METRES_PER_FOOT);
        if ($bandAmps === null || $bandFeet === null) {
            return null;
        }
        foreach (self::GAUGES as $name) {
            $gauge = Gauge::of($name);
            if (SizingDrop::volts($gauge, Metal::Copper, $bandAmps, $bandFeet * self::METRES_PER_FOOT, self::CELSIUS) <= self::VOLTS) {
                return $gauge;
            }
        }

        return null;
    }

    /**
     * A band includes its lower and excludes its upper bound.
     *
     * @param  list<int>  $bounds
     */
    private static function upperBound(array $bounds, float $value): ?int
    {
        foreach ($bounds as $bound) {
            // A length typed in feet comes back from metres with a rounding error; 21 ft must stay 21 ft.
            if ($value < $bound - 1e-9) {
                return $bound;
            }
        }

        return null;
    }
}
