<?php

declare(strict_types=1);

namespace Dinghy\Conductor;

use Dinghy\Source\Formula;

/**
 * How warm a current makes a conductor, and how soon. What flows heats the copper as the short-time formula of ICEA P-32-382
 * says, (I/A)² in cmil by T + 234 [pub, from memory]; what the air takes away grows with the difference to it and balances
 * the heating at the conductor's ampacity and its insulation's rating [cp]. So it is the formula's own at first, and never
 * stops being true: below the ampacity nothing is ever spoilt.
 */
final readonly class Heating
{
    /** °C: where the resistance of copper would be none, by the formula */
    private const ZERO = 234.0;

    /** of the formula: t = 0.0297 (A/I)² log₁₀(…) */
    private const FORMULA = 0.0297;

    /** °C that insulation bears for a short time [pub ICEA P-32-382 for PVC, from memory] */
    public const SHORT_TIME = 150.0;

    /** K/s for each (A/cmil)²·K: the formula's own rate */
    private const RATE = 2.302585092994046 / self::FORMULA;

    /** 1/s at no current: how the air cools it */
    private float $cooling;

    /**
     * @param  float  $ampacity  A after factors
     * @param  float  $insulation  °C rating
     * @param  float  $ambient  °C
     */
    public function __construct(private Gauge $gauge, float $ampacity, float $insulation, private float $ambient)
    {
        $this->cooling = $insulation <= $ambient ? 0.0
            : self::RATE * $this->perArea($ampacity) * ($insulation + self::ZERO) / ($insulation - $ambient);
    }

    /** @return float °C that it comes to rest at; infinite: it never does */
    public function steady(float $amps): float
    {
        $heating = self::RATE * $this->perArea($amps);

        return $this->cooling <= $heating
            ? INF
            : (self::ZERO * $heating + $this->cooling * $this->ambient) / ($this->cooling - $heating);
    }

    /**
     * Until its insulation is past what it bears for a short time.
     *
     * @param  float  $amps  A
     * @param  float  $before  A that flowed until then
     * @return float s; infinite: never
     */
    public function untilSpoilt(float $amps, float $before): float
    {
        $from = min($this->steady($before), self::SHORT_TIME);
        // dT/dt = growth · T + constant
        $heating = self::RATE * $this->perArea($amps);
        $growth = $heating - $this->cooling;
        $constant = self::ZERO * $heating + $this->cooling * $this->ambient;
        $fastest = $growth * $from + $constant;
        $last = $growth * self::SHORT_TIME + $constant;
        if ($fastest <= 0 || $last <= 0) {
            return $from >= self::SHORT_TIME ? 0.0 : INF;
        }

        return abs($growth) < 1e-12 ? (self::SHORT_TIME - $from) / $constant : log($last / $fastest) / $growth;
    }

    private function perArea(float $amps): float
    {
        return ($amps / $this->gauge->circularMils()) ** 2;
    }

    public static function formula(): Formula
    {
        return Formula::fromMemory('from T₁, its temperature in use, to T₂ = '.self::SHORT_TIME.' °C: dT/dt = (I/A)² (T+'.self::ZERO.') ln 10/'.self::FORMULA
            .' less what the air takes, which balances it at the ampacity', 'ICEA P-32-382');
    }
}
