<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Method;

use Dinghy\Area\Rigging\Step;
use Dinghy\Network\DataNetwork;
use Dinghy\Network\LaidCable;
use Dinghy\Plan\Way;
use Dinghy\Route\Route;
use Dinghy\Solving\SolvedBoat;

/** Which way a wire or a data cable goes, and with what it is pulled. Common practice, no source. */
final class Pulling
{
    public static function method(Step $step, SolvedBoat $boat): Method
    {
        $cable = $step->piece === null ? self::laid($boat, $step->on[0]) : null;
        $route = $step->piece === null ? $cable?->route : $step->piece->route;
        $figures = [];
        if ($step->piece !== null) {
            $length = $step->piece->cut;
            $length === null || $figures[] = Method::figure($step->piece->cutAfterPull ? 'about' : 'cut to', $boat->words->length($length));
            $figures[] = Method::figure('wire', $step->piece->stock->label());
        } elseif ($cable !== null) {
            $bend = $cable->moulded->bend;
            $bend === null || $figures[] = Method::figure('bend no tighter than', $boat->words->fine($bend));
            $cable->moulded->plug === null || $figures[] = Method::figure('plug', $boat->words->fine($cable->moulded->plug));
        }
        $how = self::along($boat, $route);
        if ($route?->goesThroughTube() === true) {
            $how[] = 'The old wire pulls where there is one; glass rod where the tube bends, steel tape where it is straight.';
            $how[] = 'All that goes the same way goes together, taped to a point, thickest last. One pulls, one feeds.';
            $how[] = 'A cord goes in with it and stays.';
        }
        if ($step->piece === null) {
            $how[] = 'The plug goes first, capped and taped, and is never pulled by itself: pull at the cable. What is left over is laid in a coil, not a knot, away from power.';
        } else {
            $how[] = $step->piece->cutAfterPull ? 'Cut it only when it lies there, with slack at both ends.' : 'Lay it beside its post first, then cut.';
        }

        return new Method($figures, $how, $step->piece === null ? 'A sonar cable cannot be cut or mended: stop when it sticks, and go back.' : null);
    }

    /** @return list<string> */
    private static function along(SolvedBoat $boat, ?Route $route): array
    {
        if ($route === null || $route->ways === []) {
            return [];
        }
        $stations = $boat->plan->boat->stations;

        return ['Its way: '.implode(', then ', array_map(static fn (Way $way): string => lcfirst($stations[$way->from]->label()).' – '.lcfirst($stations[$way->to]->label()).($way->kind === null ? '' : " ({$way->kind->label()})"), $route->ways)).'.'];
    }

    private static function laid(SolvedBoat $boat, string $on): ?LaidCable
    {
        $network = $boat->plan->part(DataNetwork::class);

        return $network === null ? null : array_column(LaidCable::allOf($boat->plan, $network), null, 'on')[$on] ?? null;
    }
}
