<?php

declare(strict_types=1);

namespace Dinghy\Metering;

use Dinghy\Wiring\Circuit;

/** One place to read at rest: what must come, and where one stands to read it. */
final readonly class RestPoint
{
    /**
     * @param  string|null  $place  station; null: nobody has said where
     * @param  int  $rank  blocks first, then what they stack up to, then plugs: what comes later stands on what came before
     * @param  Circuit|null  $circuit  that it is the far end of; null: it is at the banks
     */
    public function __construct(
        public Measurement $of,
        public ?string $place,
        public int $rank,
        public ?Circuit $circuit,
    ) {
    }
}
