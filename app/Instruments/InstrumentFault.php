<?php

declare(strict_types=1);

namespace App\Instruments;

/** What can be wrong with the simulated boat, on request. */
enum InstrumentFault: string
{
    case Checksum = 'checksum';
    case Silence = 'silence';
    case TwoTalkers = 'two-talkers';
    case FrozenDepth = 'frozen-depth';
    case Binary = 'binary';
}
