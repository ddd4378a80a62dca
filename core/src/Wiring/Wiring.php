<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Plan\Bank;
use Dinghy\Plan\Block;
use Dinghy\Plan\Branch;
use Dinghy\Plan\Device;
use Dinghy\Plan\Feed;
use Dinghy\Plan\LoadClass;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Protection;
use Dinghy\Plan\Run;
use Dinghy\Record\IdWords;
use Dinghy\Route\Route;
use Dinghy\Route\Ways;

/** How a plan hangs together: its circuits, and the paths to each device. */
final class Wiring
{
    /** @var list<Path> */
    public readonly array $paths;

    /** @var array<string, list<Path>> by circuit id */
    private readonly array $through;

    /** @var array<string, list<Path>> by device id */
    private readonly array $to;

    /**
     * @param  list<Converter>  $converters  that feed blocks
     * @param  array<string, Circuit>  $circuits  by id, what feeds a block before what hangs on it
     */
    private function __construct(
        public readonly Plan $plan,
        public readonly array $converters,
        public readonly array $circuits,
    ) {
        $paths = [];
        foreach ($plan->feeds as $feed) {
            if ($feed->device !== null) {
                $paths[] = new Path($feed, [$circuits[$feed->id]], $plan->consumers[$feed->device]);
            } elseif ($feed->block !== null) {
                array_push($paths, ...$this->pathsBehind($feed, [$circuits[$feed->id]], $plan->blocks[$feed->block]));
            }
        }
        foreach ($converters as $converter) {
            array_push($paths, ...$this->pathsBehind($converter, [], $plan->blocks[$converter->block]));
        }
        $through = $to = [];
        foreach ($paths as $path) {
            $to[$path->device->id][] = $path;
            foreach ($path->circuits as $circuit) {
                $through[$circuit->id][] = $path;
            }
        }
        [$this->paths, $this->through, $this->to] = [$paths, $through, $to];
    }

    public static function of(Plan $plan): self
    {
        $behind = static fn (string $block): array => array_values(self::devicesBehind($plan, $plan->blocks[$block]));
        $converters = Converter::allOf($plan, $behind);
        $ways = new Ways($plan->boat->ways);
        $blocks = self::fromTheSource($plan);
        $nominal = self::nominalOfBlocks($plan, $converters, $blocks);
        $circuits = [];
        foreach ($plan->feeds as $feed) {
            $circuits[$feed->id] = self::feed($plan, $ways, $feed);
        }
        foreach ($blocks as $block) {
            foreach ($block->branches as $branch) {
                $circuits[$branch->id] = self::branch($plan, $ways, $block, $branch, $nominal[$block->id] ?? null);
            }
        }

        return new self($plan, $converters, $circuits);
    }

    /**
     * The same with what only the whole boat tells of its circuits.
     *
     * @param  array<string, float>  $shares  by circuit id: of what its block or its device draws, where several feed it
     * @param  array<string, int>  $together  by circuit id: conductors that lie together
     */
    public function lying(array $shares, array $together): self
    {
        $lying = [];
        foreach ($this->circuits as $id => $circuit) {
            $parts = $shares === [] ? [] : array_filter(
                $this->partsBehind($id, $shares),
                static fn (float $part): bool => $part !== 1.0,
            );
            $lying[$id] = $parts === [] && ! isset($together[$id]) ? $circuit : $circuit->lying($parts, $together[$id] ?? 0);
        }

        return new self(
            $this->plan,
            array_map(
                static fn (Converter $converter): Converter => $converter->sharing($shares[$converter->node()] ?? 1.0),
                $this->converters,
            ),
            $lying,
        );
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

    /**
     * @return Path|null of several the one of the lowest nominal volts, as of blocks that several sources feed; null: nothing feeds it
     */
    public function lowestPathTo(Device $device): ?Path
    {
        $lowest = null;
        foreach ($this->pathsTo($device) as $path) {
            if ($lowest === null || $path->nominalVolts() < $lowest->nominalVolts()) {
                $lowest = $path;
            }
        }

        return $lowest;
    }

    /** @return list<Path> that a run, or a factory lead, is part of */
    public function pathsOver(SizedRun $run): array
    {
        return $run->circuit === null
            ? $this->pathsTo($this->plan->devices[$run->id])
            : $this->pathsThrough($run->circuit);
    }

    /** @return list<Bank> that can drive a current through a run, by id */
    public function banksBehind(SizedRun $run): array
    {
        $feed = $this->plan->feeds[$run->id] ?? null;
        $banks = $feed === null ? [] : [$feed->supply->bank->id => $feed->supply->bank];
        foreach ($this->pathsOver($run) as $path) {
            $banks[$path->bank()->id] = $path->bank();
        }
        ksort($banks);

        return array_values($banks);
    }

    /**
     * @return list<list<string>> what feeds one block, or one device, together: circuits by their ids, converters by their nodes; only where there are several
     */
    public function sharing(): array
    {
        $feeding = [];
        foreach ($this->plan->feeds as $feed) {
            $feeding[$feed->block ?? "device {$feed->device}"][] = $feed->id;
        }
        foreach ($this->plan->blocks as $block) {
            foreach ($block->branches as $branch) {
                $feeding[$branch->block ?? "device {$branch->device}"][] = $branch->id;
            }
        }

        foreach ($this->converters as $converter) {
            $feeding[$converter->block][] = $converter->node();
        }

        return array_values(array_filter($feeding, static fn (array $ids): bool => count($ids) > 1));
    }

    /**
     * @param  array<string, float>  $shares  by circuit id
     * @return array<string, float> by device id: how much of what it draws comes through a circuit
     */
    private function partsBehind(string $circuit, array $shares): array
    {
        $block = $this->circuits[$circuit]->block;
        if ($block === null) {
            return [$this->circuits[$circuit]->behind[0]->id => $shares[$circuit] ?? 1.0];
        }
        $parts = [];
        foreach ($this->plan->blocks[$block]->branches as $branch) {
            foreach ($this->partsBehind($branch->id, $shares) as $device => $part) {
                $parts[$device] = ($parts[$device] ?? 0.0) + ($shares[$circuit] ?? 1.0) * $part;
            }
        }

        return $parts;
    }

    /**
     * @param  list<Circuit>  $before
     * @return list<Path>
     */
    private function pathsBehind(Feed|Converter $source, array $before, Block $block): array
    {
        $paths = [];
        foreach ($block->branches as $branch) {
            $circuits = [...$before, $this->circuits[$branch->id]];
            if ($branch->device !== null) {
                $paths[] = new Path($source, $circuits, $this->plan->consumers[$branch->device]);
            } else {
                array_push(
                    $paths,
                    ...$this->pathsBehind($source, $circuits, $this->plan->blocks[(string) $branch->block]),
                );
            }
        }

        return $paths;
    }

    /** @return array<string, Device> every device that draws through a block, by id */
    private static function devicesBehind(Plan $plan, Block $block): array
    {
        $devices = [];
        foreach ($block->branches as $branch) {
            $devices += $branch->device !== null ? [$branch->device => $plan->consumers[$branch->device]]
                : self::devicesBehind($plan, $plan->blocks[(string) $branch->block]);
        }

        return $devices;
    }

    /**
     * V between what feeds each block, by block id; of several sources the lowest, whatever their order in the file.
     *
     * @param  list<Converter>  $converters
     * @param  list<Block>  $blocks  each after every block that feeds it
     * @return array<string, float>
     */
    private static function nominalOfBlocks(Plan $plan, array $converters, array $blocks): array
    {
        $nominal = [];
        foreach ($plan->feeds as $feed) {
            if ($feed->block !== null) {
                $nominal[$feed->block] = min($nominal[$feed->block] ?? INF, $feed->supply->nominalVolts());
            }
        }
        foreach ($converters as $converter) {
            $nominal[$converter->block] = min($nominal[$converter->block] ?? INF, $converter->output->nominalVolts);
        }
        foreach ($blocks as $block) {
            foreach ($block->branches as $branch) {
                if ($branch->block !== null && isset($nominal[$block->id])) {
                    $nominal[$branch->block] = min($nominal[$branch->block] ?? INF, $nominal[$block->id]);
                }
            }
        }

        return $nominal;
    }

    /** @return list<Block> each after every block that feeds it */
    private static function fromTheSource(Plan $plan): array
    {
        $depth = array_map(static fn (): int => 0, $plan->blocks);
        for ($changed = true; $changed;) {
            $changed = false;
            foreach ($plan->blocks as $block) {
                foreach ($block->branches as $branch) {
                    if ($branch->block !== null && $depth[$branch->block] <= $depth[$block->id]) {
                        $depth[$branch->block] = $depth[$block->id] + 1;
                        $changed = true;
                    }
                }
            }
        }
        $blocks = array_values($plan->blocks);
        usort($blocks, static fn (Block $a, Block $b): int => $depth[$a->id] <=> $depth[$b->id]);

        return $blocks;
    }

    private static function feed(Plan $plan, Ways $ways, Feed $feed): Circuit
    {
        $block = $feed->block === null ? null : $plan->blocks[$feed->block];
        $source = $feed->supply->bank->strings[0][0]->station;

        return self::circuit($plan, $ways, $feed->id, RunKind::Feed, $feed->class, $feed->run, $feed->protection, $feed->supply->nominalVolts(),
            $source, self::place($plan, $source, $feed->supply->bank->id), null, $block, $feed->device);
    }

    private static function branch(Plan $plan, Ways $ways, Block $from, Branch $branch, ?float $nominalVolts): Circuit
    {
        return self::circuit($plan, $ways, $branch->id, RunKind::Branch, $branch->class, $branch->run, [$branch->fuse], $nominalVolts,
            $from->station, self::block($plan, $from), $from->id, $branch->block === null ? null : $plan->blocks[$branch->block], $branch->device);
    }

    /** @param  list<Protection>  $protection */
    private static function circuit(
        Plan $plan,
        Ways $ways,
        string $id,
        RunKind $kind,
        LoadClass $class,
        Run $run,
        array $protection,
        ?float $nominalVolts,
        ?string $source,
        string $from,
        ?string $fromBlock,
        ?Block $block,
        ?string $device,
    ): Circuit {
        $behind = $block === null ? [$plan->consumers[(string) $device]] : array_values(
            self::devicesBehind($plan, $block),
        );
        $target = $block === null ? $behind[0]->station : $block->station;
        $route = self::route($ways, $run, $source, $target);

        return new Circuit(
            $id, $kind, $class, $run, $protection, $nominalVolts, self::length($plan, $run, $route), $route,
            $run->minusRoute === null ? $route : $ways->through($run->minusRoute), $source, $target, $behind,
            $from.' to '.($block === null ? $behind[0]->label() : self::block($plan, $block)),
            $block === null ? $behind[0] : null, $block?->id, $fromBlock,
        );
    }

    /** By where it sits: "Bow locker block"; one that nobody has placed by its id. */
    private static function block(Plan $plan, Block $block): string
    {
        return $block->station === null ? IdWords::with('block', $block->id) : $plan->boat->stations[$block->station]->label().' block';
    }

    private static function place(Plan $plan, ?string $station, string $otherwise): string
    {
        return $station === null ? IdWords::of($otherwise) : $plan->boat->stations[$station]->label();
    }

    private static function route(Ways $ways, Run $run, ?string $from, ?string $to): ?Route
    {
        if ($run->typedLength !== null) {
            return null;
        }
        if ($run->route !== null) {
            return $ways->through($run->route);
        }

        return $from === null || $to === null ? null : $ways->shortest($from, $to);
    }

    private static function length(Plan $plan, Run $run, ?Route $route): ?float
    {
        $slack = $plan->houseRules->slack;

        return $run->typedLength ?? ($route === null ? null : $route->length + ($run->slackFrom ?? $slack) + ($run->slackTo ?? $slack));
    }
}
