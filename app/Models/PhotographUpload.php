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
 */
final class PhotographUpload extends Model
{
    use HasUuids;

    public $timestamps = false;

    protected $fillable = ['job_id', 'user_id', 'of', 'words', 'length', 'offset'];

    /** @var array<string, int> */
    protected $attributes = ['offset' => 0];

    /** @return HasMany<PhotographPiece, $this> */
    public function pieces(): HasMany
    {
        return $this->hasMany(PhotographPiece::class, 'upload_id');
    }
}
