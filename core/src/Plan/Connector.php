<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Conductor\Gauge;
use Dinghy\Record\Record;

/** A splice, lug or quick connector and the gauges it is made for. */
final readonly class Connector
{
    private function __construct(
        public string $name,
        public Gauge $thinnest,
        public Gauge $thickest,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->text('name'),
            Gauge::of($record->text('thinnest')),
            Gauge::of($record->text('thickest')),
        );
    }

    public function takes(Gauge $gauge): bool
    {
        return ! $gauge->isThinnerThan($this->thinnest) && ! $this->thickest->isThinnerThan($gauge);
    }

    public function label(): string
    {
        return ($this->name === '' ? 'connector' : $this->name)." ({$this->thinnest} to {$this->thickest})";
    }
}
