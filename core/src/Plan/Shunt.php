<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Record\Record;

/** A battery monitor's shunt, between a bank's negative post and every load's minus. */
final readonly class Shunt
{
    /**
     * @param  float  $amps  A that it is made for
     * @param  float  $ohms  Ω
     * @param  float|null  $capacitySet  Ah that the monitor is told
     */
    private function __construct(
        public float $amps,
        public float $ohms,
        public ?float $capacitySet,
        public ?string $stud,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->number('rating_a'),
            $record->number('mohm') / 1000,
            $record->numberOrNull('capacity_set_ah'),
            $record->textOrNull('stud'),
        );
    }
}
