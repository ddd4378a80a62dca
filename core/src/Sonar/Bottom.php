<?php

declare(strict_types=1);

namespace Dinghy\Sonar;

/** What the bottom of the hull is made of where a transducer sits. */
enum Bottom: string
{
    case Solid = 'solid';
    case Cored = 'cored';
    case Stepped = 'stepped';
    case Aluminium = 'aluminium';
    case Wood = 'wood';

    public function label(): string
    {
        return match ($this) {
            self::Solid => 'solid laminate',
            self::Cored => 'cored',
            self::Stepped => 'stepped',
            self::Aluminium => 'aluminium',
            self::Wood => 'wood',
        };
    }

    /** Whether sound goes through it from inside: not through a core, past a step that draws air, or metal [cp]. */
    public function letsSoundThrough(): bool
    {
        return match ($this) {
            self::Solid, self::Wood => true,
            self::Cored, self::Stepped, self::Aluminium => false,
        };
    }
}
