<?php

declare(strict_types=1);

namespace Dinghy\Survey;

/** What hurts, as owners say it, and what a rigger measures first for it: common practice, no source. */
enum ComplaintKind: string
{
    case Restarts = 'restarts';
    case DeadByNoon = 'dead-by-noon';
    case LowVolts = 'low-volts';
    case Noise = 'noise';
    case Corroded = 'corroded';
    case Untidy = 'untidy';
    case UnknownWires = 'unknown-wires';
    case NothingWorks = 'nothing-works';

    public function label(): string
    {
        return match ($this) {
            self::Restarts => 'the screen restarts',
            self::DeadByNoon => 'dead by noon',
            self::LowVolts => 'low volts',
            self::Noise => 'noise on the picture',
            self::Corroded => 'corroded',
            self::Untidy => 'untidy',
            self::UnknownWires => 'unknown wires',
            self::NothingWorks => 'nothing works',
        };
    }

    /** @return non-empty-list<string> in the order that is soonest told apart */
    public function measures(): array
    {
        return match ($this) {
            self::Restarts => [
                'Volts at the battery posts and at the screen\'s plug, at rest and with everything on: a path check.',
                'The same while the motor runs, and while the engine cranks if they share a battery.',
            ],
            self::DeadByNoon => [
                'Resting volts of every battery, an hour after the last charge or load, with its age and size.',
                'Volts of each battery under a known load for a minute.',
                'Amps out of the bank with everything switched off.',
                'Volts at each battery while its charger runs: every block, not the bank.',
            ],
            self::LowVolts => [
                'Volts at the battery posts and at the device, at rest and loaded: a path check.',
                'Volts at the points in between, from the battery outward.',
            ],
            self::Noise => [
                'The picture with everything else off, then switched on one by one.',
                'The picture with the module on a battery of its own.',
                'How close sonar cables lie to the motor\'s run.',
            ],
            self::Corroded => [
                'Volts across each joint under load: anything over 50 mV is a bad one.',
                'Photographs of every post before it is cleaned.',
            ],
            self::Untidy => [
                'Photographs of every compartment before anything is moved.',
                'Which fuse or breaker kills which device, one after the other.',
            ],
            self::UnknownWires => [
                'Volts of every unknown wire against the battery\'s minus, with the switches off and on.',
                'Which fuse or breaker kills it; follow it by hand, never cut it to find out.',
            ],
            self::NothingWorks => [
                'Volts at the battery posts, then behind the main switch and breaker, then at the block.',
                'Every fuse, taken out and measured.',
                'Volts from the block\'s plus to the battery\'s minus: a broken minus shows here.',
            ],
        };
    }

    /** Whether a path check is what tells it apart. */
    public function asksForPathCheck(): bool
    {
        return match ($this) {
            self::Restarts, self::LowVolts, self::NothingWorks => true,
            default => false,
        };
    }
}
