<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Anchoring;

use Dinghy\Solving\Figures;
use Dinghy\Solving\SolvedBoat;

/** Rode over depth and freeboard, for each anchor whose depth is known. */
final readonly class Scope implements Figures
{
    /** @param  array<string, float>  $of  by anchor */
    private function __construct(public array $of)
    {
    }

    public static function of(SolvedBoat $boat): self
    {
        $anchors = $boat->plan->part(Anchors::class);
        $scopes = [];
        foreach ($anchors->all ?? [] as $anchor) {
            if ($anchor->depth !== null && $anchors !== null) {
                $scopes[$anchor->id] = $anchor->rode / ($anchor->depth + $anchors->freeboard);
            }
        }

        return new self($scopes);
    }
}
