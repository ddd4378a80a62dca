<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Record\IdWords;
use Dinghy\Record\Record;

/** A board that is made up on the bench and mounted in one piece; measures in mm from its lower left corner. */
final readonly class Board
{
    /** @param  list<BoardPart>  $parts */
    private function __construct(
        public string $id,
        public string $name,
        public ?string $station,
        public float $width,
        public float $height,
        public ?string $colour,
        public array $parts,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->text('id'),
            $record->text('name'),
            $record->textOrNull('station'),
            $record->number('width_mm'),
            $record->number('height_mm'),
            $record->textOrNull('colour'),
            array_map(BoardPart::of(...), $record->records('parts')),
        );
    }

    public function label(): string
    {
        return $this->name === '' ? ucfirst(IdWords::of($this->id)) : $this->name;
    }
}
