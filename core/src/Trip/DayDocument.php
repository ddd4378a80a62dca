<?php

declare(strict_types=1);

namespace Dinghy\Trip;

/** A day as the document that docs/plan-format.md calls "dinghy-trip". */
final class DayDocument
{
    /**
     * @param  bool  $series  whether step by step as well
     * @return array<string, mixed>
     */
    public static function of(Day $day, bool $series): array
    {
        return [
            'format' => 'dinghy-trip',
            'version' => 1,
            'step_s' => $day->stepSeconds,
            'hours' => $day->hours,
            'batteries' => array_map(static fn (BatteryCharge $battery): array => [
                'id' => $battery->battery->id,
                'soc_start' => $battery->start,
                'soc_end' => $battery->charge,
                'ah_out' => $battery->ahOut,
                'ah_in' => $battery->ahIn,
                'volts_min' => $battery->leastVolts,
                'minutes_to_floor' => self::minutes($battery->toFloor),
                'minutes_to_empty' => self::minutes($battery->toEmpty),
            ], array_values($day->batteries)),
            'devices' => self::uses($day, true),
            ...(self::uses($day, false) === [] ? [] : ['backbones' => self::uses($day, false)]),
            'energy_wh' => [
                'batteries' => $day->energy->batteries,
                'loads' => $day->energy->loads,
                'wires' => $day->energy->wires,
                'charged' => $day->energy->charged,
            ],
            ...($series ? ['series' => [
                'minutes' => $day->series->minutes,
                'soc' => (object) $day->series->charge,
                'volts' => (object) $day->series->volts,
            ]] : []),
        ];
    }

    /**
     * @param  bool  $devices  devices of the plan; else backbones
     * @return list<array<string, mixed>>
     */
    private static function uses(Day $day, bool $devices): array
    {
        return array_map(static fn (DeviceUse $use): array => [
            'id' => $use->device->id,
            'ah' => $use->ah,
            'wh' => $use->wh,
            'volts_trip_min' => $use->leastVolts,
            'minutes_until' => self::minutes($use->outAt),
        ], array_values(array_filter($day->devices, static fn (DeviceUse $use): bool => $use->isDevice() === $devices)));
    }

    private static function minutes(?float $minutes): ?int
    {
        return $minutes === null ? null : (int) floor($minutes + 1e-6);
    }
}
