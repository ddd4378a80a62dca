<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

/** How warm the conductors of a circuit are: all alike, or some warmer than the rest. */
final readonly class WireTemperature
{
    /**
     * @param  float  $usual  °C
     * @param  array<string, float>  $of  °C by the id of a run, a jumper, a bond or a lead
     */
    public function __construct(private float $usual, private array $of = [])
    {
    }

    /** @return float °C */
    public function at(string $id): float
    {
        return $this->of[$id] ?? $this->usual;
    }
}
