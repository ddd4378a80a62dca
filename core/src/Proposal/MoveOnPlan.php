<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Geometry\Spot;
use Dinghy\Plan\Boat;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Way;

/**
 * Stations and bends moved on the boat plan: ways whose length is measured along the drawing follow, taped ones stay.
 */
final class MoveOnPlan
{
    /** m that a length along the drawing is rounded to, and its least */
    private const STEP = 0.01;

    /** Fields of stations and ways that the drawing is made of. */
    private const DRAWN = ['x_m', 'y_m', 'bends_m', 'measured'];

    public static function station(Plan $plan, PlanDocument $document, string $id, Spot $to): Patch
    {
        isset($plan->boat->stations[$id]) || throw ProposalRefused::noSuch('station', $id);

        return self::followed($document, Patch::set("station:{$id}", ['x_m' => $to->x, 'y_m' => $to->y]));
    }

    /** @param  list<Spot>  $bends */
    public static function bends(Plan $plan, PlanDocument $document, string $id, array $bends): Patch
    {
        $plan->boat->way($id) ?? throw ProposalRefused::noSuch('way', $id);

        return self::followed(
            $document,
            Patch::set(
                "way:{$id}",
                ['bends_m' => array_map(
                    static fn (Spot $spot): \stdClass => (object) ['x_m' => $spot->x, 'y_m' => $spot->y],
                    $bends,
                )],
            ),
        );
    }

    /** A way whose length is to follow the drawing from now on. */
    public static function followDrawing(Plan $plan, PlanDocument $document, string $id): Patch
    {
        $plan->boat->way($id) ?? throw ProposalRefused::noSuch('way', $id);

        return self::followed($document, Patch::set("way:{$id}", ['measured' => 'drawing']));
    }

    /**
     * A change with the lengths of the ways that follow the drawing, where it moves anything of it; a length that is
     * given is a tape's.
     */
    public static function followed(PlanDocument $document, Patch $patch): Patch
    {
        foreach ($patch->fields() as ['on' => $on, 'path' => $path]) {
            if (str_starts_with($on, 'way:') && $path === 'length_m' && ! in_array(['on' => $on, 'path' => 'measured'], $patch->fields(), true)) {
                $patch = $patch->and(Patch::set($on, ['measured' => 'tape']));
            }
        }
        $moved = array_column(
            array_filter(
                $patch->fields(),
                static fn (array $field): bool => in_array(explode('.', $field['path'])[0], self::DRAWN, true),
            ),
            'on',
        );
        if ($moved === []) {
            return $patch;
        }
        $boat = $document->with($patch)->plan()->boat;
        foreach ($boat->ways as $way) {
            if ($way->fromDrawing && array_intersect(["way:{$way->id}", "station:{$way->from}", "station:{$way->to}"], $moved) !== []) {
                $patch = $patch->and(Patch::set("way:{$way->id}", ['length_m' => self::drawnLength($boat, $way)]));
            }
        }

        return $patch;
    }

    /** @return float m, as it is kept */
    public static function drawnLength(Boat $boat, Way $way): float
    {
        return max(self::STEP, round($boat->lineOf($way)->length() / self::STEP) * self::STEP);
    }
}
