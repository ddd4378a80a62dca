<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

/** Loads that ask for more than the batteries can give: no volts exist at which the circuit would settle. */
final readonly class Overload
{
    /**
     * @param  string  $load  the one whose volts give way first
     * @param  float  $askedAmps  A at nominal volts
     * @param  float  $mostAmps  A at nominal volts that it can have while all others draw theirs; 0: none at all
     * @param  float  $share  0–1 of all that is asked for that can be had together
     * @param  Solution|null  $elsewhere  volts of the parts that nothing joins to this load; null: there are none
     */
    public function __construct(
        public string $load,
        public float $askedAmps,
        public float $mostAmps,
        public float $share,
        public ?Solution $elsewhere,
    ) {
    }
}
