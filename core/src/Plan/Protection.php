<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Plan\Format\Record;
use Dinghy\Protection\FuseFamily;

/** A fuse or breaker in the plus side of a feed or branch. */
final readonly class Protection
{
    /**
     * @param  float|null  $rating  A; null: Dinghy chooses
     * @param  float|null  $fromSource  m of wire between the source and it; null: unknown
     */
    public function __construct(
        public FuseFamily $family,
        public ?float $rating,
        public ?float $fromSource,
        public bool $sheathed,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            FuseFamily::from($record->text('family')),
            $record->numberOrNull('rating_a'),
            $record->numberOrNull('from_source_m'),
            $record->flag('sheathed'),
        );
    }
}
