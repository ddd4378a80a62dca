<?php

declare(strict_types=1);

namespace App\Areas\Contract;

use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\AddToBoat;
use Dinghy\Quantity\Units;
use Illuminate\Support\ValidatedInput;

/**
 * A new part of a kind that needs nothing beside it, of whatever area: the plan's format says which kinds those are.
 */
final class AddedAsIs
{
    public static function proposal(): Proposal
    {
        return new Proposal([
            'name' => ['required', 'string', 'min:1', 'max:60'],
            'kind' => ['required', 'string', 'max:20'],
            'part' => ['present', 'array'],
            'in' => ['sometimes', 'string', 'max:80'],
            'units' => ['sometimes', 'string', 'in:imperial,metric'],
        ], [
            'name.*' => 'Give it a name of at most 60 characters.',
            'kind.*' => 'Say of which kind it is.',
            'in.*' => 'Say which part it is put in.',
            'part.*' => 'Say what the part is, as the plan file has it.',
        ], static function (ValidatedInput $said, \stdClass $body): \Closure {
            $part = $body->part ?? null;

            return static fn (Plan $plan, PlanDocument $document): Patch => AddToBoat::part(
                $plan,
                $document->format,
                $said->string('kind')->value(),
                $said->string('name')->value(),
                $part instanceof \stdClass ? $part : new \stdClass,
                Units::tryFrom($said->string('units')->value()) ?? Units::Metric,
                $said->filled('in') ? $said->string('in')->value() : null,
            );
        });
    }
}
