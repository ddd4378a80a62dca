<?php

declare(strict_types=1);

namespace Dinghy\Trip;

use Dinghy\Plan\Device;
use Dinghy\Plan\TripPhase;

/** What devices take out of their banks over a planned day, at nominal volts. */
final class TripDraw
{
    /**
     * A that a device asks for in a phase, at nominal volts: its share of what it usually draws, a motor by the speed of its shaft, and on
     * standby what it draws so.
     */
    public static function amps(TripPhase $phase, Device $device): float
    {
        $share = $phase->on[$device->id] ?? 0.0;

        return match (true) {
            $share <= 0 => $device->standbyAmps,
            $device->isMotor() => MotorAmps::of($device, $phase->speed($device->id)),
            default => $share * $device->typicalAmps,
        };
    }

    /**
     * @param  list<TripPhase>  $trip
     * @return float Ah
     */
    public static function ampHours(array $trip, Device $device): float
    {
        $sum = 0.0;
        foreach ($trip as $phase) {
            $share = $phase->on[$device->id] ?? 0.0;
            $sum += $phase->hours * ($device->isMotor() ? MotorAmps::of($device, $phase->speed($device->id)) : $share * $device->typicalAmps);
        }

        return $sum;
    }
}
