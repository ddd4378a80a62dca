<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Protection\FuseFamily;
use Dinghy\Record\Record;

/** A fuse or breaker in the plus side of a feed or branch. */
final readonly class Protection
{
    /**
     * @param  float|null  $rating  A; null: Dinghy chooses
     * @param  float|null  $fromSource  m of wire between the source and it; null: unknown
     * @param  float|null  $maxVolts  V of its own sheet; null: its family's
     * @param  string|null  $stud  size of its studs; null: nobody has said, or it has none
     * @param  string|null  $hole  size of the rings on it; null: bought to suit
     * @param  float|null  $breakingAmps  A of its own sheet; null: its family's
     */
    public function __construct(
        public FuseFamily $family,
        public ?float $rating,
        public ?float $fromSource,
        public bool $sheathed,
        public ?float $maxVolts = null,
        public ?float $breakingAmps = null,
        public ?bool $ignitionProtected = null,
        public ?bool $resetsItself = null,
        public ?bool $tripFree = null,
        public ?string $stud = null,
        public ?string $hole = null,
    ) {
    }

    /** V, the highest it may be used at */
    public function volts(): float
    {
        return $this->maxVolts ?? $this->family->maxVolts();
    }

    /** @return float A that it can break at the given volts; 0 where it is not made for so many */
    public function breakingCapacity(float $volts): float
    {
        return $this->breakingAmps ?? $this->family->breakingCapacity($volts);
    }

    public static function of(Record $record): self
    {
        return new self(
            FuseFamily::from($record->text('family')),
            $record->numberOrNull('rating_a'),
            $record->numberOrNull('from_source_m'),
            $record->flag('sheathed'),
            $record->numberOrNull('max_v'),
            $record->numberOrNull('breaking_a'),
            $record->flagOrNull('ignition_protected'),
            $record->flagOrNull('resets_itself'),
            $record->flagOrNull('trip_free'),
            $record->textOrNull('stud'),
            $record->textOrNull('hole'),
        );
    }
}
