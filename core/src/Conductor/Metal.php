<?php

declare(strict_types=1);

namespace Dinghy\Conductor;

/** What a conductor is made of. */
enum Metal: string
{
    case TinnedCopper = 'tinned-copper';
    case Copper = 'copper';
    case CopperCladAluminium = 'cca';
    case Aluminium = 'aluminium';

    /**
     * Resistivity at 20 °C, Ω·m: copper [pub IACS, IEC 60028]; copper-clad with 15 % copper by volume and aluminium
     * [pub ASTM B566, B230, from memory].
     */
    public function resistivity(): float
    {
        return match ($this) {
            self::TinnedCopper, self::Copper => 1.7241e-8,
            self::CopperCladAluminium => 2.7e-8,
            self::Aluminium => 2.8265e-8,
        };
    }

    /** How much more this metal resists than copper of the same area. */
    public function relativeToCopper(): float
    {
        return $this->resistivity() / self::Copper->resistivity();
    }

    public function isCopper(): bool
    {
        return $this === self::TinnedCopper || $this === self::Copper;
    }

    public function label(): string
    {
        return match ($this) {
            self::TinnedCopper => 'tinned copper',
            self::Copper => 'copper',
            self::CopperCladAluminium => 'copper-clad aluminium',
            self::Aluminium => 'aluminium',
        };
    }
}
