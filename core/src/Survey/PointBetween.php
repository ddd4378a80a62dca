<?php

declare(strict_types=1);

namespace Dinghy\Survey;

/** A point of a circuit between its battery and its device that was measured under load. */
final readonly class PointBetween
{
    /**
     * @param  float  $volts  V between its plus and its minus
     * @param  float|null  $along  m from the battery
     */
    public function __construct(
        public string $name,
        public float $volts,
        public ?float $along,
    ) {
    }
}
