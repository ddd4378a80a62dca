<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What nobody agreed on and an owner is asked: a step hangs on the answer, nothing else does.
 *
 * @property int $id
 * @property int $job_id
 * @property string $entry the id that the phone gave it
 * @property string $step
 * @property string $words
 * @property float|null $price
 * @property int $delay_days
 * @property string|null $picture a photograph of the job, by its content
 * @property string $token_hash of what is secret in the link
 * @property Carbon $asked_at
 * @property Carbon $ends_at
 * @property bool|null $answer
 * @property string|null $answer_words
 * @property Carbon|null $answered_at
 * @property Carbon|null $withdrawn_at
 * @property-read User $author
 * @property-read Job $job
 */
final class OwnerQuestion extends Model
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'entry', 'user_id', 'step', 'words', 'price', 'delay_days', 'picture', 'token_hash', 'asked_at', 'ends_at', 'answer', 'answer_words', 'answered_at', 'withdrawn_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['price' => 'float', 'answer' => 'boolean', 'asked_at' => 'datetime', 'ends_at' => 'datetime', 'answered_at' => 'datetime', 'withdrawn_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** Why its step waits, as a sentence; null: it does not. */
    public function holds(): ?string
    {
        return match (true) {
            $this->withdrawn_at !== null, $this->answer === true => null,
            $this->answer === false => "The owner said no to “{$this->words}”. Change the plan, or take the question back.",
            $this->ends_at->isPast() => "The owner did not answer in time: “{$this->words}”. Ask again, or take the question back.",
            default => "The owner is asked: “{$this->words}”.",
        };
    }
}
