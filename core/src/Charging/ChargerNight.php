<?php

declare(strict_types=1);

namespace Dinghy\Charging;

use Dinghy\Plan\Charger;

/** What a mains charger draws in a night, and what of it heats the locker it hangs in. */
final class ChargerNight
{
    /** of what a mains charger draws that it gives on [cp, working estimate] */
    private const EFFICIENCY = 0.85;

    /** W out at the most */
    private float $mostWatts = 0.0;

    /** Wh out */
    private float $wattHours = 0.0;

    /** @var array<int, float> W out by step, of all its outputs together */
    private array $watts = [];

    public function __construct(public readonly Charger $charger)
    {
    }

    /**
     * @param  int  $step  of the night, the same for all its outputs
     * @param  float  $hours  h
     */
    public function give(int $step, float $watts, float $hours): void
    {
        $this->watts[$step] = ($this->watts[$step] ?? 0.0) + $watts;
        $this->mostWatts = max($this->mostWatts, $this->watts[$step]);
        $this->wattHours += $watts * $hours;
    }

    /** W from the mains at the most. */
    public function mainsWatts(): float
    {
        return $this->mostWatts / self::EFFICIENCY;
    }

    /** W that it turns into heat at the most. */
    public function heatWatts(): float
    {
        return $this->mainsWatts() - $this->mostWatts;
    }

    /** Wh from the mains until its batteries are full. */
    public function mainsWattHours(): float
    {
        return $this->wattHours / self::EFFICIENCY;
    }
}
