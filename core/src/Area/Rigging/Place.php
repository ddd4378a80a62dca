<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

/** Where a step can be done: on the bench before the boat is touched, in her bay, or only on the water. */
enum Place: string
{
    case Bench = 'bench';
    case Bay = 'bay';
    case Water = 'water';
}
