<?php

declare(strict_types=1);

namespace Dinghy\Hull;

enum HullKind: string
{
    case Fibreglass = 'fibreglass';
    case Aluminium = 'aluminium';
    case Pontoon = 'pontoon';
    case Inflatable = 'inflatable';
    case Box = 'box';

    /** Whether what touches the hull can flow through it. */
    public function isMetal(): bool
    {
        return $this === self::Aluminium || $this === self::Pontoon;
    }

    public function label(): string
    {
        return match ($this) {
            self::Fibreglass => 'fibreglass',
            self::Aluminium => 'aluminium',
            self::Pontoon => 'two hulls or pontoons',
            self::Inflatable => 'inflatable',
            self::Box => 'box',
        };
    }
}
