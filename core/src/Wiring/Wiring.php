<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Plan\Block;
use Dinghy\Plan\Branch;
use Dinghy\Plan\Device;
use Dinghy\Plan\Feed;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Run;
use Dinghy\Route\Route;
use Dinghy\Route\Ways;

/** How a plan hangs together: its circuits, and the path to each device. */
final class Wiring
{
    /** @var array<string, Circuit> by id, feeds before branches */
    public readonly array $circuits;

    /** @var list<Path> */
    public readonly array $paths;

    /** @var array<string, list<Path>> by circuit id */
    private readonly array $through;

    /** @var array<string, list<Path>> by device id */
    private readonly array $to;

    private readonly Ways $ways;

    public function __construct(public readonly Plan $plan)
    {
        $this->ways = new Ways($plan->boat->ways);
        $circuits = [];
        $paths = [];
        foreach ($plan->feeds as $feed) {
            $circuits[$feed->id] = $this->feed($feed);
            if ($feed->device !== null) {
                $paths[] = new Path($feed, [$circuits[$feed->id]], $plan->devices[$feed->device]);
            }
        }
        foreach ($plan->blocks as $block) {
            $feeds = array_values(array_filter($plan->feeds, static fn (Feed $feed): bool => $feed->block === $block->id));
            foreach ($block->branches as $branch) {
                $circuit = $circuits[$branch->id] = $this->branch($block, $branch, $feeds[0] ?? null);
                foreach ($feeds as $feed) {
                    $paths[] = new Path($feed, [$circuits[$feed->id], $circuit], $plan->devices[$branch->device]);
                }
            }
        }
        $this->circuits = $circuits;
        $this->paths = $paths;
        $through = $to = [];
        foreach ($paths as $path) {
            $to[$path->device->id][] = $path;
            foreach ($path->circuits as $circuit) {
                $through[$circuit->id][] = $path;
            }
        }
        [$this->through, $this->to] = [$through, $to];
    }

    /** @return list<Path> */
    public function pathsThrough(Circuit $circuit): array
    {
        return $this->through[$circuit->id] ?? [];
    }

    /** @return list<Path> */
    public function pathsTo(Device $device): array
    {
        return $this->to[$device->id] ?? [];
    }

    /** @return list<Circuit> the branches behind a feed; none when it goes straight to a device */
    public function branchesBehind(Circuit $circuit): array
    {
        $feed = $this->plan->feeds[$circuit->id] ?? null;
        $block = $feed?->block === null ? null : $this->plan->blocks[$feed->block];

        return $block === null ? [] : array_map(fn (Branch $branch): Circuit => $this->circuits[$branch->id], $block->branches);
    }

    private function feed(Feed $feed): Circuit
    {
        $block = $feed->block === null ? null : $this->plan->blocks[$feed->block];
        $behind = $block === null
            ? [$this->plan->devices[(string) $feed->device]]
            : array_values(array_column(array_map(fn (Branch $branch): Device => $this->plan->devices[$branch->device], $block->branches), null, 'id'));
        $source = $feed->supply->bank->strings[0][0]->station;
        $target = $block === null ? $behind[0]->station : $block->station;
        $route = $this->route($feed->run, $source, $target);

        return new Circuit(
            $feed->id, RunKind::Feed, $feed->class, $feed->run, $feed->protection, $feed->supply->nominalVolts(),
            $this->length($feed->run, $route), $route, $this->minusRoute($feed->run, $route), $source, $target, $behind,
            $this->place($source, $feed->supply->bank->id).' to '.($block === null ? $behind[0]->label() : $this->place($block->station, $block->id).' block'),
        );
    }

    private function branch(Block $block, Branch $branch, ?Feed $feed): Circuit
    {
        $device = $this->plan->devices[$branch->device];
        $route = $this->route($branch->run, $block->station, $device->station);

        return new Circuit(
            $branch->id, RunKind::Branch, $branch->class, $branch->run, [$branch->fuse], $feed?->supply->nominalVolts(),
            $this->length($branch->run, $route), $route, $this->minusRoute($branch->run, $route), $block->station, $device->station, [$device],
            $this->place($block->station, $block->id).' block to '.$device->label(),
        );
    }

    private function place(?string $station, string $otherwise): string
    {
        return $station === null ? $otherwise : $this->plan->boat->stations[$station]->label();
    }

    private function route(Run $run, ?string $from, ?string $to): ?Route
    {
        if ($run->typedLength !== null) {
            return null;
        }
        if ($run->route !== null) {
            return $this->ways->through($run->route);
        }

        return $from === null || $to === null ? null : $this->ways->shortest($from, $to);
    }

    private function minusRoute(Run $run, ?Route $plus): ?Route
    {
        return $run->minusRoute === null ? $plus : $this->ways->through($run->minusRoute);
    }

    private function length(Run $run, ?Route $route): ?float
    {
        $slack = $this->plan->houseRules->slack;

        return $run->typedLength ?? ($route === null ? null : $route->length + ($run->slackFrom ?? $slack) + ($run->slackTo ?? $slack));
    }
}
