<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A change that was made once, under the id that its sender gave it.
 *
 * @property string $sent_id a UUID
 * @property string $content SHA-256 of what was sent
 * @property int|null $made number or id of what came of it
 */
final class SentChange extends Model
{
    public $timestamps = false;

    protected $fillable = ['user_id', 'sent_id', 'content', 'made', 'sent_at'];
}
