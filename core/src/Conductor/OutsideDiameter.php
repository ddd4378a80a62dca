<?php

declare(strict_types=1);

namespace Dinghy\Conductor;

/**
 * How thick a wire is over its insulation: marine single wire, from memory. Sizes between and metric ones by their
 * copper's diameter.
 */
final class OutsideDiameter
{
    /** mm by AWG size */
    private const SINGLE = [
        '18' => 2.2, '16' => 2.5, '14' => 2.8, '12' => 3.4, '10' => 4.4, '8' => 5.9, '6' => 7.2, '4' => 8.8, '3' => 9.9,
        '2' => 11.0, '1' => 12.6, '1/0' => 14.2, '2/0' => 15.6, '3/0' => 17.2, '4/0' => 19.2,
    ];

    /** mm that the jacket of a pair adds */
    private const JACKET = 2.0;

    /** @return float mm */
    public static function single(Gauge $gauge): float
    {
        if (! $gauge->metric && isset(self::SINGLE[$gauge->size()])) {
            return self::SINGLE[$gauge->size()];
        }
        $copper = sqrt($gauge->areaMm2);
        $below = $above = null;
        foreach (self::SINGLE as $size => $diameter) {
            $at = sqrt(Gauge::of("{$size} AWG")->areaMm2);
            if ($at <= $copper) {
                $below = [$at, $diameter];
            } else {
                $above ??= [$at, $diameter];
            }
        }
        if ($below === null || $above === null) {
            // Beyond the table's ends the insulation stays as thick as at its end.
            [$at, $diameter] = $below ?? $above;

            return $diameter + 2 / sqrt(M_PI) * ($copper - $at);
        }

        return $below[1] + ($copper - $below[0]) / ($above[0] - $below[0]) * ($above[1] - $below[1]);
    }

    /**
     * The width of two conductors in one jacket, 2 · OD + 2 mm; it fills a tube like a circle of this diameter
     * [pub NEC chapter 9 note 9, from memory].
     *
     * @return float mm
     */
    public static function pair(Gauge $gauge): float
    {
        return 2 * self::single($gauge) + self::JACKET;
    }
}
