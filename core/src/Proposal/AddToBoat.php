<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;
use Dinghy\File\PlanFormat;
use Dinghy\File\QuantityRefused;
use Dinghy\File\TypedQuantity;
use Dinghy\Geometry\Spot;
use Dinghy\Plan\Plan;
use Dinghy\Quantity\Units;
use Dinghy\Survey\PointBetween;

/** Stations, ways, holes and boards new on the boat plan, and what a survey finds: each with an id of its own. */
final class AddToBoat
{
    /**
     * @param  Spot|null  $spot  null: where its name says
     * @param  string|null  $kind  null: what its name says
     */
    public static function station(Plan $plan, string $name, ?Spot $spot, ?string $kind): Patch
    {
        $id = FreeId::like($plan, $name);
        $spot ??= NewStation::spotFor($plan->boat, $name);
        $kind ??= NewStation::kindOf($name);

        return Patch::put(
            "station:{$id}",
            (object) ['id' => $id, 'name' => $name, 'x_m' => $spot->x, 'y_m' => $spot->y, 'kind' => $kind],
        );
    }

    /** A way measured along the drawing, until somebody has had a tape there. */
    public static function way(Plan $plan, string $from, string $to, string $kind): Patch
    {
        foreach ([$from, $to] as $station) {
            isset($plan->boat->stations[$station]) || throw ProposalRefused::noSuch('station', $station);
        }
        if ($from === $to) {
            throw ProposalRefused::because('A way joins two stations: choose another than the one it begins at.');
        }
        $id = FreeId::like($plan, "{$from} to {$to}");
        $length = max(0.01, round($plan->boat->stations[$from]->at()->to($plan->boat->stations[$to]->at()), 2));

        return Patch::put(
            "way:{$id}",
            (object) [
                'id' => $id,
                'from' => $from,
                'to' => $to,
                'length_m' => $length,
                'measured' => 'drawing',
                'kind' => $kind,
            ],
        );
    }

    /**
     * A point more between battery and device of a path check, the last from the battery.
     *
     * @param  string  $typed  the volts read there, as a person types them
     *
     * @throws QuantityRefused
     */
    public static function point(Plan $plan, string $check, string $name, string $typed): Patch
    {
        $found = $plan->survey->pathChecks[$check] ?? throw ProposalRefused::noSuch('path check', $check);
        $points = array_map(
            static fn (PointBetween $point): \stdClass => (object) [
                'name' => $point->name,
                'loaded_v' => $point->volts,
                ...($point->along === null ? [] : ['along_m' => $point->along]),
            ],
            $found->between,
        );

        return Patch::set(
            "check:{$check}",
            ['between' => [
                ...$points,
                (object) ['name' => $name, 'loaded_v' => TypedQuantity::read('loaded_v', $typed, Units::Metric)],
            ]],
        );
    }

    /**
     * @param  string  $kind  one that needs nothing beside it
     * @param  \stdClass  $part  as the plan file has it, without an id; quantities may be as a person types them
     * @param  string|null  $in  the part that holds it, as "block:bow-block" for a branch
     *
     * @throws ProposalRefused|QuantityRefused
     */
    public static function part(
        Plan $plan,
        PlanFormat $format,
        string $kind,
        string $name,
        \stdClass $part,
        Units $units = Units::Metric,
        ?string $in = null,
    ): Patch {
        $kinds = $format->kinds->addedAsIs();
        in_array($kind, $kinds, true) || throw ProposalRefused::because('Expected one of '.implode(', ', $kinds).", found \"{$kind}\".");
        $owner = $format->kinds->named($kind)?->owner;
        if ($owner !== null && ! str_starts_with($in ?? '', "{$owner}:")) {
            throw ProposalRefused::because("Say which {$owner} the {$kind} is put in.");
        }
        $id = FreeId::like($plan, $name);
        $read = $format->typed("{$kind}:{$id}", Patch::WHOLE, $part, $units);

        return Patch::put(
            "{$kind}:{$id}",
            (object) ['id' => $id, ...($read instanceof \stdClass ? get_object_vars($read) : [])],
            $owner === null ? null : $in,
        );
    }
}
