<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Figure;

/** A point on the way of the current where volts can be read. */
final readonly class ProfilePoint
{
    /**
     * @param  float  $metres  of run from the bank, one way
     * @param  float  $volts  between the two conductors there
     * @param  float  $lost  V since the point before, on both sides
     * @param  string  $label  what was passed since the point before
     * @param  float  $areaMm2  of one conductor of it; 0 for what is not wire
     * @param  string  $run  id of the run it belongs to; '' for the bank
     */
    public function __construct(
        public float $metres,
        public float $volts,
        public float $lost,
        public string $label,
        public float $areaMm2,
        public string $run,
    ) {
    }
}
