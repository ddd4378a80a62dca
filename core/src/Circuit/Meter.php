<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

/** A hand meter on its volts range: two probes and 10 MΩ between them [cp]. */
final readonly class Meter
{
    private const OHMS = 10e6;

    /**
     * @param  float  $volts  V that it shows
     * @param  bool  $floating  whether nothing joins the two points: it then shows nothing that means anything, here 0
     */
    private function __construct(
        public float $volts,
        public bool $floating,
    ) {
    }

    public static function read(Network $network, Solution $solution, string $plus, string $minus): self
    {
        $volts = $solution->between($plus, $minus);

        return $volts === null
            ? new self(0.0, true)
            : new self($volts * self::OHMS / (self::OHMS + ($network->resistanceBetween($plus, $minus) ?? 0.0)), false);
    }
}
