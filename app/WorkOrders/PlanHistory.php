<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Models\Job;
use App\Models\PlanVersion;
use App\Models\User;
use Dinghy\Plan\Patch;
use Dinghy\Plan\Plan;
use Dinghy\Plan\PlanDocument;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * A job's chain of plan versions. Every change is a new version made in a transaction that holds the job's row, so that
 * two writers cannot both follow the same parent.
 */
final readonly class PlanHistory
{
    public function __construct(private Job $job)
    {
    }

    /** Replaces the plan as a whole. @throws \Dinghy\Plan\PlanRefused */
    public function import(?User $user, PlanDocument $document): PlanVersion
    {
        Plan::of($document);

        return $this->locked(fn (?PlanVersion $head): PlanVersion => $this->append($head, $user, 'import', null, $document));
    }

    /**
     * Applies a change that was made on version $base. Changes of other fields since then are kept beside it.
     *
     * @param  string|null  $reason  why, for the log
     *
     * @throws PlanClash|\Dinghy\Plan\PlanRefused|\Dinghy\Plan\PatchRefused
     */
    public function edit(User $user, int $base, Patch $patch, ?string $reason = null): PlanVersion
    {
        return $this->locked(function (?PlanVersion $head) use ($user, $base, $patch, $reason): PlanVersion {
            $head ?? throw PlanClash::nothingTo('change');
            $since = $this->job->planVersions()->with('author')->where('number', '>', $base)->get()->sortBy('number');
            $this->refuseClash($since, $patch, $head);

            return $this->change($head, $user, 'edit', $patch, null, $reason);
        });
    }

    /**
     * A change that is made from the plan as it is now, so that it fits whatever others have done.
     *
     * @param  \Closure(Plan, PlanDocument): Patch  $proposal
     *
     * @throws PlanClash|\Dinghy\Plan\PlanRefused|\Dinghy\Proposal\ProposalRefused
     */
    public function propose(User $user, \Closure $proposal): PlanVersion
    {
        return $this->locked(function (?PlanVersion $head) use ($user, $proposal): PlanVersion {
            $head ?? throw PlanClash::nothingTo('change');

            return $this->change($head, $user, 'edit', $proposal(Plan::of($this->job->judged($head)), $head->planDocument()), null);
        });
    }

    /** @throws PlanClash */
    public function undo(User $user): PlanVersion
    {
        return $this->locked(function (?PlanVersion $head) use ($user): PlanVersion {
            $done = $this->stacks($user)['done'];
            $target = $this->version(end($done));
            $patch = $target?->planPatch();
            $before = $target?->parent?->planDocument();
            if ($head === null || $target === null || $patch === null || $before === null) {
                throw PlanClash::nothingTo('undo');
            }
            $this->refuseChanged($patch, $target->planDocument(), $head);

            return $this->change($head, $user, 'undo', $patch->inverseOn($before), $target);
        });
    }

    /** @throws PlanClash */
    public function redo(User $user): PlanVersion
    {
        return $this->locked(function (?PlanVersion $head) use ($user): PlanVersion {
            $undone = $this->stacks($user)['undone'];
            $target = $this->version(end($undone));
            $patch = $target?->planPatch();
            $before = $target?->parent?->planDocument();
            if ($head === null || $target === null || $patch === null || $before === null) {
                throw PlanClash::nothingTo('redo');
            }
            $this->refuseChanged($patch, $before, $head);

            return $this->change($head, $user, 'redo', $patch, $target);
        });
    }

    /**
     * One person's changes since the plan was last replaced: those that stand, and those taken back that can be redone.
     *
     * @return array{done: list<int>, undone: list<int>} ids of versions, oldest first
     */
    public function stacks(User $user): array
    {
        $done = [];
        $undone = [];
        // Plain rows: a long chain of whole models would take longer than all else that an answer holds.
        foreach ($this->job->planVersions()->toBase()->orderBy('number')->get(['id', 'kind', 'user_id']) as $version) {
            if ($version->kind === 'import') {
                [$done, $undone] = [[], []];
            } elseif ((int) $version->user_id === $user->id) {
                match ($version->kind) {
                    'undo' => $undone[] = (int) array_pop($done),
                    'redo' => $done[] = (int) array_pop($undone),
                    default => [$done[], $undone] = [(int) $version->id, []],
                };
            }
        }

        return ['done' => $done, 'undone' => $undone];
    }

    private function version(int|false $id): ?PlanVersion
    {
        return $id === false ? null : $this->job->planVersions()->with('parent')->find($id);
    }

    /** @param  \Closure(PlanVersion|null): PlanVersion  $change */
    private function locked(\Closure $change): PlanVersion
    {
        return DB::transaction(function () use ($change): PlanVersion {
            Job::query()->whereKey($this->job->id)->lockForUpdate()->firstOrFail();

            return $change($this->job->plan()->first());
        });
    }

    private function change(PlanVersion $head, User $user, string $kind, Patch $patch, ?PlanVersion $reverts, ?string $reason = null): PlanVersion
    {
        $document = $head->planDocument()->with($patch);
        Plan::of($document);

        return $this->append($head, $user, $kind, $patch, $document, $reverts, $reason);
    }

    private function append(?PlanVersion $head, ?User $user, string $kind, ?Patch $patch, PlanDocument $document, ?PlanVersion $reverts = null, ?string $reason = null): PlanVersion
    {
        $version = $this->job->planVersions()->create([
            'number' => ($head->number ?? 0) + 1,
            'parent_id' => $head?->id,
            'user_id' => $user?->id,
            'kind' => $kind,
            'reverts_id' => $reverts?->id,
            'patch' => $patch === null ? null : json_encode($patch->toJson(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            'document' => $document->toJson(),
            'hash' => $document->hash(),
            'reason' => $reason,
            'made_at' => now(),
        ])->holding($document);
        // Who asked for the change is answered with the plan as it is now, without reading it again.
        $this->job->setRelation('plan', $version->setRelation('author', $user));

        return $version;
    }

    /** @param  Collection<int, PlanVersion>  $since */
    private function refuseClash(Collection $since, Patch $patch, PlanVersion $head): void
    {
        foreach ($since as $version) {
            $by = $version->author->name ?? 'Somebody';
            $theirs = $version->planPatch() ?? throw PlanClash::replaced($by);
            $fields = $this->differing($patch, $patch->overlap($theirs), $head);
            if ($fields !== []) {
                throw PlanClash::onFields($fields, $by);
            }
        }
    }

    /** An undo or redo is refused where its fields no longer hold what it would take back. */
    private function refuseChanged(Patch $patch, PlanDocument $expected, PlanVersion $head): void
    {
        $now = $head->planDocument();
        $fields = [];
        foreach ($patch->fields() as ['on' => $on, 'path' => $path]) {
            $was = Patch::valueIn($expected, $on, $path);
            $is = Patch::valueIn($now, $on, $path);
            if ($was != $is) {
                $fields[] = ['on' => $on, 'path' => $path, 'yours' => $was, 'theirs' => $is];
            }
        }
        if ($fields !== []) {
            throw PlanClash::onFields($fields, 'Somebody');
        }
    }

    /**
     * @param  list<array{on: string, path: string}>  $fields
     * @return list<array{on: string, path: string, yours: mixed, theirs: mixed}> those where the two want different values
     */
    private function differing(Patch $patch, array $fields, PlanVersion $head): array
    {
        $now = $head->planDocument();
        $mine = $now->with($patch);
        $differing = [];
        foreach ($fields as ['on' => $on, 'path' => $path]) {
            $yours = Patch::valueIn($mine, $on, $path);
            $theirs = Patch::valueIn($now, $on, $path);
            if ($yours != $theirs) {
                $differing[] = ['on' => $on, 'path' => $path, 'yours' => $yours, 'theirs' => $theirs];
            }
        }

        return $differing;
    }
}
