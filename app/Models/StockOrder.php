<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something that is ordered and not on the shelf yet.
 *
 * @property int $id
 * @property int $stock_item_id
 * @property int|null $user_id who ordered it
 * @property string $quantity pieces, or m
 * @property CarbonInterface $ordered_on
 * @property CarbonInterface|null $expected_on null: nobody has said how long it takes
 * @property-read StockItem $item
 * @property-read User|null $user
 */
final class StockOrder extends Model
{
    protected $fillable = ['stock_item_id', 'user_id', 'quantity', 'ordered_on', 'expected_on'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['ordered_on' => 'date', 'expected_on' => 'date'];
    }

    /** @return BelongsTo<StockItem, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(StockItem::class, 'stock_item_id');
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return Builder<self> what is due first comes first */
    public static function ofShop(int $shop): Builder
    {
        $orders = self::query();
        $orders->whereHas('item', static fn (Builder $item): Builder => $item->where('shop_id', $shop));
        $orders->orderByRaw('expected_on is null');
        $orders->orderBy('expected_on');
        $orders->orderBy('id');

        return $orders;
    }
}
