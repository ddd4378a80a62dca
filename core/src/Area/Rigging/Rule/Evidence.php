<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Metering\Judgement;

/** What somebody gives to pass a hold. */
final readonly class Evidence
{
    /**
     * @param  bool  $tick  the person says that it is so
     * @param  bool  $isPhotographed  a picture of the place is kept
     * @param  list<float>  $readings  one after the other, in the units that the hold asks for
     * @param  list<Judgement>|null  $judgements  of what a meter showed, each reading that the step takes; null: they are not all there
     * @param  string|null  $reason  why it may go on all the same; null: none is given
     */
    public function __construct(
        public bool $tick = false,
        public bool $isPhotographed = false,
        public array $readings = [],
        public ?array $judgements = null,
        public ?string $reason = null,
    ) {
    }
}
