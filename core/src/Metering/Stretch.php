<?php

declare(strict_types=1);

namespace Dinghy\Metering;

/** What was measured of a way between two points that follow one another. */
final readonly class Stretch
{
    /**
     * @param  float|null  $expected  Ω at 20 °C by the plan; null: its circuit has no solution
     * @param  float|null  $baseline  Ω at 20 °C when it was first measured and not less than can be; null: this is the first time
     * @param  float  $latest  Ω at 20 °C
     * @param  float  $off  Ω that latest may be off by
     * @param  float  $baselineOff  Ω
     * @param  float  $fullAmps  A at full thrust
     */
    public function __construct(
        public PathPoint $from,
        public PathPoint $to,
        public ?float $expected,
        public ?float $baseline,
        public float $latest,
        public float $off,
        private float $baselineOff,
        private float $fullAmps,
    ) {
    }

    /** @return float|null Ω that it has grown by beyond what two readings may be off by; null: it has not */
    public function drift(): ?float
    {
        return $this->baseline === null || $this->latest - $this->baseline <= $this->off + $this->baselineOff ? null : $this->latest - $this->baseline;
    }

    /** @return float|null Ω more than the plan expects, beyond what the reading may be off by; null: as planned, or less */
    public function excess(): ?float
    {
        return $this->expected === null || $this->latest - $this->expected <= $this->off ? null : $this->latest - $this->expected;
    }

    /** @return float|null Ω less than the plan expects, beyond what the reading may be off by; null: as planned, or more */
    public function shortfall(): ?float
    {
        return $this->expected === null || $this->expected - $this->latest <= $this->off ? null : $this->expected - $this->latest;
    }

    /** @return float W that so many Ω heat with at full thrust */
    public function watts(float $ohms): float
    {
        return $ohms * $this->fullAmps ** 2;
    }
}
