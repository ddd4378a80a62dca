<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Anchoring;

final readonly class Anchors
{
    /** @param  list<Anchor>  $all  @param  float  $freeboard  m */
    public function __construct(public array $all, public float $freeboard)
    {
    }
}
