<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Remedy;

use Dinghy\Overcurrent\PlacedConductor;
use Dinghy\Rule\Remedy;
use Dinghy\Solving\SolvedBoat;

/** The gauges in stock that a conductor could have instead, thinnest first. */
final class ThickerWire
{
    /**
     * @param  float  $amps  A that it must carry where it lies
     * @param  string  $words  before the gauge
     * @return iterable<Remedy>
     */
    public static function carrying(
        SolvedBoat $solved,
        PlacedConductor $conductor,
        float $amps,
        string $words = 'Run',
    ): iterable {
        foreach ($conductor->gaugesFor($amps, $solved->plan->houseRules) as $gauge) {
            $patch = $conductor->gauge->isThinnerThan($gauge) ? $conductor->withGauge($gauge) : null;
            if ($patch !== null) {
                yield new Remedy("{$words} {$gauge}.", $patch);
            }
        }
    }
}
