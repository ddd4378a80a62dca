<?php

declare(strict_types=1);

namespace App\Models;

use App\Names\NameKey;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $shop_id
 * @property string $name
 * @property string $name_key what makes it the same customer as another
 * @property-read Shop $shop
 */
final class Customer extends Model
{
    protected $fillable = ['shop_id', 'name', 'name_key'];

    protected static function booted(): void
    {
        self::saving(static function (self $customer): void {
            $customer->name_key = NameKey::of($customer->name);
        });
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }

    /** @return HasMany<Boat, $this> */
    public function boats(): HasMany
    {
        return $this->hasMany(Boat::class);
    }
}
