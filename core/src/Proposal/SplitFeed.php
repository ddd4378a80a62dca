<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Branch;
use Dinghy\Plan\Plan;

/**
 * A feed to a fuse block made into two: a second block beside the first, a feed of its own, and some of the branches.
 */
final class SplitFeed
{
    /**
     * @param  PlanDocument  $document  that the plan was read from
     * @param  list<string>  $branches  that move to the new block
     */
    public static function of(Plan $plan, PlanDocument $document, string $id, array $branches): Patch
    {
        $feed = $plan->feeds[$id] ?? throw ProposalRefused::noSuch('feed', $id);
        $block = $feed->block === null
            ? throw ProposalRefused::because(ucfirst("{$plan->called($feed)} leads to one device: there is nothing to split."))
            : $plan->blocks[$feed->block];
        $moved = array_values(
            array_filter($block->branches, static fn (Branch $branch): bool => in_array($branch->id, $branches, true)),
        );
        if ($moved === [] || count($moved) === count($block->branches) || count($moved) !== count(array_unique($branches))) {
            throw ProposalRefused::because("Choose some of the branches of {$block->label()}, not all of them: those move to the new feed.");
        }
        $other = FreeId::like($plan, $block->id);
        $run = $feed->run;
        $patch = Patch::put("block:{$other}", (object) [
            'id' => $other, ...($block->station === null ? [] : ['station' => $block->station]), ...($block->circuits === null ? [] : ['circuits' => $block->circuits]), 'branches' => [],
        ])->and(AddDevice::feed($plan, CircuitRequirements::block(), (object) [
            'bank' => $feed->supply->bank->id,
            'plus' => $feed->supply->plus->name,
            'minus' => $feed->supply->minus->name,
        ], "feed {$other}", (object) ['block' => $other], (object) [
            // It runs beside the first.
            ...($run->typedLength === null ? [] : ['length_m' => $run->typedLength]), ...($run->route === null ? [] : ['route' => $run->route]),
        ]));
        foreach ($moved as $branch) {
            $part = $document->valueOf("branch:{$branch->id}", Patch::WHOLE);
            $patch = $part instanceof \stdClass ? $patch->and(
                Patch::put("branch:{$branch->id}", $part, "block:{$other}"),
            ) : $patch;
        }

        return $patch;
    }
}
