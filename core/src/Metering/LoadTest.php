<?php

declare(strict_types=1);

namespace Dinghy\Metering;

use Dinghy\Conductor\Resistance;

/** Volts that were read along a way while a load of known amps drew at its end. */
final readonly class LoadTest
{
    /** of the amps, by a clamp or by the load's ohms [common practice, no source] */
    private const AMPS_SHARE = 0.01;

    /**
     * @param  string  $day  as 2026-11-29
     * @param  string  $load  name
     * @param  float  $amps  A
     * @param  float  $celsius  °C of the copper
     * @param  string  $meter  name
     * @param  array<string, float>  $volts  V by the id of the point
     */
    public function __construct(
        public string $day,
        public string $load,
        public float $amps,
        public float $celsius,
        public string $meter,
        public array $volts,
    ) {
    }

    /** @return float|null Ω between two points, both sides together, carried to 20 °C; null: one of them was not read */
    public function ohms(string $from, string $to): ?float
    {
        $lost = $this->lost($from, $to);

        return $lost === null ? null : $lost / $this->amps / Resistance::warmth($this->celsius);
    }

    /** @return float Ω that it may be off by: one meter shows both volts, so that its share is of what they differ by */
    public function off(string $from, string $to): float
    {
        $lost = abs($this->lost($from, $to) ?? 0.0);

        return (HandMeter::offVolts($lost) + self::AMPS_SHARE * $lost) / $this->amps / Resistance::warmth($this->celsius);
    }

    private function lost(string $from, string $to): ?float
    {
        return isset($this->volts[$from], $this->volts[$to]) ? $this->volts[$from] - $this->volts[$to] : null;
    }
}
