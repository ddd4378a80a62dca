<?php

declare(strict_types=1);

namespace Dinghy\Sonar;

/** Frequencies that a transducer sounds on. */
final readonly class Band
{
    /**
     * @param  float  $low  kHz
     * @param  float  $high  kHz, not less than $low
     */
    public function __construct(public float $low, public float $high)
    {
    }

    /** Whether they share more than an edge. */
    public function overlaps(self $other): bool
    {
        return $this->low < $other->high && $other->low < $this->high;
    }

    /** What both of them hold, where they overlap. */
    public function sharedWith(self $other): self
    {
        return new self(max($this->low, $other->low), min($this->high, $other->high));
    }
}
