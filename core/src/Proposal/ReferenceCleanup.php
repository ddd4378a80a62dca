<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;
use Dinghy\Plan\Feed;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Run;
use Dinghy\Plan\Way;
use Dinghy\Route\Ways;

/** What names a part that is taken out and stands without it lets go of it; runs that were led over it find their way anew. */
final class ReferenceCleanup
{
    /** @return list<Patch> */
    public static function of(Plan $plan, string $kind, string $id): array
    {
        $unset = static fn (string $on, string $field): Patch => Patch::of([['on' => $on, 'unset' => [$field]]]);
        $patches = [];
        foreach ($plan->survey->pathChecks ?? [] as $check) {
            foreach (['device' => $check->device, 'found' => $check->battery, 'complaint' => $check->complaint] as $named => $other) {
                if ($named === $kind && $other === $id) {
                    $patches[] = $unset("check:{$check->id}", $named === 'found' ? 'battery' : $named);
                }
            }
        }
        if ($kind === 'way') {
            return [...$patches, ...self::routesOver($plan, static fn (Way $way): bool => $way->id === $id)];
        }
        if ($kind !== 'station') {
            return $patches;
        }
        $standing = ['battery' => $plan->batteries, 'block' => $plan->blocks, 'device' => $plan->devices, 'hole' => $plan->holes, 'board' => $plan->boards, 'found' => $plan->survey->batteries ?? []];
        foreach ($standing as $part => $list) {
            foreach ($list as $one) {
                if ($one->station === $id) {
                    $patches[] = $unset("{$part}:{$one->id}", 'station');
                }
            }
        }

        return [...$patches, ...self::routesOver($plan, static fn (Way $way): bool => $way->from === $id || $way->to === $id)];
    }

    /**
     * Runs that were led over ways which go: they find their way anew.
     *
     * @param  \Closure(Way): bool  $gone
     * @return list<Patch>
     */
    private static function routesOver(Plan $plan, \Closure $gone): array
    {
        $left = new Ways(array_values(array_filter($plan->boat->ways, static fn (Way $way): bool => ! $gone($way))));
        $runs = array_map(static fn (Feed $feed): Run => $feed->run, array_combine(array_map(static fn (Feed $feed): string => "feed:{$feed->id}", $plan->feeds), $plan->feeds));
        foreach ($plan->blocks as $block) {
            foreach ($block->branches as $branch) {
                $runs["branch:{$branch->id}"] = $branch->run;
            }
        }
        $patches = [];
        foreach ($runs as $on => $run) {
            foreach (['route' => $run->route, 'minus_route' => $run->minusRoute] as $field => $route) {
                if ($route !== null && $left->through($route) === null) {
                    $patches[] = Patch::of([['on' => $on, 'unset' => ["run.{$field}"]]]);
                }
            }
        }

        return $patches;
    }
}
