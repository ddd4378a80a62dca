<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

/** A resistance between two nodes: a wire, a joint, a fuse, a battery's inside. */
final readonly class Resistor
{
    public function __construct(
        public string $name,
        public string $from,
        public string $to,
        public float $ohms,
    ) {
    }
}
