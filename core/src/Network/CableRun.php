<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Plan\Boat;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Way;
use Dinghy\Plan\WayKind;
use Dinghy\Route\Route;
use Dinghy\Route\Ways;
use Dinghy\Sonar\Transducer;

/** Where a transducer's or a network cable lies. */
final class CableRun
{
    /**
     * From a transducer to the device that it is plugged into.
     *
     * @return Route|null null: where one of them sits is not known, or no way leads there
     */
    public static function ofTransducer(Plan $plan, Transducer $transducer): ?Route
    {
        return $transducer->device === null ? null : self::between(
            $plan->boat,
            $transducer->station,
            $plan->devices[$transducer->device]->station,
            $transducer->route,
        );
    }

    /** @return Route|null as ofTransducer() */
    public static function ofCable(Plan $plan, NetworkCable $cable): ?Route
    {
        return self::between($plan->boat, $plan->devices[$cable->from]->station, $plan->devices[$cable->to]->station, $cable->route);
    }

    /**
     * @return float|null m that a transducer's cable has to have: its way, the loop that its motor needs, and slack at the
     *                    device's end
     */
    public static function needed(Plan $plan, Transducer $transducer): ?float
    {
        $route = self::ofTransducer($plan, $transducer);

        return $route === null ? null : $route->length + $transducer->loop + $plan->houseRules->slack;
    }

    /**
     * @return list<Way> tubes and gunwales of a route where a cable lies against others
     */
    public static function close(Route $route): array
    {
        return array_values(array_filter(
            $route->ways,
            static fn (Way $way): bool => $way->isTube() || $way->kind === WayKind::Gunwale,
        ));
    }

    /** @param  list<string>|null  $through */
    private static function between(Boat $boat, ?string $from, ?string $to, ?array $through): ?Route
    {
        if ($from === null || $to === null) {
            return null;
        }
        $stations = [$from];
        foreach ([...($through ?? []), $to] as $station) {
            $station !== $stations[count($stations) - 1] && $stations[] = $station;
        }

        return (new Ways($boat->ways))->through($stations);
    }
}
