<?php

declare(strict_types=1);

namespace Dinghy\Source;

/** On whose word a figure or a judgement stands. */
enum SourceKind: string
{
    /** published, and held against a copy */
    case Published = 'pub';
    /** common practice of the trade, or computed from the plan: no publication */
    case CommonPractice = 'cp';
    /** written down from memory of a publication, to be confirmed against a copy */
    case FromMemory = 'mem';

    public function label(): string
    {
        return match ($this) {
            self::Published => 'published',
            self::CommonPractice => 'common practice, no source',
            self::FromMemory => 'published, written down from memory',
        };
    }
}
