<?php

declare(strict_types=1);

namespace App\Models;

use App\Names\NameKey;
use Illuminate\Database\Eloquent\Model;

/**
 * A function of a boat: whether it worked when she came, and when she left.
 *
 * @property int $id
 * @property string $name
 * @property string|null $coming works, does-not or not-tried
 * @property string|null $leaving likewise
 * @property int $version
 */
final class FunctionCheck extends Model
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'name', 'name_key', 'coming', 'leaving', 'version'];

    protected static function booted(): void
    {
        self::saving(static function (self $check): void {
            $check->setAttribute('name_key', NameKey::of($check->name));
        });
    }
}
