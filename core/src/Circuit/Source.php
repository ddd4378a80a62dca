<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

/** A battery: volts behind a resistance. Reversed, its volts are negative. */
final readonly class Source
{
    /** Ω of one that is open: what passes it no meter sees */
    public const OPEN = 1e8;

    public float $ohms;

    public function __construct(
        public string $name,
        public string $plus,
        public string $minus,
        public float $volts,
        float $ohms,
    ) {
        $this->ohms = Resistor::atLeast($ohms);
    }
}
