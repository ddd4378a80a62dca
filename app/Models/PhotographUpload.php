<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A photograph on its way up: what has arrived of it stays until the rest does.
 *
 * @property string $id
 * @property int $job_id
 * @property int $user_id
 * @property string $of what is on it
 * @property string $words
 * @property int $length bytes in all
 * @property int $offset bytes that have arrived
 * @property bool $kept its picture is made; only the memory of it is left
 */
final class PhotographUpload extends Model
{
    use HasUuids;

    public $timestamps = false;

    protected $fillable = ['job_id', 'user_id', 'of', 'words', 'length', 'offset', 'kept'];

    /** @var array<string, int|bool> */
    protected $attributes = ['offset' => 0, 'kept' => false];

    /** @var array<string, string> */
    protected $casts = ['kept' => 'boolean'];

    public function isWhole(): bool
    {
        return $this->offset === $this->length;
    }

    /** @return HasMany<PhotographPiece, $this> */
    public function pieces(): HasMany
    {
        return $this->hasMany(PhotographPiece::class, 'upload_id');
    }
}
