<?php

declare(strict_types=1);

namespace Dinghy\Sonar;

/** What a beam covers of a level bottom. */
final class BeamFootprint
{
    /**
     * @param  float  $depth  m below the transducer
     * @param  float  $beam  °, from edge to edge, below 180
     * @return float m across
     */
    public static function across(float $depth, float $beam): float
    {
        return 2 * $depth * tan(deg2rad($beam) / 2);
    }
}
