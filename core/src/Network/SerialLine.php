<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Record\Record;

/** A line that one device talks on and others listen to [pub NMEA 0183]. */
final readonly class SerialLine
{
    /**
     * @param  string  $talker  a device
     * @param  list<string>  $listeners  devices
     * @param  list<string>  $sentences  as "DBT"
     */
    private function __construct(
        public string $id,
        public string $talker,
        public array $listeners,
        public array $sentences,
        public int $baud,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->text('id'),
            $record->text('talker'),
            $record->texts('listeners'),
            $record->texts('sentences'),
            (int) $record->number('baud'),
        );
    }
}
