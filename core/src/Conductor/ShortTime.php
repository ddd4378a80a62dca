<?php

declare(strict_types=1);

namespace Dinghy\Conductor;

use Dinghy\Source\Formula;

/**
 * How long a conductor bears a short circuit. No heat leaves it in so short a time: good up to some 5 s, not beyond.
 */
final class ShortTime
{
    /** °C: insulation at its rating when the short begins, and what PVC bears for the moment */
    private const BEFORE = 105.0;

    private const AFTER = 150.0;

    private const MELTING = 1083.0;

    /** °C below zero at which copper would have no resistance, by both formulas */
    private const ZERO = 234.0;

    private const ICEA = 0.0297;

    private const ONDERDONK = 33;

    /**
     * Until the insulation is past what it bears for a short time:
     * (I/A)² t = 0.0297 log₁₀((T₂ + 234)/(T₁ + 234)), A in circular mils [pub ICEA P-32-382, from memory].
     *
     * @return float s
     */
    public static function insulation(Gauge $gauge, float $amps): float
    {
        return self::ICEA * log10((self::AFTER + self::ZERO) / (self::BEFORE + self::ZERO)) * ($gauge->circularMils() / $amps) ** 2;
    }

    /**
     * Until the copper melts: (I/A)² t = log₁₀((1083 − Tₐ)/(234 + Tₐ) + 1)/33 [pub Onderdonk, from memory].
     *
     * @param  float  $ambient  °C
     * @return float s
     */
    public static function melting(Gauge $gauge, float $amps, float $ambient): float
    {
        return log10((self::MELTING - $ambient) / (self::ZERO + $ambient) + 1) / self::ONDERDONK * ($gauge->circularMils() / $amps) ** 2;
    }

    /** Of the melting of copper. */
    public static function meltingFormula(): Formula
    {
        return Formula::fromMemory(
            '(I/A)² t = log₁₀(('.self::MELTING.'−Tₐ)/('.self::ZERO.'+Tₐ)+1)/'.self::ONDERDONK,
            'Onderdonk',
        );
    }
}
