<?php

declare(strict_types=1);

namespace Dinghy\Kit\Piece;

/** A field of a plan, as a patch addresses it. */
final readonly class PlanField implements \Stringable
{
    /**
     * @param  string  $on  its part: "battery:b1"
     * @param  string  $path  within it: "stud_pos"
     */
    public function __construct(public string $on, public string $path)
    {
    }

    public function __toString(): string
    {
        return "{$this->on} {$this->path}";
    }
}
