<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Plan\Protection;

/** A fuse or breaker with the rating given or chosen. */
final readonly class SizedProtection
{
    public function __construct(
        public Protection $planned,
        public float $rating,
        public bool $chosen,
    ) {
    }
}
