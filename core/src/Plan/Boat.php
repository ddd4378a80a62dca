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
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->text('name'),
            array_column(array_map(Station::of(...), $record->records('stations')), null, 'id'),
            array_map(Way::of(...), $record->records('ways')),
        );
    }
}
