<?php

declare(strict_types=1);

namespace Dinghy\Geometry;

use Dinghy\Record\Record;

/** A point of the boat from above: x forward from the transom, y to port of the centreline, m. */
final readonly class Spot
{
    public function __construct(
        public float $x,
        public float $y,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self($record->number('x_m'), $record->number('y_m'));
    }

    /** @return float m */
    public function to(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }

    /** @return float m to the nearest point of the straight line between two others */
    public function toLine(self $a, self $b): float
    {
        $square = ($b->x - $a->x) ** 2 + ($b->y - $a->y) ** 2;
        $along = $square === 0.0 ? 0.0 : max(
            0.0,
            min(1.0, (($this->x - $a->x) * ($b->x - $a->x) + ($this->y - $a->y) * ($b->y - $a->y)) / $square),
        );

        return $this->to(new self($a->x + $along * ($b->x - $a->x), $a->y + $along * ($b->y - $a->y)));
    }
}
