<?php

declare(strict_types=1);

namespace Dinghy\Plan;

/** How a wire is made. */
enum WireKind: string
{
    case Marine = 'marine';
    case Building = 'building';
    case BoosterLead = 'booster-lead';
    case Solid = 'solid';

    public function label(): string
    {
        return match ($this) {
            self::Marine => 'marine wire',
            self::Building => 'building wire',
            self::BoosterLead => 'booster lead',
            self::Solid => 'solid wire',
        };
    }
}
