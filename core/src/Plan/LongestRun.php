<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Conductor\Gauge;
use Dinghy\Record\Record;

/** A line of a device maker's own table: how far a gauge may lead to it. */
final readonly class LongestRun
{
    /** @param  float  $length m one way */
    private function __construct(
        public Gauge $gauge,
        public float $length,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(Gauge::of($record->text('gauge')), $record->number('length_m'));
    }
}
