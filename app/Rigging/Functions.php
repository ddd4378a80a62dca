<?php

declare(strict_types=1);

namespace App\Rigging;

use App\Models\FunctionCheck;
use App\Models\Job;
use App\Models\OwnerSignature;
use App\Models\User;
use App\Names\NameKey;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** What of a boat worked and what did not when she came, and when she left; each list signed by her owner. */
final readonly class Functions
{
    public const STATES = ['works', 'does-not', 'not-tried'];

    public const MOMENTS = ['coming', 'leaving'];

    public function __construct(private Job $job)
    {
    }

    /**
     * @param  int  $seen  version of it that was seen; 0: it was not there
     * @param  string|null  $state  null: nobody says so any more
     * @return bool whether it was as it was seen
     */
    public function say(string $name, string $moment, ?string $state, int $seen): bool
    {
        return DB::transaction(function () use ($name, $moment, $state, $seen): bool {
            Job::query()->whereKey($this->job->id)->lockForUpdate()->value('id');
            $check = FunctionCheck::query()->where('job_id', $this->job->id)->where('name_key', NameKey::of($name))->first();
            if (($check->version ?? 0) !== $seen) {
                // Said twice the same, as where an answer was lost, it is said.
                return $check !== null && $check->getAttribute($moment) === $state;
            }
            $check ??= new FunctionCheck(['job_id' => $this->job->id, 'name' => $name, 'version' => 0]);
            $check->setAttribute($moment, $state);
            $check->version++;
            $check->coming === null && $check->leaving === null ? $check->delete() : $check->save();

            return true;
        });
    }

    /**
     * @param  list<list<array{float, float}>>  $strokes
     * @return string|null why it cannot be signed; null: it is
     */
    public function sign(User $hand, string $moment, string $name, array $strokes): ?string
    {
        $list = $this->list($moment);
        $open = array_filter($list, static fn (array $one): bool => $one['state'] === null);
        if ($list === [] || $open !== []) {
            return $list === [] ? 'There is nothing to sign yet: say first what works and what does not.' : 'It is not said of “'.array_values($open)[0]['name'].'” yet.';
        }
        OwnerSignature::query()->create(['job_id' => $this->job->id, 'user_id' => $hand->id, 'moment' => $moment, 'name' => $name, 'strokes' => $strokes, 'signed' => $list, 'signed_at' => CarbonImmutable::now()]);

        return null;
    }

    /** @return string|null why she cannot be handed over, as a sentence; null: nothing is missing */
    public function holdsHandOver(): ?string
    {
        return $this->list('coming') !== [] && $this->signature('leaving', true) === null ? 'The owner has not signed how she leaves: the list of what works is filled in and signed once more.' : null;
    }

    /** @return array<string, mixed> */
    public function told(): array
    {
        return [
            'functions' => FunctionCheck::query()->where('job_id', $this->job->id)->get()->sortBy('id')->map(static fn (FunctionCheck $check): array => [
                'name' => $check->name, 'coming' => $check->coming, 'leaving' => $check->leaving, 'version' => $check->version,
            ])->values()->all(),
            'signatures' => array_values(array_filter(array_map(fn (string $moment): ?array => $this->signed($moment), self::MOMENTS))),
        ];
    }

    /** @return array<string, mixed>|null the newest of a moment */
    private function signed(string $moment): ?array
    {
        $signature = $this->signature($moment, false);

        return $signature === null ? null : [
            'moment' => $moment, 'name' => $signature->name, 'strokes' => $signature->strokes, 'signed_at' => $signature->signed_at->toIso8601String(), 'is_current' => $signature->signed === $this->list($moment),
        ];
    }

    private function signature(string $moment, bool $current): ?OwnerSignature
    {
        $signature = OwnerSignature::query()->where('job_id', $this->job->id)->where('moment', $moment)->get()->sortByDesc('id')->first();

        return $signature !== null && (! $current || $signature->signed === $this->list($moment)) ? $signature : null;
    }

    /** @return list<array{name: string, state: string|null}> */
    private function list(string $moment): array
    {
        $list = FunctionCheck::query()->where('job_id', $this->job->id)->get()->sortBy('id')->map(static fn (FunctionCheck $check): array => ['name' => $check->name, 'state' => $moment === 'coming' ? $check->coming : $check->leaving]);

        return array_values($list->all());
    }
}
