<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Record\Record;

/** A plug and socket in a run. */
final readonly class Plug
{
    /** @param  bool  $keyed  whether it can only be joined the right way round, or is marked so */
    private function __construct(
        public float $amps,
        public float $maxVolts,
        public bool $keyed,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self($record->number('rating_a'), $record->number('max_v'), $record->flag('keyed'));
    }
}
