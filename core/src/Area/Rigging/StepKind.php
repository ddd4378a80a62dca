<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

/** What is done in a step, in the order in which steps of different kinds are taken where nothing else decides. */
enum StepKind: string
{
    case Photograph = 'photograph';
    case MakeSafe = 'make-safe';
    case StripOut = 'strip-out';
    case Clean = 'clean';
    case Drill = 'drill';
    case Mount = 'mount';
    case Wait = 'wait';
    case Label = 'label';
    case Pull = 'pull';
    case Terminate = 'terminate';
    case Connect = 'connect';
    case Meter = 'meter';
    case Energise = 'energise';
    case PlugIn = 'plug-in';
    case Commission = 'commission';
    case Close = 'close';
    case HandOver = 'hand-over';

    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** min that a step of its kind takes [common practice, no source] */
    public function minutes(): float
    {
        return match ($this) {
            self::Label, self::Meter, self::PlugIn, self::Energise => 2.0,
            self::Photograph, self::Connect => 4.0,
            self::MakeSafe, self::Terminate, self::Clean, self::Close => 6.0,
            self::Drill, self::Pull, self::Commission => 12.0,
            self::Mount, self::HandOver => 25.0,
            self::StripOut => 40.0,
            self::Wait => 0.0,
        };
    }
}
