<?php

declare(strict_types=1);

namespace Dinghy\Sonar;

/** From where an owner wants depth to be read. */
enum DepthFrom: string
{
    case Transducer = 'transducer';
    case Surface = 'surface';
    case Keel = 'keel';

    public function label(): string
    {
        return match ($this) {
            self::Transducer => 'below the transducer',
            self::Surface => 'below the surface',
            self::Keel => 'below the keel',
        };
    }

    /**
     * The figure that a screen is given, added to what the transducer measures: up to the surface, or less what of the boat
     * lies deeper than the transducer.
     *
     * @return float|null m; null: nobody has measured how the transducer lies
     */
    public function offsetOf(Transducer $transducer): ?float
    {
        return match ($this) {
            self::Transducer => 0.0,
            self::Surface => $transducer->belowWater,
            self::Keel => $transducer->aboveKeel === null ? null : -$transducer->aboveKeel,
        };
    }

    /** What has to be measured for its offset, as the file calls it. */
    public function needs(): string
    {
        return $this === self::Surface ? 'below_water_m' : 'above_keel_m';
    }
}
