<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

/** A battery: volts behind a resistance. Reversed, its volts are negative. */
final readonly class Source
{
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
