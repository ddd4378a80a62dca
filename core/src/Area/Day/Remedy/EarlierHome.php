<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Remedy;

use Dinghy\Area\Day\Figure\TurnHome;
use Dinghy\File\Patch;
use Dinghy\Plan\TripPhase;
use Dinghy\Rule\Remedy;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Trip\Day;

/** A day that turns home earlier: as late as still brings the boat home, and spares what is to be spared. */
final class EarlierHome
{
    /** min by which it is earlier still, where the moment itself is too fine a line */
    private const EARLIER = [0.0, 5.0, 15.0];

    /**
     * @param  (\Closure(Day): bool)|null  $spares  what the way home is to leave as well; null: nothing
     * @return iterable<Remedy>
     */
    public static function of(SolvedBoat $boat, ?\Closure $spares = null): iterable
    {
        $phases = $boat->plan->trip ?? [];
        $latest = TurnHome::latest($boat, $spares);
        foreach ($latest === null ? [] : self::EARLIER as $earlier) {
            $minute = $latest - $earlier;
            if ($minute > 0) {
                yield new Remedy(
                    "Turn home at {$boat->words->clock($boat->plan->tripStart + $minute)}, {$boat->words->hours($minute / 60)} out.",
                    Patch::set('plan', ['trip.phases' => array_map(static fn (TripPhase $phase): \stdClass => $phase->written(), TurnHome::at($phases, $minute))]),
                );
            }
        }
    }
}
