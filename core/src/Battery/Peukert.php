<?php

declare(strict_types=1);

namespace Dinghy\Battery;

use Dinghy\Source\Formula;

/**
 * How long a battery lasts at a steady current: t = H (C/(I·H))^k with the hour rate H that its capacity C is rated for
 * [pub Peukert 1897]. Below the rated current it gives its rated Ah and no more.
 */
final class Peukert
{
    /**
     * @param  float  $capacity  Ah
     * @param  float  $hourRate  h
     * @return float h
     */
    public static function at(float $capacity, float $hourRate, float $exponent, float $amps): float
    {
        return $amps <= $capacity / $hourRate
            ? $capacity / $amps
            : $hourRate * ($capacity / ($amps * $hourRate)) ** $exponent;
    }

    public static function formula(): Formula
    {
        return Formula::ofPractice(
            'Peukert: h = H · (C / (I · H))^k',
            'Peukert; exponents by chemistry are common practice',
        );
    }
}
