<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Models\Acceptance;
use App\Models\Job;
use App\Models\PlanVersion;
use App\Models\User;
use Dinghy\File\Patch;
use Dinghy\File\PatchRefused;
use Dinghy\File\PlanDocument;
use Dinghy\File\PlanRefused;
use Dinghy\File\Spelling;
use Dinghy\Plan\Plan;

/**
 * One person's changes and decisions, in one order: those that stand and those taken back. A change whose fields somebody
 * has changed since is passed over: taking it back would take back theirs; so is one that no plan could be made of by now.
 */
final readonly class PlanSteps
{
    /** Steps that are looked at for one that can be taken back, or made again. */
    private const DEEPEST = 40;

    /**
     * @var list<array{int, int|Acceptance}> place in the order, and the id of a version or a decision; the newest first
     */
    private array $done;

    /** @var list<array{int, int|Acceptance}> */
    private array $undone;

    public function __construct(private Job $job, User $user)
    {
        $done = [];
        $undone = [];
        $changed = 0;
        // Plain rows: a long chain of whole models would take longer than all else that an answer holds.
        foreach ($this->job->planVersions()->toBase()->orderBy('number')->selectRaw('id, number, kind, user_id, reverts_id, patch is null as whole')->get() as $version) {
            [$id, $of, $number] = [(int) $version->id, (int) $version->reverts_id, (int) $version->number];
            if ((bool) $version->whole) {
                [$done, $undone] = [[], []];
            } elseif ((int) $version->user_id === $user->id) {
                if ($version->kind === 'undo') {
                    unset($done[$of]);
                    $undone[$of] = $number;
                } elseif ($version->kind === 'redo') {
                    unset($undone[$of]);
                    $done[$of] = $number;
                } else {
                    [$done[$id], $undone, $changed] = [$number, [], $number];
                }
            }
        }
        $decisions = $this->job->acceptances()->where('user_id', $user->id)->get()->sortBy('id');
        $newest = $decisions->whereNull('undone_on')->max('id') ?? 0;
        $this->done = self::inOrder($done, $decisions->whereNull('reopened_at'), 'made_on');
        // What is decided or changed anew ends what could be made again.
        $this->undone = self::inOrder(
            $undone,
            $decisions->whereNotNull('undone_on')->filter(
                static fn (Acceptance $one): bool => $one->undone_on >= $changed && $one->id > $newest,
            ),
            'undone_on',
        );
    }

    /** What would be taken back next; null: nothing of theirs can be. */
    public function undo(PlanVersion $head): ?PlanStep
    {
        return $this->first($this->done, $head, true);
    }

    /** What would be made again next; null: nothing of theirs can be. */
    public function redo(PlanVersion $head): ?PlanStep
    {
        return $this->first($this->undone, $head, false);
    }

    /**
     * @param  array<int, int>  $versions  their numbers, or those of the versions that took them back, by id
     * @param  iterable<Acceptance>  $decisions
     * @param  'made_on'|'undone_on'  $on  the version after which each was made, or taken back
     * @return list<array{int, int|Acceptance}>
     */
    private static function inOrder(array $versions, iterable $decisions, string $on): array
    {
        $steps = [];
        foreach ($versions as $id => $number) {
            $steps[] = [2 * $number, $id];
        }
        foreach ($decisions as $decision) {
            $steps[] = [2 * (int) $decision->{$on} + 1, $decision];
        }
        usort(
            $steps,
            static fn (array $a, array $b): int => [
                $b[0],
                $b[1] instanceof Acceptance ? $b[1]->id : 0,
            ] <=> [$a[0], $a[1] instanceof Acceptance ? $a[1]->id : 0],
        );

        return $steps;
    }

    /** @param  list<array{int, int|Acceptance}>  $steps */
    private function first(array $steps, PlanVersion $head, bool $back): ?PlanStep
    {
        foreach (array_slice($steps, 0, self::DEEPEST) as [, $step]) {
            $found = $step instanceof Acceptance ? PlanStep::decision($step) : $this->change($step, $head, $back);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    private function change(int $id, PlanVersion $head, bool $back): ?PlanStep
    {
        $version = $this->job->planVersions()->with('parent')->find($id);
        $patch = $version?->planPatch();
        $parent = $version?->parent;
        if ($version === null || $patch === null || $parent === null || $version->hash === $parent->hash) {
            return null;
        }
        [$before, $after] = [$parent->planDocument(), $version->planDocument()];
        if (! self::holds($patch, $back ? $after : $before, $head->planDocument())) {
            return null;
        }

        $step = $back ? PlanStep::back(
            $version,
            $patch,
            $before,
            $after,
        ) : PlanStep::again($version, $patch, $before, $after);

        // Straight back or forth it is a plan that stood before; over what was done since it has to be one.
        return $head->hash === ($back ? $version->hash : $parent->hash) || self::makesAPlan($step, $head->planDocument())
            ? $step
            : null;
    }

    private static function makesAPlan(PlanStep $step, PlanDocument $now): bool
    {
        try {
            ($step->patch === null ? $now : $now->with($step->patch))->plan();
        } catch (PlanRefused|PatchRefused) {
            return false;
        }

        return true;
    }

    /** Whether the fields that a step changed still are as they were then. */
    private static function holds(Patch $patch, PlanDocument $then, PlanDocument $now): bool
    {
        try {
            foreach ($patch->fields() as ['on' => $on, 'path' => $path]) {
                if (Spelling::of($then->valueOf($on, $path)) !== Spelling::of($now->valueOf($on, $path))) {
                    return false;
                }
            }
        } catch (PatchRefused) {
            return false; // the part is gone
        }

        return true;
    }
}
