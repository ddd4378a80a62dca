<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Record\Record;

/** How a wire is fastened at its two posts. */
final readonly class Lug
{
    /**
     * @param  string|null  $fromHole  size of the ring's hole; null: bought to suit the stud
     * @param  string|null  $toHole  the same at the other end
     */
    public function __construct(
        public Fastening $fastening = Fastening::Nut,
        public ?string $fromHole = null,
        public ?string $toHole = null,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            Fastening::from($record->text('fastening')),
            $record->textOrNull('from_hole'),
            $record->textOrNull('to_hole'),
        );
    }
}
