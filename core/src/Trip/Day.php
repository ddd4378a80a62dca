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
     * @param  array<string, DeviceUse>  $devices  by id, those that a circuit leads to
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
}
