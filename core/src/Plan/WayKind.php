<?php

declare(strict_types=1);

namespace Dinghy\Plan;

enum WayKind: string
{
    case Tube = 'tube';
    case Open = 'open';
    case Gunwale = 'gunwale';
}
