<?php

declare(strict_types=1);

namespace Dinghy\Trip;

/**
 * What a trolling motor with pulse-width control draws by the speed of its shaft: I ≈ I₀ + (I_max − I₀) s^2.5 with
 * I₀ = 0.03 I_max for idle and iron losses [cp, exponent unsure: the propeller law alone gives s³ and flatters].
 */
final class MotorAmps
{
    private const IDLE = 0.03;

    private const EXPONENT = 2.5;

    /** @param  float  $speed 0–1 of the shaft's full speed; 0: off */
    public static function at(float $speed, float $peakAmps): float
    {
        return $speed <= 0 ? 0.0 : $peakAmps * (self::IDLE + (1 - self::IDLE) * $speed ** self::EXPONENT);
    }
}
