<?php

declare(strict_types=1);

namespace Dinghy\Plan;

/** What a device holds constant as its volts change. */
enum LoadKind: string
{
    case Power = 'power';
    case Current = 'current';
    case Resistance = 'resistance';
}
