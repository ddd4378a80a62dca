<?php

declare(strict_types=1);

namespace Dinghy\Diagnosis;

/** What a path check can come to. */
enum Cause: string
{
    case NothingWrong = 'nothing-wrong';
    case ThinWire = 'thin-wire';
    case BadJoint = 'bad-joint';
    case WeakBattery = 'weak-battery';
    case Interrupted = 'interrupted';
    case WrongWayRound = 'wrong-way-round';
    case Unknown = 'unknown';

    public function label(): string
    {
        return match ($this) {
            self::NothingWrong => 'nothing wrong',
            self::ThinWire => 'the wire is too thin',
            self::BadJoint => 'a bad joint',
            self::WeakBattery => 'a weak battery',
            self::Interrupted => 'interrupted',
            self::WrongWayRound => 'plus and minus swapped',
            self::Unknown => 'not to be told yet',
        };
    }
}
