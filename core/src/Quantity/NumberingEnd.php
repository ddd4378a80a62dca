<?php

declare(strict_types=1);

namespace Dinghy\Quantity;

/** The end of a bank that its blocks are counted from: a matter of display, never in the file. */
enum NumberingEnd: string
{
    case Negative = 'negative';
    case Positive = 'positive';
}
