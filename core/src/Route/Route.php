<?php

declare(strict_types=1);

namespace Dinghy\Route;

use Dinghy\Geometry\Spot;
use Dinghy\Plan\Boat;
use Dinghy\Plan\Way;

/** Ways one after the other. */
final readonly class Route
{
    /**
     * @param  list<Way>  $ways
     * @param  float  $length  m, without slack
     */
    private function __construct(
        public array $ways,
        public float $length,
    ) {
    }

    /** @param  list<Way>  $ways */
    public static function of(array $ways): self
    {
        return new self($ways, array_sum(array_map(static fn (Way $way): float => $way->length, $ways)));
    }

    public function entersEngineSpace(): bool
    {
        foreach ($this->ways as $way) {
            if ($way->engineSpace) {
                return true;
            }
        }

        return false;
    }

    public function goesThroughTube(): bool
    {
        foreach ($this->ways as $way) {
            if ($way->isTube()) {
                return true;
            }
        }

        return false;
    }

    /** @return float m from a spot to the nearest point of it; infinite where it has no ways */
    public function distanceTo(Boat $boat, Spot $spot): float
    {
        return array_reduce(
            $this->ways,
            static fn (float $nearest, Way $way): float => min($nearest, $boat->lineOf($way)->from($spot)),
            INF,
        );
    }

    /** @return list<string> the stations on its way, the one that it is walked from first */
    public function stationsFrom(string $station): array
    {
        $stations = [$station];
        foreach ($this->ways as $way) {
            $station = $way->from === $station ? $way->to : $way->from;
            $stations[] = $station;
        }

        return $stations;
    }
}
