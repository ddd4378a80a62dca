<?php

declare(strict_types=1);

namespace Dinghy\Plan;

/** What a feed or branch is for; the shop's drop limit goes by it. */
enum LoadClass: string
{
    case Thrust = 'thrust';
    case Electronics = 'electronics';
    case General = 'general';
}
