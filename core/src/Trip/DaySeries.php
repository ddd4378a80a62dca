<?php

declare(strict_types=1);

namespace Dinghy\Trip;

/** A day step by step: charge as a step begins, and the volts in it. */
final class DaySeries
{
    /** @var list<float> min from the start at which each step begins */
    public array $minutes = [];

    /** @var array<string, list<float>> 0–1 by battery */
    public array $charge = [];

    /** @var array<string, list<float|null>> V by device; null: nothing joins its plug to a battery, or it cannot be told */
    public array $volts = [];

    /** @var array<string, list<float>> A out of each battery, by battery; below zero: in */
    public array $amps = [];

    /**
     * @param  float  $minute  min from the start
     * @return array<string, float> 0–1 by battery, as the step begins that is under way then
     */
    public function chargesAt(float $minute): array
    {
        $step = 0;
        foreach ($this->minutes as $at => $begins) {
            $step = $begins <= $minute + 1e-6 ? $at : $step;
        }

        return array_map(static fn (array $charges): float => $charges[$step], $this->charge);
    }

    /**
     * @param  array<string, BatteryCharge>  $batteries
     * @param  array<string, float|null>  $volts  by device
     * @param  array<string, float>  $amps  A out, by battery; those that nothing flows through may be missing
     */
    public function add(float $at, array $batteries, array $volts, array $amps): void
    {
        $this->minutes[] = $at;
        foreach ($batteries as $id => $battery) {
            $this->charge[$id][] = $battery->charge;
            $this->amps[$id][] = $amps[$id] ?? 0.0;
        }
        foreach ($volts as $id => $one) {
            $this->volts[$id][] = $one;
        }
    }
}
