<?php

declare(strict_types=1);

namespace App\Models;

use Dinghy\File\PlanDocument;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * A work order on one boat.
 *
 * @property int $id
 * @property int $boat_id
 * @property string $title
 * @property int|null $bay
 * @property Carbon|null $promised_on
 * @property string|null $waits_for
 * @property Carbon|null $updated_at
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Acceptance> $acceptances
 * @property-read Boat $boat
 * @property-read PlanVersion|null $plan
 */
final class Job extends Model
{
    protected $fillable = ['boat_id', 'title', 'bay', 'promised_on', 'waits_for'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['promised_on' => 'date'];
    }

    /** @return BelongsTo<Boat, $this> */
    public function boat(): BelongsTo
    {
        return $this->belongsTo(Boat::class);
    }

    /** @return HasMany<PlanVersion, $this> */
    public function planVersions(): HasMany
    {
        return $this->hasMany(PlanVersion::class);
    }

    /** @return HasOne<PlanVersion, $this> the newest version */
    public function plan(): HasOne
    {
        return $this->hasOne(PlanVersion::class)->ofMany('number', 'max');
    }

    /**
     * A version of the plan as its shop judges it: under the shop's house rules, where the plan brings none of its own.
     */
    public function judged(PlanVersion $version): PlanDocument
    {
        return $version->judgedUnder($this->boat->customer->shop->houseRules()->ofPlans());
    }

    /** @return HasMany<Acceptance, $this> */
    public function acceptances(): HasMany
    {
        return $this->hasMany(Acceptance::class);
    }

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(Reading::class);
    }

    /** @return HasMany<LoadTest, $this> */
    public function loadTests(): HasMany
    {
        return $this->hasMany(LoadTest::class);
    }

    /** @return HasMany<WorkEntry, $this> */
    public function workEntries(): HasMany
    {
        return $this->hasMany(WorkEntry::class);
    }

    /** @return HasMany<Photograph, $this> */
    public function photographs(): HasMany
    {
        return $this->hasMany(Photograph::class);
    }

    /** @return Builder<self> the work orders of one shop */
    public static function ofShop(int $shop): Builder
    {
        return self::query()->whereHas('boat.customer', fn (Builder $customers) => $customers->where('shop_id', $shop));
    }
}
