<?php

declare(strict_types=1);

namespace Dinghy\Network;

/** Cable of a backbone [pub NMEA 2000, mem]. */
enum TrunkCable: string
{
    case Light = 'light';
    case Heavy = 'heavy';

    public function label(): string
    {
        return match ($this) {
            self::Light => 'light',
            self::Heavy => 'heavy',
        };
    }

    /** A that it may carry for long. */
    public function mostAmps(): float
    {
        return match ($this) {
            self::Light => 3.0,
            self::Heavy => 8.0,
        };
    }

    /** Ω/m of each of its two power conductors. */
    public function ohmsPerMetre(): float
    {
        return match ($this) {
            self::Light => 0.057,
            self::Heavy => 0.0169,
        };
    }
}
