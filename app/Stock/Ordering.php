<?php

declare(strict_types=1);

namespace App\Stock;

use App\Models\Shop;
use App\Models\StockItem;
use App\Models\StockOrder;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** What is ordered, what came of it, and what does not come. Each is written as a whole, by the item under lock. */
final class Ordering
{
    /** what may change in a figure on its way to the page and back */
    private const SEEN = 0.0005;

    /**
     * Things that are missing, as many as that or more; one that the shelf's list lacks is put on it. Of two who order the same
     * the second sees that it is missing no more.
     *
     * @param  list<array{item: string, missing: float, quantity: float, expected_on: string|null}>  $lines  missing: as it was seen
     */
    public static function place(User $user, array $lines): void
    {
        DB::transaction(static function () use ($user, $lines): void {
            $shops = Shop::query();
            $shops->lockForUpdate();
            $shop = $shops->findOrFail($user->shop_id);
            $missing = array_column(Orders::missing($shop), null, 'item');
            foreach ($lines as ['item' => $name, 'missing' => $seen, 'quantity' => $quantity, 'expected_on' => $due]) {
                $line = $missing[$name] ?? null;
                $line !== null && abs($line['quantity'] - $seen) < self::SEEN
                    || abort(409, "Nothing was ordered: of \"{$name}\" another amount is missing than when you looked. Look at the list again.");
                $line['unit'] === 'm' || $quantity === floor($quantity) || abort(422, 'How much: type a whole number of pieces.');
                $items = StockItem::ofShop($shop->id, true)->where('name_key', StockItem::keyOf($name));
                $item = $items->first() ?? StockItem::query()->create(['shop_id' => $shop->id, 'name' => StockItem::written($name), 'unit' => $line['unit']]);
                $due ??= $item->delivery_days === null ? null : CarbonImmutable::today()->addDays($item->delivery_days)->toDateString();
                StockOrder::query()->create(['stock_item_id' => $item->id, 'user_id' => $user->id, 'quantity' => $quantity, 'ordered_on' => today()->toDateString(), 'expected_on' => $due]);
            }
        });
    }

    /**
     * On the shelf: pieces are counted to the others, a wire is one more length. What is still to come stays ordered.
     *
     * @param  float  $awaited  as it was seen: what came is not counted twice because an answer was lost
     * @param  float|null  $quantity  pieces or m that came; null: all of it
     */
    public static function arrived(User $user, int $order, float $awaited, ?float $quantity): void
    {
        DB::transaction(static function () use ($user, $order, $awaited, $quantity): void {
            $found = self::found($user, $order);
            abs((float) $found->quantity - $awaited) < self::SEEN || abort(409, 'Not counted: some of it has come since you looked. The list shows what is still to come.');
            $item = $found->item;
            $came = $quantity ?? (float) $found->quantity;
            if ($item->unit === 'm') {
                $item->lengths()->create(['millimetres' => (int) round(1000 * $came)]);
            } else {
                $came === floor($came) || abort(422, 'How much came: type a whole number of pieces.');
                $item->newQuery()->whereKey($item->id)->increment('on_hand', (int) $came);
            }
            $came < (float) $found->quantity ? $found->update(['quantity' => (float) $found->quantity - $came]) : $found->delete();
        });
    }

    public static function cancelled(User $user, int $order): void
    {
        DB::transaction(static fn () => self::found($user, $order)->delete());
    }

    private static function found(User $user, int $order): StockOrder
    {
        $orders = StockOrder::ofShop($user->shop_id);
        $orders->lockForUpdate();

        return $orders->find($order) ?? abort(404, 'This order is not open: it has come, or was taken back.');
    }
}
