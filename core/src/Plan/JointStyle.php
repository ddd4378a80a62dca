<?php

declare(strict_types=1);

namespace Dinghy\Plan;

/** How a shop makes its joints. Solder alone is never one. */
enum JointStyle: string
{
    case CrimpShrink = 'crimp-shrink';
    case CrimpSolder = 'crimp-solder';
    case Splice = 'splice';

    public function label(): string
    {
        return match ($this) {
            self::CrimpShrink => 'crimped, adhesive shrink',
            self::CrimpSolder => 'crimped, then soldered',
            self::Splice => 'mechanical splice',
        };
    }
}
