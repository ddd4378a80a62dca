<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Area\Rigging\Rule\HoldRule;

/** One thing that is done, by one person, at one place. */
final readonly class Step
{
    public float $minutes;

    /**
     * @param  list<string>  $on  parts of the plan, as "feed:bow-motor"
     * @param  list<string>  $needs  ids of steps that are done before it
     * @param  string|null  $at  station; null: nobody has said where
     * @param  string|null  $post  battery post that a conductor lands on; null: elsewhere, or none lands
     * @param  MeterState|null  $state  of a meter step
     * @param  float|null  $minutes  null: as its kind usually takes
     */
    public function __construct(
        public string $id,
        public StepKind $kind,
        public string $says,
        public array $on,
        public array $needs,
        public ?string $at = null,
        public ?string $post = null,
        public ?HoldRule $hold = null,
        public Place $place = Place::Bay,
        public ?MeterState $state = null,
        ?float $minutes = null,
    ) {
        $this->minutes = $minutes ?? $kind->minutes();
    }
}
