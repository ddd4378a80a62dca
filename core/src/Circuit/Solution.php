<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

use Dinghy\Plan\Battery;
use Dinghy\Plan\Device;

/** The volts of a solved network. */
final readonly class Solution
{
    /** A; arithmetic noise is below it */
    private const NOISE = 1e-6;

    /**
     * @param  array<int, float>  $volts  by place in the elimination
     * @param  list<Source>  $sources
     * @param  array<int, true>|null  $cutOff  nodes that a fault parted from the rest; null: none
     * @param  list<int>  $without  reference nodes of parts that have no working point
     */
    public function __construct(
        private Topology $topology,
        private array $volts,
        private array $sources,
        private ?array $cutOff = null,
        private array $without = [],
    ) {
    }

    /** @return float|null V as a meter shows them; null where nothing joins the two points */
    public function between(string $plus, string $minus): ?float
    {
        $a = $this->topology->index[$plus] ?? null;
        $b = $this->topology->index[$minus] ?? null;
        if ($a === null || $b === null || $this->topology->part[$a] !== $this->topology->part[$b]
            || isset($this->cutOff[$a]) !== isset($this->cutOff[$b])
            || in_array($this->topology->part[$a], $this->without, true)) {
            return null;
        }
        $a = $this->topology->place[$a];
        $b = $this->topology->place[$b];

        return ($a < 0 ? 0.0 : $this->volts[$a]) - ($b < 0 ? 0.0 : $this->volts[$b]);
    }

    /** @return float|null V between the posts of a battery, as between() */
    public function across(Battery $battery): ?float
    {
        return $this->between($battery->plus()->name, $battery->minus()->name);
    }

    /** @return float|null V at the plug of a device, as between() */
    public function at(Device $device): ?float
    {
        return $this->between($device->plus()->name, $device->minus()->name);
    }

    /**
     * @return array<string, float> A out of each battery, by name; without those of parts that have no working point
     */
    public function sourceAmps(): array
    {
        $amps = [];
        foreach ($this->sources as $source) {
            $volts = $this->between($source->plus, $source->minus);
            if ($volts !== null) {
                $amps[$source->name] = ($source->volts - $volts) / $source->ohms;
            }
        }

        return $amps;
    }

    /** Whether no battery gives or takes anything: then nothing flows anywhere. */
    public function isStill(): bool
    {
        return max([0.0, ...array_map(abs(...), array_values($this->sourceAmps()))]) <= self::NOISE;
    }

    /** A that a charger or a converter gives. */
    public function given(Regulator $regulator): float
    {
        return $regulator->ampsAt($this->between($regulator->plus, $regulator->minus) ?? 0.0);
    }

    /**
     * W that resistances turn into heat.
     *
     * @param  list<array{int, int, float}>  $conductances  as Topology::conductances() gives them
     */
    public function heatIn(array $conductances): float
    {
        $volts = $this->volts;
        $watts = 0.0;
        foreach ($conductances as [$a, $b, $siemens]) {
            $across = ($a < 0 ? 0.0 : $volts[$a]) - ($b < 0 ? 0.0 : $volts[$b]);
            $watts += $across * $across * $siemens;
        }

        return $watts;
    }

    /** A through a resistor from its first end to its second. */
    public function through(Resistor $resistor): float
    {
        return ($this->between($resistor->from, $resistor->to) ?? 0.0) / $resistor->ohms;
    }
}
