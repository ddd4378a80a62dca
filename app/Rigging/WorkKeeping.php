<?php

declare(strict_types=1);

namespace App\Rigging;

use App\Metering\MeasuredContent;
use App\Models\Job;
use App\Models\User;
use App\Models\WorkEntry;
use App\WorkOrders\PlanHistory;
use Carbon\CarbonImmutable;
use Dinghy\Area\Rigging\Act;
use Dinghy\Area\Rigging\AsBuilt;
use Dinghy\Area\Rigging\Rule\Evidence;
use Dinghy\Area\Rigging\Step;
use Dinghy\Evaluation\Consequences;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\Patch;
use Dinghy\File\PatchRefused;
use Dinghy\File\PlanRefused;
use Dinghy\File\QuantityRefused;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\ProposalRefused;
use Dinghy\Quantity\Units;
use Dinghy\Survey\Photograph;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/**
 * Keeps entries of the work one by one, each in a transaction that holds the boat: what was sent before is known again by its id,
 * what cannot be is refused in words and nothing of it is left.
 */
final readonly class WorkKeeping
{
    /** min that an entry may have waited on a phone and still count from when it was done */
    public const LATEST = 20160.0;

    /** Times that it is tried when the database could not let two go on beside one another. */
    private const TRIES = 3;

    public function __construct(private Job $job, private User $hand, private User $signedIn, private Units $units)
    {
    }

    /** @return array{id: string, kept: bool, says: string|null} says: why not, or what is to be known of it */
    public function keep(SentEntry $sent): array
    {
        return DB::transaction(function () use ($sent): array {
            Job::query()->whereKey($this->job->id)->lockForUpdate()->value('id');
            $known = WorkEntry::query()->where('job_id', $this->job->id)->where('entry', $sent->id)->first();
            if ($known !== null) {
                return $known->sent === $sent->hash() ? self::kept($sent) : self::refused($sent, 'Another entry was sent under this id before.');
            }
            $record = new WorkRecord($this->job, $this->evaluation());
            $step = $record->work->steps->find($sent->step);

            return match (true) {
                $sent->by !== $this->hand->id => self::refused($sent, 'It was made by another hand than the one that the phone is in now. Hand it back, then send it again.'),
                // What was said is kept, whatever has become of the step that it was said at.
                in_array($sent->act, ['note', 'problem'], true) => $this->write($sent, $step, []),
                $step === null => self::refused($sent, 'The plan has no such step any more: it was changed meanwhile. Keep it as a note, or let it go.'),
                $sent->act === Act::Done->value => $this->done($sent, $step, $record),
                $sent->act === Act::Undo->value => $this->undone($sent, $step, $record),
                $sent->act === Act::Begin->value => $this->begun($sent, $step, $record),
                $sent->asBuilt !== null => $this->otherwise($sent, $step, $sent->asBuilt, $record->evaluation),
                default => throw new \LogicException("No such act: {$sent->act}."),
            };
        }, self::TRIES);
    }

    /** @return array{id: string, kept: bool, says: string|null} */
    private function done(SentEntry $sent, Step $step, WorkRecord $record): array
    {
        $earlier = $record->work->done[$step->id] ?? null;
        if ($earlier !== null) {
            return self::kept($sent, "Already done by {$earlier->by}.");
        }
        $meter = new StepReadings($this->job, $record->evaluation->boat, $record->work);
        $evidence = new Evidence($sent->tick, $this->isPhotographed($step, $record->evaluation->boat->plan), $sent->readings, $meter->evidence($step, $sent->readings), $sent->reason);
        $refusal = $record->work->refusal($step, $evidence, $this->hand->role->changesPlans());

        return $refusal === null ? $this->write($sent, $step, $step->metered === null ? [] : ['measured' => MeasuredContent::kept($meter->of($step), $sent->readings)]) : self::refused($sent, $refusal);
    }

    /** @return array{id: string, kept: bool, says: string|null} */
    private function begun(SentEntry $sent, Step $step, WorkRecord $record): array
    {
        return isset($record->work->waitsSince[$step->id]) ? self::kept($sent, 'It stands already.') : $this->write($sent, $step, []);
    }

    /** @return array{id: string, kept: bool, says: string|null} */
    private function undone(SentEntry $sent, Step $step, WorkRecord $record): array
    {
        $work = $record->work;
        if (! isset($work->done[$step->id]) && ! isset($work->changed[$step->id]) && ! isset($work->reopened[$step->id]) && ! isset($work->waitsSince[$step->id])) {
            return self::kept($sent, 'It is open already.');
        }
        $standing = $work->standingOn($step);
        if ($standing !== [] && ! $sent->following) {
            $more = count($standing) - 1;

            return self::refused($sent, "“{$standing[0]->says}” stands on it".($more === 0 ? '' : ", and {$more} more").'. Take those back first, or all of them together.');
        }
        foreach (array_reverse($work->following($step)) as $other) {
            $this->write($sent, $other, ['id' => Uuid::uuid5($sent->id, $other->id)->toString()]);
        }

        return $this->write($sent, $step, []);
    }

    /**
     * What is built otherwise becomes a change of the plan, in the name of whoever says so.
     *
     * @return array{id: string, kept: bool, says: string|null}
     */
    private function otherwise(SentEntry $sent, Step $step, AsBuilt $what, Evaluation $before): array
    {
        try {
            (new PlanHistory($this->job))->propose($this->hand, fn (): Patch => $what->patch($step, $before->boat, $sent->value ?? '', $this->units));
        } catch (QuantityRefused|ProposalRefused|PlanRefused|PatchRefused $refused) {
            return self::refused($sent, ucfirst($refused->getMessage()));
        }

        $changes = Consequences::of($before, $this->evaluation())->sentences();
        $this->write($sent, $step, ['words' => "{$what->value}: {$sent->value}"]);

        return self::kept($sent, $changes === [] ? 'The plan has it; nothing else changes.' : implode(' ', $changes));
    }

    private function isPhotographed(Step $step, Plan $plan): bool
    {
        return array_filter($plan->survey->photographs ?? [], static fn (Photograph $photograph): bool => $photograph->picture !== null && $photograph->of === "station:{$step->at}") !== [];
    }

    /**
     * @param  array<string, mixed>  $more  than was sent: its id where it is another, words, what was measured
     * @return array{id: string, kept: bool, says: string|null}
     */
    private function write(SentEntry $sent, ?Step $step, array $more): array
    {
        $now = CarbonImmutable::now();
        WorkEntry::query()->create([
            'job_id' => $this->job->id, 'entry' => $more['id'] ?? $sent->id, 'user_id' => $this->hand->id, 'signed_in_id' => $this->signedIn->id,
            'step' => $step->id ?? $sent->step, 'act' => $sent->act, 'work' => $step?->work(), 'says' => mb_substr($step->says ?? $sent->step, 0, 600),
            'content' => [...$sent->content(), ...array_diff_key($more, ['id' => true])],
            'sent' => $sent->hash(), 'done_at' => min($sent->at, $now), 'kept_at' => $now,
        ]);

        return self::kept($sent);
    }

    private function evaluation(): Evaluation
    {
        $head = $this->job->plan()->first() ?? abort(404, 'This boat has no plan yet.');

        return $this->job->boat->customer->shop->evaluate($this->job->judged($head), $this->units);
    }

    /** @return array{id: string, kept: bool, says: string|null} */
    private static function kept(SentEntry $sent, ?string $says = null): array
    {
        return ['id' => $sent->id, 'kept' => true, 'says' => $says];
    }

    /** @return array{id: string, kept: bool, says: string|null} */
    private static function refused(SentEntry $sent, string $says): array
    {
        return ['id' => $sent->id, 'kept' => false, 'says' => $says];
    }
}
