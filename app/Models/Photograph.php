<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A picture that entries of a plan's survey point at. Kept under what it is and never changed: another picture is another row.
 *
 * @property int $id
 * @property string $content the SHA-256 of the picture
 * @property int $width pixels
 * @property int $height pixels
 * @property string $picture a JPEG
 * @property string $thumbnail a JPEG
 */
final class Photograph extends Model
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'user_id', 'content', 'width', 'height', 'picture', 'thumbnail', 'made_at'];
}
