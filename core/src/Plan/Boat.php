<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Geometry\Polyline;
use Dinghy\Geometry\Spot;
use Dinghy\Hull\HullKind;
use Dinghy\Hull\Outline;
use Dinghy\Record\Record;

final readonly class Boat
{
    /**
     * @param  array<string, Station>  $stations  by id
     * @param  list<Way>  $ways
     * @param  float|null  $length  m
     * @param  float|null  $beam  m
     * @param  float|null  $loadedKilograms  kg
     * @param  float|null  $windage  m² that the wind finds from ahead
     * @param  Spot|null  $compass  a magnetic compass
     */
    private function __construct(
        public string $name,
        public array $stations,
        public array $ways,
        public ?HullKind $hull,
        public ?float $length,
        public ?float $beam,
        public ?float $loadedKilograms,
        public ?float $windage,
        public ?Spot $compass,
        public ?string $fuel,
        public ?bool $hullCarriesCurrent,
        public string $hullJoins,
        public ?Engine $engine,
    ) {
    }

    public static function of(Record $record): self
    {
        $hull = $record->textOrNull('hull');
        $compass = $record->recordOrNull('compass_m');
        $engine = $record->recordOrNull('engine');

        return new self(
            $record->text('name'),
            array_column(array_map(Station::of(...), $record->records('stations')), null, 'id'),
            array_map(Way::of(...), $record->records('ways')),
            $hull === null ? null : HullKind::from($hull),
            $record->numberOrNull('length_m'),
            $record->numberOrNull('beam_m'),
            $record->numberOrNull('loaded_kg'),
            $record->numberOrNull('windage_m2'),
            $compass === null ? null : Spot::of($compass),
            $record->textOrNull('fuel'),
            $record->flagOrNull('hull_carries_current'),
            $record->text('hull_joins'),
            $engine === null ? null : Engine::of($engine),
        );
    }

    /** Her shape from above; null: kind, length or beam is not known. */
    public function outline(): ?Outline
    {
        return $this->hull === null || $this->length === null || $this->beam === null ? null : new Outline(
            $this->hull,
            $this->length,
            $this->beam,
        );
    }

    /** A way as it is drawn, from station to station through its bends. */
    public function lineOf(Way $way): Polyline
    {
        return Polyline::through([$this->stations[$way->from]->at(), ...$way->bends, $this->stations[$way->to]->at()]);
    }

    public function way(string $id): ?Way
    {
        foreach ($this->ways as $way) {
            if ($way->id === $id) {
                return $way;
            }
        }

        return null;
    }
}
