<?php

declare(strict_types=1);

namespace App\Models;

use App\Names\NameKey;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A thing that a shop keeps by the piece, or a wire that it keeps by lengths.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $name as kits name it: "Lug 6 AWG (16 mm²), hole 3/8", "6 AWG red"
 * @property string $name_key what makes it the same as another
 * @property string $unit pcs or m
 * @property int $on_hand pieces that no boat has taken; of a wire 0: its lengths are counted
 * @property string|null $price of a piece or a metre, in the shop's money
 * @property CarbonInterface|null $priced_on
 * @property int|null $delivery_days from the order to the door
 * @property int $version rises by one with each change by hand
 * @property-read Collection<int, StockLength> $lengths
 * @property-read Collection<int, StockBooking> $bookings
 */
final class StockItem extends Model
{
    protected $fillable = ['shop_id', 'name', 'unit', 'on_hand', 'price', 'priced_on', 'delivery_days', 'version'];

    /** @var array<string, mixed> */
    protected $attributes = ['on_hand' => 0, 'version' => 1];

    protected static function booted(): void
    {
        self::saving(static function (self $item): void {
            $item->name_key = self::keyOf($item->name);
        });
    }

    /** @return Builder<self> in an order that all who lock them keep */
    public static function ofShop(int $shop, bool $locked = false): Builder
    {
        $items = self::query()->where('shop_id', $shop);
        $items->orderBy('id');
        $locked && $items->lockForUpdate();

        return $items;
    }

    /** One for a size, however its unit is written. */
    public static function keyOf(string $name): string
    {
        return NameKey::of(self::written($name));
    }

    /** A name of a kit's line as a shelf has it. */
    public static function written(string $name): string
    {
        return str_replace('mm2', 'mm²', $name);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['on_hand' => 'integer', 'priced_on' => 'date', 'delivery_days' => 'integer', 'version' => 'integer'];
    }

    /** @return HasMany<StockLength, $this> */
    public function lengths(): HasMany
    {
        return $this->hasMany(StockLength::class);
    }

    /** @return HasMany<StockBooking, $this> */
    public function bookings(): HasMany
    {
        return $this->hasMany(StockBooking::class);
    }

    /** @return float|null null: nobody has said */
    public function priceOfOne(): ?float
    {
        return $this->price === null ? null : (float) $this->price;
    }
}
