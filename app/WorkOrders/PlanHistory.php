<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Models\Job;
use App\Models\PlanVersion;
use App\Models\User;
use Dinghy\File\Patch;
use Dinghy\File\PlanDifference;
use Dinghy\File\PlanDocument;
use Dinghy\File\Spelling;
use Dinghy\File\TouchedFields;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\MoveOnPlan;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
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

    /** The first version. @throws \Dinghy\File\PlanRefused */
    public function begin(?User $user, PlanDocument $document): PlanVersion
    {
        $document->plan();

        return $this->locked(
            fn (?PlanVersion $head): PlanVersion => $this->append(
                $head,
                $user,
                $this->version($head, $user, 'import', null, $document),
            ),
        );
    }

    /**
     * Replaces the plan by another as one step, which its author can undo.
     *
     * @param  int  $base  the version that is to be replaced: one made since would be dropped unseen
     * @param  PlanVersion|null  $restored  the version that is brought back, where it is one
     *
     * @throws PlanClash|\Dinghy\File\PlanRefused
     */
    public function replace(User $user, int $base, PlanDocument $document, ?PlanVersion $restored = null): PlanVersion
    {
        $document->plan();

        return $this->locked(function (?PlanVersion $head) use ($user, $base, $document, $restored): PlanVersion {
            $head = $this->headOf($head, $base);
            $since = $this->since($base);
            $since->isEmpty() || throw PlanClash::wouldDrop(
                $since,
                $base,
                $head->planDocument()->words(new QuantityFormatter(Units::Metric)),
            );
            $difference = PlanDifference::between($head->planDocument(), $document);

            return $difference === null ? $this->unchanged($head) : $this->change(
                $head,
                $user,
                $restored === null ? 'import' : 'restore',
                $difference,
                $restored,
            );
        });
    }

    /**
     * Applies a change that was made on version $base. Changes of other fields since then are kept beside it.
     *
     * @param  string|null  $reason  why, for the log
     * @param  list<int>  $own  numbers of versions since then that the same person made from the same page
     *
     * @throws PlanClash|\Dinghy\File\PlanRefused|\Dinghy\File\PatchRefused
     */
    public function edit(User $user, int $base, Patch $patch, ?string $reason = null, array $own = []): PlanVersion
    {
        return $this->locked(function (?PlanVersion $head) use ($user, $base, $patch, $reason, $own): PlanVersion {
            $head = $this->headOf($head, $base);
            $patch = MoveOnPlan::followed($head->planDocument(), $patch);
            $this->refuseClash(
                $base,
                $patch,
                $head,
                static fn (PlanVersion $version): bool => $version->user_id === $user->id && in_array($version->number, $own, true),
            );

            return $this->change($head, $user, 'edit', $patch, null, $reason);
        });
    }

    /**
     * A change that is made from the plan as it is now, so that it fits whatever others have done.
     *
     * @param  \Closure(Plan, PlanDocument): Patch  $proposal
     *
     * @throws PlanClash|\Dinghy\File\PlanRefused|\Dinghy\Proposal\ProposalRefused
     */
    public function propose(User $user, \Closure $proposal): PlanVersion
    {
        return $this->locked(function (?PlanVersion $head) use ($user, $proposal): PlanVersion {
            $head ?? throw PlanClash::nothingTo('change');

            return $this->change(
                $head,
                $user,
                'edit',
                $proposal($this->job->judged($head)->plan(), $head->planDocument()),
                null,
            );
        });
    }

    /**
     * @param  int|null  $step  what the person was told would be taken back; null: whatever comes next
     * @return PlanVersion the newest afterwards
     *
     * @throws PlanClash
     */
    public function undo(User $user, ?int $step = null): PlanVersion
    {
        return $this->locked(
            fn (?PlanVersion $head): PlanVersion => $this->take(
                'undo',
                $user,
                $head,
                $head === null ? null : $this->steps($user)->undo($head),
                $step,
            ),
        );
    }

    /**
     * @param  int|null  $step  what the person was told would be made again; null: whatever comes next
     * @return PlanVersion the newest afterwards
     *
     * @throws PlanClash
     */
    public function redo(User $user, ?int $step = null): PlanVersion
    {
        return $this->locked(
            fn (?PlanVersion $head): PlanVersion => $this->take(
                'redo',
                $user,
                $head,
                $head === null ? null : $this->steps($user)->redo($head),
                $step,
            ),
        );
    }

    /** @param  'undo'|'redo'  $verb */
    private function take(string $verb, User $user, ?PlanVersion $head, ?PlanStep $next, ?int $step): PlanVersion
    {
        if ($head === null || $next === null) {
            throw PlanClash::nothingTo($verb);
        }
        $step === null || $step === $next->number || throw PlanClash::anotherStep($verb);
        if ($next->patch !== null) {
            return $this->change($head, $user, $verb, $next->patch, $next->version);
        }
        $next->decision?->update($verb === 'undo' ? ['reopened_at' => now(), 'undone_on' => $head->number] : [
            'reopened_at' => null,
            'undone_on' => null,
            'made_on' => $head->number,
        ]);
        $this->job->unsetRelation('acceptances');

        return $this->unchanged($head);
    }

    /** What a person can take back and make again. */
    public function steps(User $user): PlanSteps
    {
        return new PlanSteps($this->job, $user);
    }

    /** @param  \Closure(PlanVersion|null): PlanVersion  $change */
    private function locked(\Closure $change): PlanVersion
    {
        return DB::transaction(function () use ($change): PlanVersion {
            Job::query()->whereKey($this->job->id)->lockForUpdate()->firstOrFail();

            return $change($this->job->plan()->first());
        });
    }

    private function change(
        PlanVersion $head,
        User $user,
        string $kind,
        Patch $patch,
        ?PlanVersion $reverts,
        ?string $reason = null,
    ): PlanVersion {
        $document = $head->planDocument()->with($patch);
        if ($document->toJson() === $head->document) {
            return $this->unchanged($head);
        }
        $version = $this->version($head, $user, $kind, $patch, $document, $reverts, $reason);
        // Found sound as it will be judged, so that it is read once.
        $this->job->judged($version)->plan();

        return $this->append($head, $user, $version);
    }

    /** A version that follows another; not kept yet. */
    private function version(
        ?PlanVersion $head,
        ?User $user,
        string $kind,
        ?Patch $patch,
        PlanDocument $document,
        ?PlanVersion $reverts = null,
        ?string $reason = null,
    ): PlanVersion {
        return $this->job->planVersions()->make([
            'number' => ($head->number ?? 0) + 1,
            'parent_id' => $head?->id,
            'user_id' => $user?->id,
            'kind' => $kind,
            'reverts_id' => $reverts?->id,
            'patch' => $patch === null ? null : json_encode(
                $patch->toJson(),
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
            ),
            'document' => $document->toJson(),
            'hash' => $document->hash(),
            'reason' => $reason,
            'made_at' => now(),
        ])->holding($document);
    }

    private function append(?PlanVersion $head, ?User $user, PlanVersion $version): PlanVersion
    {
        $version->seal = PlanChain::seal($version->getAttributes(), $head?->seal);
        $version->save();
        // Who asked for the change is answered with the plan as it is now, without reading it again.
        $this->job->setRelation('plan', $version->setRelation('author', $user));

        return $version;
    }

    /** A step that changes nothing is none: the plan is answered as it is. */
    private function unchanged(PlanVersion $head): PlanVersion
    {
        $this->job->setRelation('plan', $head);

        return $head;
    }

    /** @throws PlanClash when there is no plan, or not that version of it */
    private function headOf(?PlanVersion $head, int $base): PlanVersion
    {
        $head ?? throw PlanClash::nothingTo('change');

        return $base <= $head->number ? $head : throw PlanClash::noSuchVersion($base, $head->number);
    }

    /** @return Collection<int, PlanVersion> */
    private function since(int $base): Collection
    {
        return $this->job->planVersions()->with('author')->where('number', '>', $base)->get()->sortBy('number')->values();
    }

    /** @param  \Closure(PlanVersion): bool  $isOwn */
    private function refuseClash(int $base, Patch $patch, PlanVersion $head, \Closure $isOwn): void
    {
        $since = $this->since($base);
        if ($since->isEmpty()) {
            return;
        }
        $before = $this->job->planVersions()->where('number', $base)->firstOrFail()->planDocument();
        $mine = TouchedFields::of($patch, $before);
        foreach ($since as $version) {
            $by = $version->author->name ?? 'Somebody';
            $theirs = $version->planPatch() ?? throw PlanClash::replaced($by);
            $fields = $isOwn($version) ? [] : $this->differing(
                $patch,
                $mine->shared(TouchedFields::of($theirs, $before)),
                $head,
            );
            if ($fields !== []) {
                throw PlanClash::onFields($fields, $by);
            }
            $before = $version->planDocument();
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
            $yours = $mine->valueOf($on, $path);
            $theirs = $now->valueOf($on, $path);
            if (Spelling::of($yours) !== Spelling::of($theirs)) {
                $differing[] = ['on' => $on, 'path' => $path, 'yours' => $yours, 'theirs' => $theirs];
            }
        }

        return $differing;
    }
}
