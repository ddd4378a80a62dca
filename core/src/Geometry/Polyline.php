<?php

declare(strict_types=1);

namespace Dinghy\Geometry;

/** Points of the boat joined by straight lines, as a way is drawn from bend to bend. */
final readonly class Polyline
{
    /** @param  non-empty-list<Spot>  $spots */
    private function __construct(public array $spots)
    {
    }

    /** @param  non-empty-list<Spot>  $spots  one of them: a point */
    public static function through(array $spots): self
    {
        return new self($spots);
    }

    /** @return float m along the drawing */
    public function length(): float
    {
        $length = 0.0;
        for ($i = 1; $i < count($this->spots); $i++) {
            $length += $this->spots[$i - 1]->to($this->spots[$i]);
        }

        return $length;
    }

    /** @return float m from a spot to the nearest point of the line */
    public function from(Spot $spot): float
    {
        $nearest = $spot->to($this->spots[0]);
        for ($i = 1; $i < count($this->spots); $i++) {
            $nearest = min($nearest, $spot->toLine($this->spots[$i - 1], $this->spots[$i]));
        }

        return $nearest;
    }
}
