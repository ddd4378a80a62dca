<?php

declare(strict_types=1);

namespace Dinghy\Protection;

/**
 * The least rating that a circuit's load asks of its fuse or breaker [cp]: the device maker's figure where there is one,
 * else at least 1.25 × the continuous current and at least the peak; a motor counts with its peak in both.
 */
final readonly class Demand
{
    /**
     * @param  float  $continuous  A, Σ typical of everything behind that is not a motor
     * @param  float  $motors  A, Σ peak of the motors behind
     * @param  float  $peak  A, Σ peak of everything behind
     * @param  float|null  $makers  A, the fuse the one device behind asks for
     */
    public function __construct(
        public float $continuous,
        public float $motors,
        public float $peak,
        public ?float $makers,
    ) {
    }

    /** @return float A */
    public function leastRating(): float
    {
        return $this->makers ?? max(1.25 * $this->continuous + $this->motors, $this->peak);
    }
}
