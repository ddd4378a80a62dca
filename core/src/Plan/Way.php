<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Plan\Format\Record;

/** A tube, gunwale or open stretch between two stations that wires can follow. */
final readonly class Way
{
    /** @param  float  $length m */
    private function __construct(
        public string $id,
        public string $from,
        public string $to,
        public float $length,
        public bool $engineSpace,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->text('id'),
            $record->text('from'),
            $record->text('to'),
            $record->number('length_m'),
            $record->flag('engine_space'),
        );
    }
}
