<?php

declare(strict_types=1);

namespace App\Rigging;

use App\Models\Job;
use App\Models\OwnerQuestion;
use App\Models\Photograph;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Questions to owners, each under a link that nobody can guess, that shows this question alone, and ends. */
final class Questions
{
    public const DAYS = 7;

    private const LENGTH = 48;

    /**
     * Asked again under the same id it is the same question under a new link: the first may never have arrived.
     *
     * @param  array{id: string, step: string, words: string, price: float|null, delay_days: int, picture: string|null}  $asked
     * @return array{OwnerQuestion, string} with what is secret in its link: only a hash of it is kept
     */
    public static function ask(Job $job, User $user, array $asked): array
    {
        $secret = Str::random(self::LENGTH);
        $now = CarbonImmutable::now();
        $question = DB::transaction(static function () use ($job, $user, $asked, $secret, $now): OwnerQuestion {
            Job::query()->whereKey($job->id)->lockForUpdate()->value('id');
            $known = OwnerQuestion::query()->where('job_id', $job->id)->where('entry', $asked['id'])->first();
            if ($known !== null) {
                $known->words === $asked['words'] && $known->step === $asked['step'] || abort(422, 'Not asked: another question was sent under this id before.');
                $known->update(['token_hash' => hash('sha256', $secret)]);

                return $known;
            }

            return OwnerQuestion::query()->create([
                'job_id' => $job->id, 'entry' => $asked['id'], 'user_id' => $user->id, 'step' => $asked['step'], 'words' => $asked['words'], 'price' => $asked['price'],
                'delay_days' => $asked['delay_days'], 'picture' => $asked['picture'], 'token_hash' => hash('sha256', $secret), 'asked_at' => $now, 'ends_at' => $now->addDays(self::DAYS),
            ]);
        });

        return [$question, $secret];
    }

    /** @return OwnerQuestion|null null: there is no such question, or not any more */
    public static function behind(string $secret): ?OwnerQuestion
    {
        $question = OwnerQuestion::query()->with('job.boat.customer.shop', 'author')->where('token_hash', hash('sha256', $secret))->first();

        return $question === null || $question->withdrawn_at !== null || ($question->answer === null && $question->ends_at->isPast()) ? null : $question;
    }

    /** Once: what an owner has said stands. */
    public static function answer(OwnerQuestion $question, bool $answer, ?string $words): bool
    {
        return OwnerQuestion::query()->whereKey($question->id)->whereNull('answered_at')->update(['answer' => $answer, 'answer_words' => $words, 'answered_at' => CarbonImmutable::now()]) === 1;
    }

    /** @return string|null a JPEG */
    public static function picture(OwnerQuestion $question): ?string
    {
        $picture = $question->picture === null ? null : Photograph::query()->where('job_id', $question->job_id)->where('content', $question->picture)->value('thumbnail');

        return is_string($picture) ? $picture : null;
    }

    /** @return array<string, non-empty-list<string>> by step: why it waits for an answer */
    public static function holding(Job $job): array
    {
        $held = [];
        foreach (OwnerQuestion::query()->where('job_id', $job->id)->get()->sortBy('id') as $question) {
            $says = $question->holds();
            $says === null || $held[$question->step][] = $says;
        }

        return $held;
    }

    /** @return list<array<string, mixed>> those that were not taken back, the newest first */
    public static function ofJob(Job $job): array
    {
        $questions = OwnerQuestion::query()->with('author')->where('job_id', $job->id)->get()->sortByDesc('id')->filter(static fn (OwnerQuestion $question): bool => $question->withdrawn_at === null);

        return array_values(array_map(self::told(...), $questions->all()));
    }

    /** @return array<string, mixed> */
    public static function told(OwnerQuestion $question): array
    {
        return [
            'id' => $question->id, 'step' => $question->step, 'words' => $question->words, 'price' => $question->price, 'delay_days' => $question->delay_days,
            'by' => $question->author->name, 'asked_at' => $question->asked_at->toIso8601String(), 'ends_at' => $question->ends_at->toIso8601String(),
            'answer' => $question->answer, 'answer_words' => $question->answer_words, 'is_over' => $question->answer === null && $question->ends_at->isPast(),
        ];
    }
}
