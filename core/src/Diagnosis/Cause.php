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
    case AlreadyLoaded = 'already-loaded';
    case WrongMetal = 'wrong-metal';
    case Interrupted = 'interrupted';
    case WrongWayRound = 'wrong-way-round';
    case Contradictory = 'contradictory';
    case Unknown = 'unknown';

    public function label(): string
    {
        return match ($this) {
            self::NothingWrong => 'nothing wrong',
            self::ThinWire => 'the wire is too thin',
            self::BadJoint => 'a bad joint',
            self::WeakBattery => 'a weak battery',
            self::AlreadyLoaded => 'something else draws through it',
            self::WrongMetal => 'wire of a metal that has no place on a boat',
            self::Interrupted => 'interrupted',
            self::WrongWayRound => 'plus and minus swapped',
            self::Contradictory => 'readings that contradict one another',
            self::Unknown => 'not to be told yet',
        };
    }

    /** Whether a run past the old path puts an end to it. */
    public function liesInThePath(): bool
    {
        return match ($this) {
            self::ThinWire, self::BadJoint, self::AlreadyLoaded, self::WrongMetal, self::Interrupted => true,
            self::NothingWrong, self::WeakBattery, self::WrongWayRound, self::Contradictory, self::Unknown => false,
        };
    }
}
