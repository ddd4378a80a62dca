<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A finding that somebody decided to let stand, and why. It holds for the occasion it was given for; what is taken back
 * stays in the log.
 *
 * @property int $id
 * @property string $rule
 * @property string $on
 * @property string $occasion
 * @property string $says the finding as it read then
 * @property string $reason
 * @property Carbon $decided_at
 * @property Carbon|null $reopened_at
 * @property int $made_on number of the plan's version that it was made after
 * @property int|null $undone_on number of the version after which undo took it back; null: it did not
 * @property-read User|null $author
 */
final class Acceptance extends Model
{
    public $timestamps = false;

    protected $fillable = [
        'job_id', 'user_id', 'rule', 'on', 'occasion', 'says', 'reason', 'decided_at', 'reopened_at', 'made_on',
        'undone_on',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['decided_at' => 'datetime', 'reopened_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }
}
