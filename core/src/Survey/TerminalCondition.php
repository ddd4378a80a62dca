<?php

declare(strict_types=1);

namespace Dinghy\Survey;

/** How a battery was found to be connected. */
enum TerminalCondition: string
{
    case Nut = 'nut';
    case WingNut = 'wing-nut';
    case Loose = 'loose';
    case Damaged = 'damaged';

    public function label(): string
    {
        return match ($this) {
            self::Nut => 'proper nuts',
            self::WingNut => 'wing nuts',
            self::Loose => 'loose',
            self::Damaged => 'damaged',
        };
    }
}
