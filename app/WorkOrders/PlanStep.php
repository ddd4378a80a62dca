<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Models\Acceptance;
use App\Models\PlanVersion;
use Dinghy\File\Patch;
use Dinghy\File\PatchWords;
use Dinghy\File\PlanDocument;

/** A change, or a decision, that can be taken back or made again. */
final readonly class PlanStep
{
    /**
     * @param  int  $number  of the version that made it; of a decision its id, negative
     * @param  string  $says  what it would do, as "gauge 6 AWG → 8 AWG"
     * @param  PlanVersion|null  $version  that made the change; null: it is a decision
     * @param  Patch|null  $patch  to apply now
     * @param  Acceptance|null  $decision  null: it is a change
     */
    private function __construct(
        public int $number,
        public string $says,
        public ?PlanVersion $version,
        public ?Patch $patch,
        public ?Acceptance $decision,
    ) {
    }

    public static function back(PlanVersion $version, Patch $patch, PlanDocument $before, PlanDocument $after): self
    {
        return new self(
            $version->number,
            PatchWords::between($patch, $after, $before),
            $version,
            $patch->inverseOn($before),
            null,
        );
    }

    public static function again(PlanVersion $version, Patch $patch, PlanDocument $before, PlanDocument $after): self
    {
        return new self($version->number, PatchWords::between($patch, $before, $after), $version, $patch, null);
    }

    public static function decision(Acceptance $decision): self
    {
        return new self(
            -$decision->id,
            "the decision on {$decision->rule}: {$decision->reason}",
            null,
            null,
            $decision,
        );
    }
}
