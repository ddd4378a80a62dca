<?php

declare(strict_types=1);

namespace Dinghy\Trip;

use Dinghy\Battery\RestingVoltage;
use Dinghy\Battery\UsableShare;
use Dinghy\Circuit\States;
use Dinghy\Plan\Battery;

/**
 * The charge of one battery as a day goes on. Out it falls by I · max(1, I·H/C)^(k−1) · t / (C·f), in it rises by I·t / (C·f·r):
 * Peukert's law [pub Peukert 1897] step by step, f the share of the capacity that the cold leaves, r what must be returned for what
 * was taken [cp].
 */
final class BatteryCharge
{
    /** of a chemistry that only its maker knows: its Ah, however fast */
    private const UNKNOWN_EXPONENT = 1.0;

    /** 0–1 at the start */
    public readonly float $start;

    /** whether volts, where they say nothing, were taken for a charge all the same */
    public readonly bool $isGuessed;

    /** 0–1 */
    public float $charge;

    /** Ah that went out, and that came in, whatever they did to the charge */
    public float $ahOut = 0.0;

    public float $ahIn = 0.0;

    /** V at its posts at the least; null: nothing was solved yet */
    public ?float $leastVolts = null;

    /** min from the start until it was at its floor, and empty; null: it never was */
    public ?float $toFloor = null;

    public ?float $toEmpty = null;

    private readonly float $usableAh;

    private readonly float $exponent;

    private readonly bool $takesCharge;

    /**
     * @param  float  $celsius  °C of the battery
     * @param  float|null  $floor  0–1 that the house rules keep in it; null: only its maker knows
     */
    public function __construct(public readonly Battery $battery, float $celsius, private readonly ?float $floor)
    {
        [$this->start, $this->isGuessed] = self::atStart($battery);
        $this->charge = $this->start;
        $this->usableAh = $battery->capacityAh * UsableShare::at($battery->chemistry, $celsius);
        $this->exponent = $battery->chemistry->peukertExponent() ?? self::UNKNOWN_EXPONENT;
        $this->takesCharge = $battery->chemistry->takesChargeAt($celsius);
        $this->note(0.0);
    }

    /** V with nothing drawn, as its charge stands. */
    public function openVolts(): float
    {
        return $this->openVoltsAt($this->charge);
    }

    /** V with nothing drawn at a charge of 0–1. */
    public function openVoltsAt(float $charge): float
    {
        return RestingVoltage::at($this->battery->chemistry, $charge, $this->battery->nominalVolts) ?? States::restedVolts($this->battery);
    }

    /** Whether nothing is left to go out. */
    public function isEmpty(): bool
    {
        return $this->charge <= 0.0;
    }

    /**
     * Lets a current flow for a step.
     *
     * @param  float  $amps  A out; in, where it is below zero
     * @param  float  $volts  V at its posts
     */
    public function flow(float $amps, float $volts, TripStep $step): void
    {
        $hours = $step->hours;
        $this->leastVolts = min($this->leastVolts ?? INF, $volts);
        if ($amps > 0) {
            $this->ahOut += $amps * $hours;
            $faster = max(1.0, $amps * $this->battery->hourRate / $this->battery->capacityAh) ** ($this->exponent - 1);
            $this->charge = max(0.0, $this->charge - $amps * $faster * $hours / $this->usableAh);
        } elseif ($amps < 0) {
            $this->ahIn -= $amps * $hours;
            $rise = $this->takesCharge ? -$amps * $hours / ($this->usableAh * $this->battery->chemistry->chargeFactor()) : 0.0;
            $this->charge = min(1.0, $this->charge + $rise);
        }
        $this->note($step->at + 60 * $hours);
    }

    /** @param  float  $at  min from the start */
    private function note(float $at): void
    {
        if ($this->floor !== null && $this->charge <= $this->floor) {
            $this->toFloor ??= $at;
        }
        if ($this->isEmpty()) {
            $this->toEmpty ??= $at;
        }
    }

    /** @return array{float, bool} 0–1 as somebody said, or as its rested volts mean, or full; and whether those volts say little */
    private static function atStart(Battery $battery): array
    {
        if ($battery->isChargeKnown || $battery->restedVolts === null) {
            return [$battery->stateOfCharge, false];
        }
        $charge = RestingVoltage::byStraightLine($battery->chemistry, $battery->restedVolts, $battery->nominalVolts);

        return $charge === null
            ? [$battery->stateOfCharge, true]
            : [$charge, RestingVoltage::isFlat($battery->chemistry, $battery->restedVolts, $battery->nominalVolts)];
    }
}
