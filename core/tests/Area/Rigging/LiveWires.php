<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Rigging;

use Dinghy\Area\Rigging\MeterState;
use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\StepKind;
use Dinghy\Solving\SolvedBoat;

/**
 * A boat as hands have left her, kept by somebody who knows only what was done: which ring sits on which post or part, which breaker
 * is closed, which fuse is in. The plus posts of batteries are live, and whatever is joined to them, wire by wire, closed fuse by
 * closed fuse.
 */
final class LiveWires
{
    /** @var array<string, array{wire: string, side: string, of: string, node: string}> by step that landed it */
    private array $rings = [];

    /** @var array<string, true> circuits whose breaker is closed, or whose fuse is in */
    private array $closed = [];

    /** @param  \Closure(string): bool  $isAsked  whether a step is open in the list that hands go by */
    public function does(Step $step, SolvedBoat $boat, \Closure $isAsked): void
    {
        if ($step->kind === StepKind::Pull) {
            // Another wire takes the place of the one that was there.
            $this->rings = array_filter($this->rings, static fn (array $ring): bool => $ring['wire'] !== $step->piece?->id);
        }
        if ($step->kind === StepKind::Connect && $step->piece !== null && $step->end !== null) {
            $this->rings[$step->id] = ['wire' => $step->piece->id, 'side' => $step->end->side, 'of' => $step->piece->of, 'node' => self::nodeOf($step)];
        }
        if ($step->kind === StepKind::Energise) {
            $this->closed[$step->on[0]] = true;
        }
        if ($step->kind === StepKind::MakeSafe && str_starts_with($step->on[0], 'bank:')) {
            foreach ($this->rings as $id => $ring) {
                if ($this->isOnBank($ring['node'], substr($step->on[0], 5), $boat)) {
                    unset($this->closed[$ring['of']]);
                    // The minus of a load is lifted, and what is landed again comes off before.
                    if ($isAsked($id) || ($ring['side'] === '-' && str_starts_with($ring['of'], 'feed:'))) {
                        unset($this->rings[$id]);
                    }
                }
            }
        }
    }

    /** @return string|null what is wrong with doing a step now; null: it is on nothing live but a post, which is live on purpose */
    public function wrongWith(Step $step, SolvedBoat $boat): ?string
    {
        // The ring that is landed again is in the hand.
        $rings = array_diff_key($this->rings, [$step->id => true]);
        $nodes = match (true) {
            // A jumper is made on the bench.
            $step->kind === StepKind::Terminate && str_starts_with($step->on[0], 'bank:') => [],
            in_array($step->kind, [StepKind::Connect, StepKind::Terminate, StepKind::Pull], true) => [
                ...array_column(array_filter($rings, static fn (array $ring): bool => $ring['wire'] === $step->piece?->id), 'node'),
                ...$step->kind === StepKind::Connect && $step->end !== null ? [self::nodeOf($step)] : [],
            ],
            $step->state === MeterState::Off => array_column(array_filter($rings, fn (array $ring): bool => $ring['of'] === $step->on[0] && ! $this->isFromPost($ring['wire'], $boat)), 'node'),
            $step->kind === StepKind::Drill || $step->kind === StepKind::StripOut => array_map(static fn (int|string $circuit): string => "{$circuit} closed", array_keys($this->closed)),
            default => [],
        };
        $live = $this->live($rings, $boat);
        foreach ($nodes as $node) {
            // From post to post, and onto a post with the far end landed, it is done on purpose.
            if (isset($live[$node]) && ($step->post === null || ! isset($boat->plan->batteries[substr($node, 0, -1)]))) {
                return "{$step->id} while {$node} is live";
            }
        }

        return null;
    }

    /** Whether a wire has a ring on a battery: up to its breaker it is live. */
    private function isFromPost(string $wire, SolvedBoat $boat): bool
    {
        return array_filter($this->rings, static fn (array $ring): bool => $ring['wire'] === $wire && isset($boat->plan->batteries[substr($ring['node'], 0, -1)])) !== [];
    }

    /**
     * @param  array<string, array{wire: string, side: string, of: string, node: string}>  $rings
     * @return array<string, true> by node
     */
    private function live(array $rings, SolvedBoat $boat): array
    {
        $joined = $ends = [];
        foreach ($rings as $ring) {
            if ($ring['side'] !== '-') {
                $ends[$ring['wire']][] = $ring['node'];
                // A breaker that is closed joins all that sits on it; a block's fuse joins its bus to the branch.
                isset($this->closed[$ring['of']]) && str_contains($ring['node'], '|') && $ends["{$ring['of']} closed"][] = $ring['node'];
            }
        }
        foreach (array_keys($this->closed) as $circuit) {
            foreach ($boat->plan->blocks as $block) {
                foreach ($block->branches as $branch) {
                    if ("branch:{$branch->id}" === $circuit) {
                        $ends["{$circuit} closed"][] = "block:{$block->id}:+";
                    }
                }
            }
        }
        foreach ($ends as $name => $nodes) {
            foreach ($nodes as $node) {
                $joined[] = [(string) $name, $node];
            }
        }
        $live = [];
        foreach ($boat->plan->batteries as $battery) {
            $live["{$battery->id}+"] = true;
        }
        do {
            $count = count($live);
            foreach ($joined as [$one, $other]) {
                $live += isset($live[$one]) || isset($live[$other]) ? [$one => true, $other => true] : [];
            }
        } while (count($live) > $count);

        return $live;
    }

    private function isOnBank(string $node, string $bank, SolvedBoat $boat): bool
    {
        foreach (isset($boat->plan->banks[$bank]) ? $boat->plan->banks[$bank]->batteries() : [] as $battery) {
            if ($node === "{$battery->id}+" || $node === "{$battery->id}-") {
                return true;
            }
        }

        return $node === "{$bank}:shunt";
    }

    private static function nodeOf(Step $step): string
    {
        assert($step->end !== null && $step->piece !== null);
        $at = $step->end->at;
        [$kind, $id] = explode(':', $at->part ?? '', 2) + ['', ''];

        return match (true) {
            // A breaker or a fuse in the wire, open until it is closed; the fuse of a branch in its block.
            $at->part === null && $step->post === null && $step->node === null => "{$at->name}|{$step->piece->id}",
            $kind === 'block' && $step->end->first && str_starts_with($step->piece->of, 'branch:') => "{$at->name}|{$step->piece->id}",
            $kind === 'block' => "block:{$id}:{$step->end->side}",
            default => $at->name,
        };
    }
}
