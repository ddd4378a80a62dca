<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What somebody did or said about a step of the work on a boat. Never changed: what is undone is undone by another.
 *
 * @property int $id
 * @property string $entry the id that the phone gave it
 * @property int $user_id whose hand it was
 * @property int $signed_in_id
 * @property string $step
 * @property string $act
 * @property string|null $work what the step was then
 * @property string $says how it was worded then
 * @property array<string, mixed> $content what was given with it
 * @property string $sent a hash of what was sent
 * @property Carbon $done_at by the phone's clock
 * @property Carbon $kept_at
 * @property-read User $author
 */
final class WorkEntry extends Model
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'entry', 'user_id', 'signed_in_id', 'step', 'act', 'work', 'says', 'content', 'sent', 'done_at', 'kept_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['done_at' => 'datetime', 'kept_at' => 'datetime', 'content' => 'array'];
    }

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }
}
