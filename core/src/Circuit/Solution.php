<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

/** The volts of a solved network. */
final readonly class Solution
{
    /**
     * @param  array<string, float>  $volts  by node, from the reference of its part
     * @param  array<string, int>  $part  by node
     * @param  list<Source>  $sources
     */
    public function __construct(
        private array $volts,
        private array $part,
        private array $sources,
    ) {
    }

    /** @return float|null V as a meter shows them; null where nothing joins the two points */
    public function between(string $plus, string $minus): ?float
    {
        return isset($this->volts[$plus], $this->volts[$minus]) && $this->part[$plus] === $this->part[$minus]
            ? $this->volts[$plus] - $this->volts[$minus]
            : null;
    }

    /** @return array<string, float> A out of each battery, by name */
    public function sourceAmps(): array
    {
        $amps = [];
        foreach ($this->sources as $source) {
            $amps[$source->name] = ($source->volts - ($this->volts[$source->plus] - $this->volts[$source->minus])) / $source->ohms;
        }

        return $amps;
    }
}
