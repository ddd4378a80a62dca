<?php

declare(strict_types=1);

namespace Dinghy\Charging;

/** Why a battery gets nothing in a night, or nobody can tell what it gets. */
enum NotCharged: string
{
    case NoCharger = 'no-charger';
    case TooCold = 'too-cold';
    case WrongCharger = 'wrong-charger';
    case Unknown = 'unknown';

    public function says(): string
    {
        return match ($this) {
            self::NoCharger => 'no mains charger stands across it',
            self::TooCold => 'it takes no charge below 0 °C',
            self::WrongCharger => 'its charger is not set for it',
            self::Unknown => 'only its maker knows how it charges',
        };
    }
}
