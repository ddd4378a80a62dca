<?php

declare(strict_types=1);

namespace Dinghy\Trip;

use Dinghy\Plan\Device;
use Dinghy\Plan\TripPhase;

/** What devices take out of their banks over a planned day, at nominal volts. */
final class TripDraw
{
    /**
     * @param  list<TripPhase>  $trip
     * @return float Ah
     */
    public static function ampHours(array $trip, Device $device): float
    {
        $sum = 0.0;
        foreach ($trip as $phase) {
            $share = $phase->on[$device->id] ?? 0.0;
            $sum += $phase->hours * ($device->isMotor() ? MotorAmps::at($share, $device->peakAmps) : $share * $device->typicalAmps);
        }

        return $sum;
    }
}
