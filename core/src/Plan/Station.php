<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Geometry\Spot;
use Dinghy\Record\IdWords;
use Dinghy\Record\Record;

/** A place in the boat: x forward from the transom, y to port, m. */
final readonly class Station
{
    /**
     * @param  list<float>|null  $inside  length, width, height of the compartment inside, in mm
     * @param  string|null  $lid  the side its lid is hinged at, or none
     * @param  bool  $moves  a battery or a lid moves there, and pulls at wires
     * @param  float|null  $celsius  how hot it gets; null: as the house rules have it
     */
    private function __construct(
        public string $id,
        public string $name,
        public float $x,
        public float $y,
        public ?string $kind,
        public ?bool $petrolVapour,
        public ?array $inside,
        public ?string $lid,
        public bool $moves,
        public ?float $celsius,
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
            $record->has('inside_mm') ? $record->numbers('inside_mm') : null,
            $record->textOrNull('lid'),
            $record->flag('moves'),
            $record->numberOrNull('celsius'),
        );
    }

    public function at(): Spot
    {
        return new Spot($this->x, $this->y);
    }

    public function label(): string
    {
        return $this->name === '' ? ucfirst(IdWords::of($this->id)) : $this->name;
    }
}
