<?php

declare(strict_types=1);

namespace Dinghy\Compartment;

/** A point of a compartment seen from above, mm. */
final readonly class Point
{
    public function __construct(
        public float $x,
        public float $y,
    ) {
    }

    /** @return float mm */
    public function to(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }

    /** Twice the area of the triangle with two others, by its sign the way that it turns. */
    public function turn(self $b, self $c): float
    {
        return ($b->x - $this->x) * ($c->y - $this->y) - ($b->y - $this->y) * ($c->x - $this->x);
    }
}
