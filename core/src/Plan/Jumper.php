<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Conductor\Gauge;
use Dinghy\Record\Record;

/** A wire between two battery posts. */
final readonly class Jumper
{
    /**
     * @param  float  $length m
     * @param  list<Protection>  $protection  from its first end on
     */
    public function __construct(
        public string $id,
        public Post $from,
        public Post $to,
        public Gauge $gauge,
        public float $length,
        public Lug $lug,
        public array $protection = [],
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->text('id'),
            Post::named($record->text('from')),
            Post::named($record->text('to')),
            Gauge::of($record->text('gauge')),
            $record->number('length_m'),
            Lug::of($record),
            array_map(Protection::of(...), $record->records('protection')),
        );
    }

    /** Whether it joins posts of one kind, plus with plus or minus with minus. */
    public function joinsLike(): bool
    {
        return $this->from->isPlus() === $this->to->isPlus();
    }
}
