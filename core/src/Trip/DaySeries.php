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

    /**
     * @param  array<string, BatteryCharge>  $batteries
     * @param  array<string, float|null>  $volts  by device
     */
    public function add(float $at, array $batteries, array $volts): void
    {
        $this->minutes[] = $at;
        foreach ($batteries as $id => $battery) {
            $this->charge[$id][] = $battery->charge;
        }
        foreach ($volts as $id => $one) {
            $this->volts[$id][] = $one;
        }
    }
}
