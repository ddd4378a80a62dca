<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Figure;

use Dinghy\Plan\Plan;
use Dinghy\Plan\Station;
use Dinghy\Plan\Way;

/** How cables are brought through a way, as riggers do it: common practice, no source. */
final readonly class Pull
{
    /** @return string a sentence or two */
    public static function says(Plan $plan, Way $way): string
    {
        [$from, $to] = self::ends($plan, $way);
        if (! $way->isTube()) {
            return "Lay it by hand from {$from->label()} and hold it every ".Way::HELD_EVERY_IN_WORDS.'.';
        }
        $how = match (true) {
            $way->oldWire => 'Tie the new cables and a cord to the old wire and draw it out',
            $way->curved || $way->bends !== [] => 'Push a flexible glass rod through, tie on and draw it back',
            default => 'Run a steel tape through, tie on and draw it back',
        };

        return "{$how} from {$from->label()} to {$to->label()}. All cables in one draw, the thickest in front, each a hand’s breadth behind the last; leave a pull cord behind.";
    }

    /** @return array{Station, Station} the end that is fed from, with the better access, and the other */
    private static function ends(Plan $plan, Way $way): array
    {
        [$from, $to] = [$plan->boat->stations[$way->from], $plan->boat->stations[$way->to]];

        return self::access($to) > self::access($from) ? [$to, $from] : [$from, $to];
    }

    private static function access(Station $station): int
    {
        return match (true) {
            $station->lid !== null && $station->lid !== 'none' => 3,
            in_array($station->kind, ['locker', 'battery', 'console'], true) => 2,
            $station->inside !== null => 1,
            default => 0,
        };
    }
}
