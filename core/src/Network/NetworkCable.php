<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Plan\Plan;
use Dinghy\Record\Record;
use Dinghy\Sonar\MouldedCable;

/** A cable of the network; it takes a port at both ends. */
final readonly class NetworkCable
{
    /**
     * @param  string  $from  a device
     * @param  string  $to  a device
     * @param  float|null  $length  m
     * @param  list<string>|null  $route  stations that it goes through; null: the shortest way
     */
    private function __construct(
        public string $id,
        public string $from,
        public string $to,
        public ?float $length,
        public ?array $route,
        public MouldedCable $moulded,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->text('id'),
            $record->text('from'),
            $record->text('to'),
            $record->numberOrNull('length_m'),
            $record->has('route') ? $record->texts('route') : null,
            MouldedCable::of($record),
        );
    }

    /** As a sentence speaks of it: by what it joins. */
    public function label(Plan $plan): string
    {
        return "the network cable from {$plan->devices[$this->from]->label()} to {$plan->devices[$this->to]->label()}";
    }
}
