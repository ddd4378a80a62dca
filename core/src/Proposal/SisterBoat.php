<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;

/**
 * The plan for another boat like one that is planned: a sister hull, one of a fleet. What is that one boat's own stays with
 * her: her name, what a survey found, what was read at her batteries and how old they are.
 */
final class SisterBoat
{
    private const READ_AT_A_BATTERY = ['rested_v', 'soc', 'commissioned'];

    /** @param  string  $name  of the new boat */
    public static function of(PlanDocument $plan, string $name, string $title): PlanDocument
    {
        return $plan->with(Patch::all([
            Patch::change('plan', ['title' => $title, 'boat.name' => $name], ['survey']),
            ...array_map(
                static fn (string $battery): Patch => Patch::change("battery:{$battery}", [], self::READ_AT_A_BATTERY),
                array_keys($plan->partsOf('battery')),
            ),
        ]));
    }
}
