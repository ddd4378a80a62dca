<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Figure;

use Dinghy\Plan\Device;
use Dinghy\Plan\Plan;
use Dinghy\Trip\MotorAmps;

/** The settings that a motor runs at over the day: for how long, and its amps as they are counted and by the law, where its maker's differ. */
final readonly class MotorSettings
{
    /** @param  list<array{speed: float, hours: float, amps: float, law: float}>  $settings  0–1 of the shaft's full speed, h, A; slowest first */
    private function __construct(public Device $motor, public array $settings)
    {
    }

    /** @return list<self> of every motor that turns at all */
    public static function of(Plan $plan): array
    {
        $all = [];
        foreach (array_filter($plan->devices, static fn (Device $device): bool => $device->isMotor()) as $motor) {
            $hours = [];
            foreach ($plan->trip ?? [] as $phase) {
                $speed = $phase->speed($motor->id);
                if ($speed > 0) {
                    $hours[(string) round($speed, 4)] = ($hours[(string) round($speed, 4)] ?? 0.0) + $phase->hours;
                }
            }
            ksort($hours);
            $hours === [] || $all[] = new self($motor, array_map(static fn (string|int $speed, float $lasts): array => [
                'speed' => (float) $speed, 'hours' => $lasts, 'amps' => MotorAmps::of($motor, (float) $speed), 'law' => MotorAmps::at((float) $speed, $motor->peakAmps),
            ], array_keys($hours), array_values($hours)));
        }

        return $all;
    }
}
