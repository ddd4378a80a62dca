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
            'batteries' => array_map(self::battery(...), array_values($day->batteries)),
            'devices' => self::uses($day, true),
            ...(self::uses($day, false) === [] ? [] : ['backbones' => self::uses($day, false)]),
            'energy_wh' => self::energy($day->energy),
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
        return array_map(self::use(...), array_values(array_filter($day->devices, static fn (DeviceUse $use): bool => $use->isDevice() === $devices)));
    }

    /** @return array{id: string, soc_start: float, soc_end: float, ah_out: float, ah_in: float, volts_min: float|null, minutes_to_floor: int|null, minutes_to_empty: int|null} */
    public static function battery(BatteryCharge $battery): array
    {
        return [
            'id' => $battery->battery->id,
            'soc_start' => $battery->start,
            'soc_end' => $battery->charge,
            'ah_out' => $battery->ahOut,
            'ah_in' => $battery->ahIn,
            'volts_min' => $battery->leastVolts,
            'minutes_to_floor' => self::minutes($battery->toFloor),
            'minutes_to_empty' => self::minutes($battery->toEmpty),
        ];
    }

    /** @return array{id: string, ah: float, wh: float, volts_trip_min: float|null, minutes_until: int|null} */
    public static function use(DeviceUse $use): array
    {
        return [
            'id' => $use->device->id,
            'ah' => $use->ah,
            'wh' => $use->wh,
            'volts_trip_min' => $use->leastVolts,
            'minutes_until' => self::minutes($use->outAt),
        ];
    }

    /** @return array{batteries: float, loads: float, wires: float, charged: float} Wh */
    public static function energy(EnergyBalance $energy): array
    {
        return ['batteries' => $energy->batteries, 'loads' => $energy->loads, 'wires' => $energy->wires, 'charged' => $energy->charged];
    }

    private static function minutes(?float $minutes): ?int
    {
        return $minutes === null ? null : (int) floor($minutes + 1e-6);
    }
}
