<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Bytes of an upload as they arrived.
 *
 * @property int $offset
 * @property string $bytes
 */
final class PhotographPiece extends Model
{
    public $timestamps = false;

    protected $fillable = ['upload_id', 'offset', 'bytes'];
}
