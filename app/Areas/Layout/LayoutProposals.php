<?php

declare(strict_types=1);

namespace App\Areas\Layout;

use App\Areas\Contract\Proposal;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Geometry\Spot;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\AddToBoat;
use Dinghy\Proposal\MoveOnPlan;
use Illuminate\Support\ValidatedInput;

/** Something new on the boat plan, or moved there. */
final class LayoutProposals
{
    private const PLACE = [
        'at.x_m' => ['required_with:at', 'numeric', 'between:-5,35'],
        'at.y_m' => ['required_with:at', 'numeric', 'between:-10,10'],
    ];

    private const NO_PLACE = 'Say where: metres forward of the transom, from -5 to 35, and to port of the middle, from -10 to 10.';

    private const NO_WAY = 'Say which way.';

    /** @return array<string, Proposal> by name */
    public static function all(): array
    {
        return [
            'station' => new Proposal(
                [
                    'name' => ['required', 'string', 'min:1', 'max:60'],
                    'kind' => ['sometimes', 'string', 'max:20'],
                    'at' => ['sometimes', 'array:x_m,y_m'],
                    ...self::PLACE,
                ],
                [
                    'name.*' => 'Give it a name of at most 60 characters.',
                    'kind.*' => 'Say of which kind it is.',
                    'at.*' => self::NO_PLACE,
                ],
                static fn (ValidatedInput $said): \Closure => static fn (Plan $plan): Patch => AddToBoat::station($plan, $said->string('name')->value(),
                    $said->has('at') ? self::spot($said, 'at') : null, $said->filled('kind') ? $said->string('kind')->value() : null)),
            'way' => new Proposal(
                [
                    'kind' => ['required', 'string', 'max:20'],
                    'from' => ['required', 'string', 'max:40'],
                    'to' => ['required', 'string', 'max:40'],
                ],
                [
                    'kind.*' => 'Say of which kind it is.',
                    'from.*' => 'Say at which station the way begins.',
                    'to.*' => 'Say at which station the way ends.',
                ],
                static fn (ValidatedInput $said): \Closure => static fn (Plan $plan): Patch => AddToBoat::way(
                    $plan,
                    $said->string('from')->value(),
                    $said->string('to')->value(),
                    $said->string('kind')->value(),
                )),
            'move' => new Proposal(
                ['station' => ['required', 'string', 'max:40'], 'at' => ['required', 'array:x_m,y_m'], ...self::PLACE],
                ['station.*' => 'Say which station is moved.', 'at.*' => self::NO_PLACE],
                static fn (ValidatedInput $said): \Closure => static fn (Plan $plan, PlanDocument $document): Patch => MoveOnPlan::station(
                    $plan,
                    $document,
                    $said->string('station')->value(),
                    self::spot($said, 'at'),
                )),
            'bends' => new Proposal(
                [
                    'way' => ['required', 'string', 'max:40'],
                    'bends' => ['present', 'array', 'max:20'],
                    'bends.*.x_m' => ['required', 'numeric', 'between:-5,35'],
                    'bends.*.y_m' => ['required', 'numeric', 'between:-10,10'],
                ],
                [
                    'way.*' => self::NO_WAY,
                    'bends.*' => 'Each bend is metres forward of the transom, from -5 to 35, and to port of the middle, from -10 to 10; at most 20.',
                ],
                static fn (ValidatedInput $said): \Closure => static fn (Plan $plan, PlanDocument $document): Patch => MoveOnPlan::bends($plan, $document, $said->string('way')->value(),
                    array_map(
                        static fn (int|string $bend): Spot => self::spot($said, "bends.{$bend}"),
                        array_keys((array) $said->input('bends')),
                    ))),
            'drawn' => new Proposal(
                ['way' => ['required', 'string', 'max:40']],
                ['way.*' => self::NO_WAY],
                static fn (ValidatedInput $said): \Closure => static fn (Plan $plan, PlanDocument $document): Patch => MoveOnPlan::followDrawing(
                    $plan,
                    $document,
                    $said->string('way')->value(),
                )),
        ];
    }

    private static function spot(ValidatedInput $said, string $key): Spot
    {
        return new Spot($said->float("{$key}.x_m"), $said->float("{$key}.y_m"));
    }
}
