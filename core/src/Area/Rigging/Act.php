<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

/** What was done about a step. */
enum Act: string
{
    /** A wait that begins with a hand, as blocks put on the charger. */
    case Begin = 'begin';
    case Done = 'done';
    case Undo = 'undo';
}
