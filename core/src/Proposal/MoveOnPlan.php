<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\Layout\Line;
use Dinghy\Plan\Boat;
use Dinghy\Plan\Patch;
use Dinghy\Plan\Plan;
use Dinghy\Plan\PlanDocument;
use Dinghy\Plan\Spot;
use Dinghy\Plan\Way;

/** Stations and bends moved on the boat plan: ways whose length is measured along the drawing follow, taped ones stay. */
final class MoveOnPlan
{
    /** m that a length along the drawing is rounded to, and its least */
    private const STEP = 0.01;

    public static function station(Plan $plan, PlanDocument $document, string $id, Spot $to): Patch
    {
        isset($plan->boat->stations[$id]) || throw ProposalRefused::noSuch('station', $id);
        $patch = Patch::set("station:{$id}", ['x_m' => $to->x, 'y_m' => $to->y]);

        return self::withLengths($patch, $document, static fn (Way $way): bool => $way->from === $id || $way->to === $id);
    }

    /** @param  list<Spot>  $bends */
    public static function bends(Plan $plan, PlanDocument $document, string $id, array $bends): Patch
    {
        $plan->boat->way($id) ?? throw ProposalRefused::noSuch('way', $id);
        $patch = Patch::set("way:{$id}", ['bends_m' => array_map(static fn (Spot $spot): \stdClass => (object) ['x_m' => $spot->x, 'y_m' => $spot->y], $bends)]);

        return self::withLengths($patch, $document, static fn (Way $way): bool => $way->id === $id);
    }

    /** A way whose length is to follow the drawing from now on. */
    public static function followDrawing(Plan $plan, PlanDocument $document, string $id): Patch
    {
        $plan->boat->way($id) ?? throw ProposalRefused::noSuch('way', $id);

        return self::withLengths(Patch::set("way:{$id}", ['measured' => 'drawing']), $document, static fn (Way $way): bool => $way->id === $id);
    }

    /** @return float m, as it is kept */
    public static function drawnLength(Boat $boat, Way $way): float
    {
        return max(self::STEP, round(Line::of($boat, $way)->length() / self::STEP) * self::STEP);
    }

    /** A change with the lengths of the ways that follow the drawing, where it moves anything of it. */
    public static function followed(PlanDocument $document, Patch $patch): Patch
    {
        $moves = array_filter($patch->fields(), static fn (array $field): bool => str_starts_with($field['on'], 'station:') && in_array($field['path'], ['x_m', 'y_m'], true));

        return $moves === [] ? $patch : self::withLengths($patch, $document, static fn (Way $way): bool => in_array("station:{$way->from}", array_column($moves, 'on'), true) || in_array("station:{$way->to}", array_column($moves, 'on'), true));
    }

    /** @param  \Closure(Way): bool  $touched */
    private static function withLengths(Patch $patch, PlanDocument $document, \Closure $touched): Patch
    {
        $boat = Plan::of($document->with($patch))->boat;
        foreach ($boat->ways as $way) {
            if ($way->fromDrawing && $touched($way)) {
                $patch = $patch->and(Patch::set("way:{$way->id}", ['length_m' => self::drawnLength($boat, $way)]));
            }
        }

        return $patch;
    }
}
