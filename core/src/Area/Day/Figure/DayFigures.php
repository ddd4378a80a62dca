<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Figure;

use Dinghy\Solving\Figures;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Trip\Day;
use Dinghy\Trip\Simulation;

/** The day on the water, simulated when it is first asked for: it takes longer than an edit may wait. */
final readonly class DayFigures implements Figures
{
    /** @param  Day|null  $day  null: none is planned, or nothing aboard feeds anything */
    private function __construct(public ?Day $day)
    {
    }

    public static function of(SolvedBoat $boat): self
    {
        return new self(Simulation::of($boat));
    }
}
