<?php

declare(strict_types=1);

namespace Dinghy\Metering;

enum Verdict: string
{
    case Inside = 'inside';
    /** it looks as if it was read wrong: a person says */
    case Asks = 'asks';
    case Outside = 'outside';
}
