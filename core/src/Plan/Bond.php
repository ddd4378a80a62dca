<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Conductor\Gauge;
use Dinghy\Record\Record;

/** A conductor that joins the negatives of two banks. */
final readonly class Bond
{
    /**
     * @param  float  $length m
     * @param  list<Protection>  $protection  from its first end on
     * @param  string|null  $fromHole  size of the ring's hole; null: bought to suit
     * @param  string|null  $toHole  the same at the other end
     */
    private function __construct(
        public string $id,
        public Bank $from,
        public Bank $to,
        public Gauge $gauge,
        public float $length,
        public array $protection,
        public ?string $fromHole,
        public ?string $toHole,
    ) {
    }

    /** @param  array<string, Bank>  $banks by id */
    public static function of(Record $record, array $banks): self
    {
        return new self($record->text('id'), $banks[$record->text('from')], $banks[$record->text('to')],
            Gauge::of($record->text('gauge')), $record->number('length_m'),
            array_map(Protection::of(...), $record->records('protection')),
            $record->textOrNull('from_hole'), $record->textOrNull('to_hole'));
    }

    /** As a sentence speaks of it: "the bond from the house bank to the thrust bank". */
    public function label(): string
    {
        return "the bond from {$this->from->label()} to {$this->to->label()}";
    }
}
