<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Dinghy\Wiring\Wiring;

/** A wire, a fuse or breaker, or a connector of the catalogue put on a feed or branch that is there. */
final class FitOnRun
{
    /** @param  \stdClass  $figures  gauge, cable */
    public static function wire(Plan $plan, \stdClass $figures, string $run): Patch
    {
        return Patch::set(
            self::part($plan, $run),
            [
                'run.gauge' => $figures->gauge ?? null,
                ...(isset($figures->cable) ? ['run.cable' => $figures->cable] : []),
            ],
        );
    }

    /** @param  \stdClass  $figures  of a protection, as the plan file has it */
    public static function protection(Plan $plan, \stdClass $figures, string $run): Patch
    {
        $feed = $plan->feeds[$run] ?? throw ProposalRefused::because('Only a feed carries a fuse or breaker of its own; that of a branch sits in its block.');
        $first = $feed->protection[0] ?? null;

        return Patch::set("feed:{$run}", ['protection' => [(object) [
            ...get_object_vars($figures),
            // The place stays; a family without a fixed rating gets the one that suits.
            'rating_a' => $figures->rating_a ?? null,
            ...($first?->fromSource === null ? [] : ['from_source_m' => $first->fromSource]),
        ]]]);
    }

    /** @param  float|null  $amps  A that it is made for; null: nobody has said */
    public static function feedSwitch(Plan $plan, ?float $amps, string $run): Patch
    {
        isset($plan->feeds[$run]) || throw ProposalRefused::because('Only a feed has a switch of its own.');

        return Patch::set("feed:{$run}", ['switch' => true, ...($amps === null ? [] : ['switch_rating_a' => $amps])]);
    }

    /** @param  \stdClass  $figures  thinnest, thickest */
    public static function connector(
        Plan $plan,
        PlanDocument $document,
        \stdClass $figures,
        string $name,
        string $run,
    ): Patch {
        $part = self::part($plan, $run);
        $there = $document->valueOf($part, 'run.connectors');

        return Patch::set(
            $part,
            ['run.connectors' => [
                ...(is_array($there) ? array_values($there) : []),
                (object) ['name' => mb_substr($name, 0, 60), ...get_object_vars($figures)],
            ]],
        );
    }

    private static function part(Plan $plan, string $run): string
    {
        return (Wiring::of($plan)->circuits[$run] ?? null)?->on() ?? throw ($run === '' ? ProposalRefused::because('Choose the run that it goes on.') : ProposalRefused::noSuch('run', $run));
    }
}
