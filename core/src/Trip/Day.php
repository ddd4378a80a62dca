<?php

declare(strict_types=1);

namespace Dinghy\Trip;

/** What a day on the water came to. */
final readonly class Day
{
    /**
     * @param  float  $stepSeconds  s of a step
     * @param  float  $hours  h that it lasts
     * @param  array<string, BatteryCharge>  $batteries  by id, those that are wired into a bank
     * @param  array<string, DeviceUse>  $devices  by id, backbones among them
     */
    public function __construct(
        public float $stepSeconds,
        public float $hours,
        public array $batteries,
        public array $devices,
        public EnergyBalance $energy,
        public DaySeries $series,
    ) {
    }

    /** @return DeviceUse|null the device that gives out first; null: none does */
    public function firstOut(): ?DeviceUse
    {
        $first = null;
        foreach ($this->devices as $use) {
            if ($use->outAt !== null && $use->outAt < ($first->outAt ?? INF)) {
                $first = $use;
            }
        }

        return $first;
    }

    /** @return DeviceUse|null the device whose volts come nearest to the least that it works from; null: none drew anything */
    public function nearestToLeast(): ?DeviceUse
    {
        $nearest = null;
        $least = INF;
        foreach ($this->devices as $use) {
            $left = $use->leastVolts === null ? INF : $use->leastVolts / max(0.1, $use->device->minVolts);
            if ($left < $least) {
                [$nearest, $least] = [$use, $left];
            }
        }

        return $nearest;
    }
}
