<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

enum RunKind: string
{
    case Feed = 'feed';
    case Branch = 'branch';
    case Lead = 'lead';
}
