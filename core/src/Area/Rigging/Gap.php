<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

/** Between the free end of a conductor, whose other end is landed, and the post that it is about to land on. */
final readonly class Gap
{
    /**
     * @param  string  $conductor  that closes it
     * @param  string  $free  node that its other end is landed on: what its free end shows
     * @param  string  $post  node that it lands on
     * @param  float  $ohms  Ω of the conductor with its terminals
     */
    public function __construct(
        public string $conductor,
        public string $free,
        public string $post,
        public float $ohms,
    ) {
    }
}
