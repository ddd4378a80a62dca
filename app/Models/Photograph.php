<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The picture of a photograph that a plan's survey names.
 *
 * @property int $id
 * @property string $name its id in the plan
 * @property int $width pixels
 * @property int $height pixels
 * @property string $picture a JPEG
 * @property string $thumbnail a JPEG
 */
final class Photograph extends Model
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'user_id', 'name', 'width', 'height', 'picture', 'thumbnail'];
}
