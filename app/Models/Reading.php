<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Volts that somebody measured at a meter point of a plan version.
 *
 * @property int $id
 * @property string $meter_point
 * @property float $volts
 * @property Carbon $taken_at
 * @property-read User|null $author
 */
final class Reading extends Model
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'plan_version_id', 'user_id', 'meter_point', 'volts', 'taken_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['taken_at' => 'datetime', 'volts' => 'float'];
    }

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }
}
