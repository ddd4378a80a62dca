<?php

declare(strict_types=1);

namespace Dinghy\Trip;

use Dinghy\Plan\Device;

/**
 * What a trolling motor with pulse-width control draws by the speed of its shaft: I ≈ I₀ + (I_max − I₀) s^2.5 with
 * I₀ = 0.03 I_max for idle and iron losses [cp, exponent unsure: the propeller law alone gives s³ and flatters]. What its maker or
 * the rigger measured prevails.
 */
final class MotorAmps
{
    private const IDLE = 0.03;

    private const EXPONENT = 2.5;

    /** @param  float  $speed  0–1 of the shaft's full speed; 0: off */
    public static function of(Device $motor, float $speed): float
    {
        return $speed <= 0 || $motor->ampsAt === [] ? self::at($speed, $motor->peakAmps) : self::between($motor->ampsAt, $speed);
    }

    /** @param  float  $speed 0–1 of the shaft's full speed; 0: off */
    public static function at(float $speed, float $peakAmps): float
    {
        return $speed <= 0 ? 0.0 : $peakAmps * (self::IDLE + (1 - self::IDLE) * $speed ** self::EXPONENT);
    }

    /**
     * Straight lines between what was measured, level beyond it.
     *
     * @param  non-empty-list<array{speed: float, amps: float}>  $points  slowest first
     */
    private static function between(array $points, float $speed): float
    {
        $below = $points[0];
        foreach ($points as $point) {
            if ($speed <= $point['speed']) {
                $share = $point['speed'] > $below['speed'] ? ($speed - $below['speed']) / ($point['speed'] - $below['speed']) : 1.0;

                return $below['amps'] + max(0.0, $share) * ($point['amps'] - $below['amps']);
            }
            $below = $point;
        }

        return $below['amps'];
    }
}
