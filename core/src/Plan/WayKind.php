<?php

declare(strict_types=1);

namespace Dinghy\Plan;

enum WayKind: string
{
    case Tube = 'tube';
    case Open = 'open';
    case Gunwale = 'gunwale';

    public function label(): string
    {
        return match ($this) {
            self::Tube => 'tube',
            self::Open => 'open',
            self::Gunwale => 'along the gunwale',
        };
    }
}
