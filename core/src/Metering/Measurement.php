<?php

declare(strict_types=1);

namespace Dinghy\Metering;

/** One reading that is to be taken: where red and black go, what must come, and what it means if it does not. */
final readonly class Measurement
{
    /**
     * @param  string  $id  among those of its step
     * @param  string  $says  what is read: "across the gap"
     * @param  float|null  $expect  V or Ω; null: open, or nothing joins the two points
     * @param  float  $low  V or Ω, from which it is right
     * @param  float  $high  V or Ω, up to which it is right; INF: there is no such
     * @param  string  $otherwise  what it means where it differs and no likelier cause is found
     */
    public function __construct(
        public string $id,
        public MeterQuantity $quantity,
        public string $says,
        public Probe $red,
        public Probe $black,
        public ?float $expect,
        public float $low,
        public float $high,
        public MeterRange $range,
        public string $otherwise,
    ) {
    }

    public function accepts(float $value): bool
    {
        return $value >= $this->low && $value <= $this->high;
    }
}
