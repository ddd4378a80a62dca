<?php

declare(strict_types=1);

namespace App\Models;

use Dinghy\Metering\LoadTest as Tested;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Volts along a way while a load drew at its end.
 *
 * @property int $id
 * @property string $circuit as "feed:bow-motor"
 * @property Carbon $taken_on
 * @property string $load_name
 * @property float $amps
 * @property float $celsius of the copper
 * @property string $meter
 * @property array<string, float> $volts by the id of the point
 * @property-read User $author
 */
final class LoadTest extends Model
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'user_id', 'circuit', 'taken_on', 'load_name', 'amps', 'celsius', 'meter', 'volts', 'kept_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['taken_on' => 'date', 'amps' => 'float', 'celsius' => 'float', 'volts' => 'array', 'kept_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }

    public function tested(): Tested
    {
        return new Tested($this->taken_on->toDateString(), $this->load_name, $this->amps, $this->celsius, $this->meter, $this->volts);
    }
}
