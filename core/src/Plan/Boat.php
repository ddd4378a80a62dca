<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Plan\Format\Record;

final readonly class Boat
{
    /**
     * @param  array<string, Station>  $stations  by id
     * @param  list<Way>  $ways
     */
    private function __construct(
        public string $name,
        public array $stations,
        public array $ways,
        public ?string $hull,
        public ?string $fuel,
        public ?bool $hullCarriesCurrent,
        public ?Engine $engine,
    ) {
    }

    public static function of(Record $record): self
    {
        $engine = $record->recordOrNull('engine');

        return new self(
            $record->text('name'),
            array_column(array_map(Station::of(...), $record->records('stations')), null, 'id'),
            array_map(Way::of(...), $record->records('ways')),
            $record->textOrNull('hull'),
            $record->textOrNull('fuel'),
            $record->flagOrNull('hull_carries_current'),
            $engine === null ? null : Engine::of($engine),
        );
    }
}
