<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

/** A battery: volts behind a resistance. */
final readonly class Source
{
    public function __construct(
        public string $name,
        public string $plus,
        public string $minus,
        public float $volts,
        public float $ohms,
    ) {
    }
}
