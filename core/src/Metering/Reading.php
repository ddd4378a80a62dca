<?php

declare(strict_types=1);

namespace Dinghy\Metering;

/** What a meter showed where something was to be measured. */
final readonly class Reading
{
    /** @param  float  $value  V or Ω; HandMeter::OVER: more than it can show */
    public function __construct(
        public Measurement $of,
        public float $value,
    ) {
    }

    public function isOver(): bool
    {
        return abs($this->value) >= HandMeter::OVER;
    }

    /** @return float|null how many times what was expected it is; null: nothing was */
    public function share(): ?float
    {
        return $this->of->expect === null || $this->of->expect === 0.0 ? null : $this->value / $this->of->expect;
    }
}
