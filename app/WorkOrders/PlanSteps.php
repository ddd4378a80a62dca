<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Models\Job;
use App\Models\PlanVersion;
use App\Models\User;
use Dinghy\Plan\Patch;
use Dinghy\Plan\PatchRefused;
use Dinghy\Plan\PlanDocument;
use Dinghy\Plan\Spelling;

/**
 * One person's changes of a plan: those that stand and those taken back. A change whose fields somebody has changed since
 * is passed over: taking it back would take back theirs.
 */
final readonly class PlanSteps
{
    /** Steps that are looked at for one that can be taken back, or made again. */
    private const DEEPEST = 40;

    /** @var list<int> ids of versions, oldest first */
    private array $done;

    /** @var list<int> */
    private array $undone;

    public function __construct(private Job $job, User $user)
    {
        $done = [];
        $undone = [];
        // Plain rows: a long chain of whole models would take longer than all else that an answer holds.
        foreach ($this->job->planVersions()->toBase()->orderBy('number')->selectRaw('id, kind, user_id, reverts_id, patch is null as whole')->get() as $version) {
            [$id, $of] = [(int) $version->id, (int) $version->reverts_id];
            if ((bool) $version->whole) {
                [$done, $undone] = [[], []];
            } elseif ((int) $version->user_id === $user->id) {
                match ($version->kind) {
                    'undo' => [$done, $undone] = [array_diff($done, [$of]), [...$undone, $of]],
                    'redo' => [$done, $undone] = [[...$done, $of], array_diff($undone, [$of])],
                    default => [$done, $undone] = [[...$done, $id], []],
                };
            }
        }
        $this->done = array_values($done);
        $this->undone = array_values($undone);
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

    /** @param  list<int>  $ids  of versions, oldest first */
    private function first(array $ids, PlanVersion $head, bool $back): ?PlanStep
    {
        foreach (array_slice(array_reverse($ids), 0, self::DEEPEST) as $id) {
            $version = $this->job->planVersions()->with('parent')->find($id);
            $patch = $version?->planPatch();
            $parent = $version?->parent;
            if ($version === null || $patch === null || $parent === null || $version->hash === $parent->hash) {
                continue;
            }
            [$before, $after] = [$parent->planDocument(), $version->planDocument()];
            if (self::holds($patch, $back ? $after : $before, $head->planDocument())) {
                return $back ? PlanStep::back($version, $patch, $before, $after) : PlanStep::again($version, $patch, $before, $after);
            }
        }

        return null;
    }

    /** Whether the fields that a step changed still are as they were then. */
    private static function holds(Patch $patch, PlanDocument $then, PlanDocument $now): bool
    {
        try {
            foreach ($patch->fields() as ['on' => $on, 'path' => $path]) {
                if (Spelling::of(Patch::valueIn($then, $on, $path)) !== Spelling::of(Patch::valueIn($now, $on, $path))) {
                    return false;
                }
            }
        } catch (PatchRefused) {
            return false; // the part is gone
        }

        return true;
    }
}
