<?php

declare(strict_types=1);

namespace Dinghy\Protection;

use Dinghy\Source\Formula;

/**
 * The least rating that a circuit's load asks of its fuse or breaker [cp]: the device maker's figure where there is one,
 * else at least 1.25 × the continuous current and at least the peak; a motor counts with its peak in both.
 */
final readonly class Demand
{
    /** of the continuous current */
    private const CONTINUOUS = 1.25;

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
        return $this->makers ?? max(self::CONTINUOUS * $this->continuous + $this->motors, $this->peak);
    }

    public function formula(): Formula
    {
        return Formula::fromMemory($this->makers === null
            ? 'smallest size ≥ '.self::CONTINUOUS.' × continuous + motors, ≥ peak, and ≤ what the wire carries'
            : "the device maker's figure, and ≤ what the wire carries", 'ABYC E-11; sizing by common practice');
    }
}
