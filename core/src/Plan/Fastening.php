<?php

declare(strict_types=1);

namespace Dinghy\Plan;

/** How a ring terminal is held on its post. */
enum Fastening: string
{
    case Nut = 'nut';
    case WingNut = 'wing-nut';
    case Hand = 'hand';

    public function label(): string
    {
        return match ($this) {
            self::Nut => 'a nut',
            self::WingNut => 'a wing nut',
            self::Hand => 'a hand-tight connection',
        };
    }
}
