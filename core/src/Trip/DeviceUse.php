<?php

declare(strict_types=1);

namespace Dinghy\Trip;

use Dinghy\Plan\Device;

/** What a device got of a day: how much it drew, the least volts that it drew at, and when it went out. */
final class DeviceUse
{
    /** Ah and Wh that it drew */
    public float $ah = 0.0;

    public float $wh = 0.0;

    /** V at its plug while it drew; null: it never did */
    public ?float $leastVolts = null;

    /** min from the start until its volts no longer sufficed; null: they did */
    public ?float $outAt = null;

    /**
     * @param  float|null  $nominalVolts  V that its amps are meant for; null: no circuit leads to it
     * @param  list<string>  $hung  of a backbone: the devices on it, any of which wakes it; of a device: none
     */
    public function __construct(public readonly Device $device, private readonly ?float $nominalVolts, private readonly array $hung = [])
    {
    }

    /** Whether it is a device of the plan, and no backbone. */
    public function isDevice(): bool
    {
        return str_starts_with($this->device->on(), 'device:');
    }

    /** A that it asks for in a phase of the day, at nominal volts; none, where no circuit leads to it. */
    public function asks(TripStep $step): float
    {
        if ($this->outAt !== null || $this->nominalVolts === null) {
            return 0.0;
        }
        foreach ($this->hung as $device) {
            if (($step->phase->on[$device] ?? 0.0) > 0) {
                return $this->device->typicalAmps;
            }
        }

        return TripDraw::amps($step->phase, $this->device);
    }

    /** A that it draws at other volts than those its amps are meant for. */
    public function drawn(float $asked, float $volts): float
    {
        return $this->nominalVolts === null ? 0.0 : $this->device->load->ampsAt($volts, $asked, $this->nominalVolts);
    }

    /**
     * @param  float  $amps  A that it draws
     * @param  float  $hours  h
     */
    public function draw(float $volts, float $amps, float $hours): void
    {
        $this->ah += $amps * $hours;
        $this->wh += $amps * $volts * $hours;
        $this->leastVolts = min($this->leastVolts ?? INF, $volts);
    }
}
