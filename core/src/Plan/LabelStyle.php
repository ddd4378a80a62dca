<?php

declare(strict_types=1);

namespace Dinghy\Plan;

/** What a shop writes on the labels at both ends of a wire. */
enum LabelStyle: string
{
    case Full = 'full';
    case Circuit = 'circuit';
    case Ends = 'ends';

    public function label(): string
    {
        return match ($this) {
            self::Full => 'everything',
            self::Circuit => 'circuit and gauge',
            self::Ends => 'from and to',
        };
    }
}
