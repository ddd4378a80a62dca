<?php

declare(strict_types=1);

namespace App\Rigging;

use App\Metering\MeasuredContent;
use App\Models\HandChange;
use App\Models\Job;
use App\Models\User;
use App\Models\WorkEntry;
use Carbon\CarbonImmutable;
use Dinghy\Area\Rigging\Act;
use Dinghy\Area\Rigging\Forecast;
use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\Steps;
use Dinghy\Area\Rigging\Stops;
use Dinghy\Area\Rigging\Walk;
use Dinghy\Area\Rigging\Work;
use Dinghy\Area\Rigging\WorkEntry as Entry;
use Dinghy\Area\Rigging\WorkingHours;
use Dinghy\Evaluation\Evaluation;
use Illuminate\Support\Collection;

/** How the work on a boat stands, by the entries that were kept and the plan as it is. */
final readonly class WorkRecord
{
    /** min after midnight that a shop works from and to [common practice, no source] */
    private const HOURS = [480.0, 1020.0];

    /** entries that are told, the newest first */
    private const TOLD = 60;

    public Work $work;

    /** @var Collection<int, WorkEntry> in the order in which they were kept */
    private Collection $entries;

    private CarbonImmutable $now;

    public function __construct(private Job $job, public Evaluation $evaluation)
    {
        $this->now = CarbonImmutable::now();
        $this->entries = $job->workEntries()->with('author')->get()->sortBy('id')->values();
        $steps = $evaluation->boat->figures(Steps::class);
        $unsigned = (new Functions($job))->holdsHandOver();
        $held = array_merge_recursive(Stops::holding($evaluation, $steps), Questions::holding($job), $unsigned === null ? [] : ['hand-over' => [$unsigned]]);
        $this->work = new Work($steps, $this->acts(), $held, self::minutes($this->now));
    }

    /**
     * @param  string|null  $at  the step that is looked at; null: none
     * @return array<string, mixed>
     */
    public function told(User $hand, User $signedIn, ?string $at): array
    {
        $others = Presence::at($this->job)->others($hand);
        $forecast = Forecast::of($this->work, new WorkingHours(self::HOURS[0], self::HOURS[1], (float) $this->now->utcOffset()), self::minutes($this->now), max(1, count($others) + 1));
        $ready = self::moment($forecast->ready);
        $walk = $this->work->walk($this->placeOf($hand, $at), array_values($others));

        return [
            'number' => $this->entries->last()->id ?? 0,
            'of' => count($this->work->steps->all),
            'done' => array_values(array_map(static fn (Entry $entry): array => self::fact($entry), $this->work->done)),
            'changed' => array_values(array_map(static fn (Entry $entry): array => self::fact($entry), $this->work->changed)),
            'reopened' => array_values(array_map(static fn (Entry $entry): array => self::fact($entry), $this->work->reopened)),
            'otherwise' => array_values(array_map(static fn (Step $step): array => ['step' => $step->id, 'says' => $step->says, 'holds' => HoldTold::of($step)], $this->work->otherwise)),
            'gone' => array_map(static fn (Entry $entry): array => self::fact($entry), $this->work->gone),
            'waits' => $this->waits(),
            'held' => array_map(static fn (string $step, array $says): array => ['step' => $step, 'says' => $says], array_map(strval(...), array_keys($this->work->held)), array_values($this->work->held)),
            'missing' => PartsMissing::of($this->job, $this->evaluation)->told($this->work->open),
            'ready' => array_map(static fn (Step $step): string => $step->id, $this->work->ready()),
            'next' => array_map(static fn (Step $step): string => $step->id, $walk),
            'measures' => (new StepReadings($this->job, $this->evaluation->boat, $this->work))->told($walk, $at === null ? null : $this->work->steps->find($at)),
            'others' => array_map(static fn (string $name, string $step): array => ['name' => $name, 'step' => $step], array_map(strval(...), array_keys($others)), array_values($others)),
            'minutes_left' => $this->work->minutesLeft(),
            'ready_on' => $ready->toDateString(),
            'is_late' => $this->job->promised_on !== null && $ready->startOfDay()->greaterThan($this->job->promised_on),
            'questions' => Questions::ofJob($this->job),
            'log' => $this->log(),
            'hand' => ['id' => $hand->id, 'name' => $hand->name, 'may_sign' => $hand->role->changesPlans(), 'is_signed_in' => $hand->is($signedIn)],
        ];
    }

    public static function minutes(\DateTimeInterface $moment): float
    {
        return $moment->getTimestamp() / 60;
    }

    /** @return list<array{step: string, since: string, over: string}> */
    private function waits(): array
    {
        $waits = [];
        foreach ($this->work->waitsSince as $id => $since) {
            $step = $this->work->steps->find((string) $id);
            if ($step !== null) {
                $waits[] = ['step' => $step->id, 'since' => self::moment($since)->toIso8601String(), 'over' => self::moment($since + $step->minutes)->toIso8601String()];
            }
        }

        return $waits;
    }

    /** Where somebody kneels: at the step that is looked at, else where the last was done. */
    private function placeOf(User $hand, ?string $at): ?string
    {
        $last = $at ?? $this->entries->last(static fn (WorkEntry $entry): bool => $entry->author->is($hand) && $entry->act === Act::Done->value)?->step;
        $step = $last === null ? null : $this->work->steps->find($last);

        return $step === null ? null : Walk::placeOf($step);
    }

    /** @return list<Entry> */
    private function acts(): array
    {
        $acts = [];
        foreach ($this->entries as $entry) {
            $act = Act::tryFrom($entry->act);
            if ($act !== null) {
                // What waits is not over sooner because a phone's clock is wrong.
                $at = max(self::minutes($entry->done_at), self::minutes($entry->kept_at) - WorkKeeping::LATEST);
                $acts[] = new Entry($entry->entry, $entry->step, $act, $entry->work ?? '', $entry->says, min($at, self::minutes($entry->kept_at)), $entry->author->name);
            }
        }

        return $acts;
    }

    /** @return array{step: string, says: string, by: string, at: string} */
    private static function fact(Entry $entry): array
    {
        return ['step' => $entry->step, 'says' => $entry->says, 'by' => $entry->by, 'at' => self::moment($entry->at)->toIso8601String()];
    }

    /** @return list<array<string, mixed>> entries and changes of hands, the newest first */
    private function log(): array
    {
        $entries = $this->entries->reverse()->take(self::TOLD)->map(fn (WorkEntry $entry): array => [
            'id' => $entry->entry, 'act' => $entry->act, 'step' => $entry->step, 'says' => $entry->says, 'by' => $entry->author->name,
            'words' => $this->words($entry), 'at' => $entry->done_at->toIso8601String(),
        ]);
        $changes = HandChange::query()->with('taken')->where('job_id', $this->job->id)->get()->sortByDesc('id')->take(self::TOLD)->map(static fn (HandChange $change): array => [
            'id' => "hands {$change->id}", 'act' => 'hands', 'step' => '', 'says' => 'The phone went into another hand.', 'by' => $change->taken->name, 'words' => null, 'at' => $change->changed_at->toIso8601String(),
        ]);

        return [...$entries, ...$changes];
    }

    /** What was given with an entry, as a line of the record has it; null: nothing. */
    private function words(WorkEntry $entry): ?string
    {
        $said = [];
        foreach (['words' => '', 'reason' => 'because: ', 'serial' => 'serial ', 'version' => 'version ', 'again_on' => 'tightened again on '] as $key => $before) {
            is_string($entry->content[$key] ?? null) && $said[] = $before.$entry->content[$key];
        }
        $readings = $entry->content['readings'] ?? null;
        $measured = MeasuredContent::words($entry, $this->evaluation->boat->words);
        $measured !== null ? $said[] = $measured : is_array($readings) && $said[] = 'read '.implode(', ', array_filter($readings, is_scalar(...)));

        return $said === [] ? null : implode('; ', $said);
    }

    private static function moment(float $minutes): CarbonImmutable
    {
        return CarbonImmutable::createFromTimestamp((int) round(60 * $minutes));
    }
}
