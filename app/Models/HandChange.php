<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * That a phone went into another hand, at a boat.
 *
 * @property int $id
 * @property Carbon $changed_at
 * @property-read User $taken
 */
final class HandChange extends Model
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'user_id', 'signed_in_id', 'changed_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['changed_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> who took it */
    public function taken(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }
}
