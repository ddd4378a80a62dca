<?php

declare(strict_types=1);

namespace Dinghy\Plan;

/** What a hole is drilled through. */
enum HoleMaterial: string
{
    case Fibreglass = 'fibreglass';
    case Cored = 'cored';
    case Aluminium = 'aluminium';
    case Plastic = 'plastic';
    case Wood = 'wood';
}
