<?php

declare(strict_types=1);

namespace App\Areas\Contract;

use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\AddToBoat;
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
            'part' => ['required', 'array'],
        ], [
            'name.*' => 'Give it a name of at most 60 characters.',
            'kind.*' => 'Say of which kind it is.',
            'part.*' => 'Say what the part is, as the plan file has it.',
        ], static function (ValidatedInput $said, \stdClass $body): \Closure {
            $part = $body->part ?? null;

            return static fn (Plan $plan, PlanDocument $document): Patch => AddToBoat::part($plan, $document->format->kinds,
                $said->string('kind')->value(), $said->string('name')->value(), $part instanceof \stdClass ? $part : new \stdClass);
        });
    }
}
