<?php

declare(strict_types=1);

namespace Dinghy\Plan;

/** What a hole is drilled for. */
enum HoleUse: string
{
    case Screw = 'screw';
    case Bolt = 'bolt';
    case Cable = 'cable';
    case Transducer = 'transducer';
}
