<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

/** A piece of a run between two points where volts can be read: a fuse, a switch, the wire. */
final readonly class RunSegment
{
    /**
     * @param  float  $metres  of run, one way; 0 for what has no length
     * @param  float  $areaMm2  of one conductor; 0 for what is not wire
     * @param  string  $plus  the node behind it on the plus side
     * @param  string  $minus  the node behind it on the minus side
     */
    public function __construct(
        public string $label,
        public float $metres,
        public float $areaMm2,
        public string $plus,
        public string $minus,
    ) {
    }
}
