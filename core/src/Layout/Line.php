<?php

declare(strict_types=1);

namespace Dinghy\Layout;

use Dinghy\Plan\Boat;
use Dinghy\Plan\Spot;
use Dinghy\Plan\Way;
use Dinghy\Route\Route;

/** A way as it is drawn: straight from bend to bend. */
final readonly class Line
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

    public static function of(Boat $boat, Way $way): self
    {
        return new self([$boat->stations[$way->from]->at(), ...$way->bends, $boat->stations[$way->to]->at()]);
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

    /** @return float m from a spot to the nearest point of a route; infinite where it has no ways */
    public static function distanceTo(Boat $boat, Route $route, Spot $spot): float
    {
        return array_reduce($route->ways, static fn (float $nearest, Way $way): float => min($nearest, self::of($boat, $way)->from($spot)), INF);
    }
}
