<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Models\PlanVersion;
use Dinghy\Plan\Patch;
use Dinghy\Plan\PatchWords;
use Dinghy\Plan\PlanDocument;

/** A change that can be taken back or made again. */
final readonly class PlanStep
{
    /**
     * @param  PlanVersion  $version  that made the change
     * @param  Patch  $patch  to apply now
     * @param  string  $says  what it would do, as "gauge 6 AWG → 8 AWG"
     */
    private function __construct(
        public PlanVersion $version,
        public Patch $patch,
        public string $says,
    ) {
    }

    public static function back(PlanVersion $version, Patch $patch, PlanDocument $before, PlanDocument $after): self
    {
        return new self($version, $patch->inverseOn($before), PatchWords::between($patch, $after, $before));
    }

    public static function again(PlanVersion $version, Patch $patch, PlanDocument $before, PlanDocument $after): self
    {
        return new self($version, $patch, PatchWords::between($patch, $before, $after));
    }
}
