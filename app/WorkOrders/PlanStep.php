<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Models\Acceptance;
use App\Models\PlanVersion;
use Dinghy\File\Patch;
use Dinghy\File\PatchWords;
use Dinghy\File\PlanDocument;
use Dinghy\Quantity\QuantityFormatter;

/** A change, or a decision, that can be taken back or made again. */
final readonly class PlanStep
{
    /**
     * @param  int  $number  of the version that made it; of a decision its id, negative
     * @param  PlanVersion|null  $version  that made the change; null: it is a decision
     * @param  Patch|null  $patch  to apply now
     * @param  Acceptance|null  $decision  null: it is a change
     */
    private function __construct(
        public int $number,
        public ?PlanVersion $version,
        public ?Patch $patch,
        public ?Acceptance $decision,
        private ?PlanDocument $from = null,
        private ?PlanDocument $to = null,
    ) {
    }

    /** What it would do, as "feed to Bow motor: gauge 6 AWG → 8 AWG". */
    public function says(QuantityFormatter $formatter): string
    {
        if ($this->from === null || $this->to === null || $this->version === null) {
            return "the decision on {$this->decision?->rule}: {$this->decision?->reason}";
        }
        $patch = $this->version->planPatch();

        return $patch === null ? '' : (new PatchWords($this->to->words($formatter)))->between($patch, $this->from, $this->to);
    }

    public static function back(PlanVersion $version, Patch $patch, PlanDocument $before, PlanDocument $after): self
    {
        return new self(
            $version->number,
            $version,
            $patch->inverseOn($before),
            null,
            $after,
            $before,
        );
    }

    public static function again(PlanVersion $version, Patch $patch, PlanDocument $before, PlanDocument $after): self
    {
        return new self($version->number, $version, $patch, null, $before, $after);
    }

    public static function decision(Acceptance $decision): self
    {
        return new self(-$decision->id, null, null, $decision);
    }
}
