<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Record\IdWords;
use Dinghy\Record\Record;

/** A hole that is to be drilled, and what was seen behind it. */
final readonly class Hole
{
    /**
     * @param  float  $diameter  mm
     * @param  string  $behind  what is behind; empty: nobody has looked
     */
    private function __construct(
        public string $id,
        public string $name,
        public ?string $station,
        public HoleUse $use,
        public float $diameter,
        public HoleMaterial $material,
        public string $behind,
        public bool $belowWater,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->text('id'),
            $record->text('name'),
            $record->textOrNull('station'),
            HoleUse::from($record->text('for')),
            $record->number('diameter_mm'),
            HoleMaterial::from($record->text('material')),
            trim($record->text('behind')),
            $record->flag('below_water'),
        );
    }

    public function label(): string
    {
        return $this->name === '' ? ucfirst(IdWords::of($this->id)) : $this->name;
    }
}
