<?php

declare(strict_types=1);

namespace Dinghy\Kit\Piece;

/** How a wire ends. */
enum EndKind: string
{
    case Ring = 'ring';
    case Butt = 'butt';
    case StepDown = 'step-down';
    case Spade = 'spade';
    /** bare, into a terminal of the part itself */
    case None = 'none';
}
