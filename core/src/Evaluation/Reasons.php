<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

/** Why the figures of an area are what they are. */
interface Reasons
{
    /**
     * @param  string  $figure  as the page holds it: "run:bow-motor:drop_pct"
     * @return Explanation|null null: there is no such figure here
     */
    public function of(string $figure): ?Explanation;
}
