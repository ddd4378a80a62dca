<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Anchoring;

final readonly class Anchor
{
    /** @param  float  $rode  m  @param  float|null  $depth  m of water; null: nobody has said */
    public function __construct(
        public string $id,
        public ?string $station,
        public float $rode,
        public ?float $depth,
    ) {
    }
}
