<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Solving\Figures;
use Dinghy\Solving\SolvedBoat;

/** What a meter shows across each gap just before it is closed, red on the free end, where the steps are done as they are listed. */
final class GapVolts implements Figures
{
    /** @var array<string, float|null> V by connect step; null: nothing joins the two sides yet */
    private array $volts = [];

    public static function of(SolvedBoat $boat): self
    {
        $gaps = new self;
        $built = HalfBuilt::begun($boat);
        foreach ($boat->figures(Steps::class)->all as $step) {
            $gap = $built->gapOf($step);
            $gaps->volts[$step->id] = $gap === null ? null : $built->volts($gap->free, $gap->post);
            $built->land($step);
        }

        return $gaps;
    }

    /** @return float|null V; null: it lands nothing, or nothing joins the two sides of the gap yet */
    public function across(Step $step): ?float
    {
        return $this->volts[$step->id] ?? null;
    }
}
