<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Plan\Format\Record;

/** A place in the boat: x forward from the transom, y to port, m. */
final readonly class Station
{
    private function __construct(
        public string $id,
        public string $name,
        public float $x,
        public float $y,
        public ?string $kind,
        public ?bool $petrolVapour,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->text('id'),
            $record->text('name'),
            $record->number('x_m'),
            $record->number('y_m'),
            $record->textOrNull('kind'),
            $record->flagOrNull('petrol_vapour'),
        );
    }

    public function label(): string
    {
        return $this->name === '' ? $this->id : $this->name;
    }
}
