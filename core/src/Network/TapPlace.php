<?php

declare(strict_types=1);

namespace Dinghy\Network;

/** Where a backbone is best powered: where the volts fall least along its trunk. */
final class TapPlace
{
    /** m between places that are tried, besides every tee */
    private const STEP = 0.1;

    /**
     * @param  float  $volts  V at the tap
     * @return float m along the trunk; of equally good places the first
     */
    public static function best(Backbone $backbone, float $volts): float
    {
        $places = array_map(static fn (BackboneNode $node): float => $node->at, $backbone->nodes);
        for ($step = 0; $step * self::STEP <= $backbone->length; $step++) {
            $places[] = round($step * self::STEP, 3);
        }
        sort($places);
        [$best, $least] = [0.0, INF];
        foreach ($places as $place) {
            $drop = Trunk::of($backbone->poweredAt($place, $volts), [$volts])->drop ?? INF;
            if ($drop < $least - 1e-9) {
                [$best, $least] = [$place, $drop];
            }
        }

        return $best;
    }
}
