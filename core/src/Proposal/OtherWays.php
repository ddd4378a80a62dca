<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;
use Dinghy\Plan\Feed;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Run;
use Dinghy\Plan\Way;
use Dinghy\Route\Ways;

/** Runs that were led over stations or ways which go: they find their way anew. */
final class OtherWays
{
    /**
     * @param  list<string>  $going  parts, as "kind:id"
     * @return list<Patch> one for each route that cannot be walked any more
     */
    public static function without(Plan $plan, array $going): array
    {
        $left = array_values(
            array_filter($plan->boat->ways, static fn (Way $way): bool => ! in_array("way:{$way->id}", $going, true)),
        );
        if (count($left) === count($plan->boat->ways) && preg_grep('/^station:/', $going) === []) {
            return [];
        }
        $ways = new Ways($left);
        $runs = array_map(
            static fn (Feed $feed): Run => $feed->run,
            array_combine(array_map(static fn (Feed $feed): string => "feed:{$feed->id}", $plan->feeds), $plan->feeds),
        );
        foreach ($plan->blocks as $block) {
            foreach ($block->branches as $branch) {
                $runs["branch:{$branch->id}"] = $branch->run;
            }
        }
        $patches = [];
        foreach ($runs as $on => $run) {
            foreach (['route' => $run->route, 'minus_route' => $run->minusRoute] as $field => $route) {
                if ($route !== null && $ways->through($route) === null) {
                    $patches[] = Patch::of([['on' => $on, 'unset' => ["run.{$field}"]]]);
                }
            }
        }

        return $patches;
    }
}
