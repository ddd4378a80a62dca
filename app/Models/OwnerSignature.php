<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * That an owner signed how the boat's functions were, with what was signed as it stood then.
 *
 * @property int $id
 * @property string $moment coming or leaving
 * @property string $name
 * @property list<list<array{float, float}>> $strokes shares of the width and height of the field
 * @property list<array{name: string, state: string|null}> $signed
 * @property Carbon $signed_at
 */
final class OwnerSignature extends Model
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'user_id', 'moment', 'name', 'strokes', 'signed', 'signed_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['strokes' => 'array', 'signed' => 'array', 'signed_at' => 'datetime'];
    }
}
