<?php

declare(strict_types=1);

namespace App\Stock;

use App\Models\Shop;
use App\Models\StockItem;
use App\Models\StockLength;
use App\Models\StockOrder;
use Dinghy\Cutting\Spool;
use Dinghy\Cutting\Stretch;
use Dinghy\Kit\CutPlan;

/**
 * What no boat has taken of a shop's shelf, and what is on its way there. It is given to the boats one after the other: what
 * an earlier one needs the next does not find.
 */
final class Pool
{
    /** m; what is left of a length below it serves nobody */
    private const USEFUL = 0.05;

    /**
     * @param  array<int, float>  $pieces  by item
     * @param  array<int, array<string, Spool>>  $lengths  by item, by name
     */
    private function __construct(private array $pieces, private array $lengths)
    {
    }

    public static function of(Shop $shop): self
    {
        $pieces = $lengths = [];
        foreach (StockItem::ofShop($shop->id)->get() as $item) {
            $pieces[$item->id] = (float) $item->on_hand;
            $lengths[$item->id] = [];
        }
        $lying = StockLength::query()->where('job_id', null)->where('cut', null);
        $lying->whereIn('stock_item_id', array_keys($pieces));
        foreach ($lying->get() as $length) {
            $lengths[$length->stock_item_id][(string) $length->id] = $length->spool();
        }
        foreach (StockOrder::ofShop($shop->id)->with('item')->get() as $order) {
            if ($order->item->unit === 'm') {
                $lengths[$order->stock_item_id]["order {$order->id}"] = new Spool("order {$order->id}", (float) $order->quantity);
            } else {
                $pieces[$order->stock_item_id] += (float) $order->quantity;
            }
        }

        return new self($pieces, $lengths);
    }

    /** @return float how many of the pieces wanted it has, which are gone then */
    public function takePieces(?StockItem $item, float $wanted): float
    {
        $got = $item === null ? 0.0 : min($wanted, $this->pieces[$item->id] ?? 0.0);
        if ($item !== null) {
            $this->pieces[$item->id] = ($this->pieces[$item->id] ?? 0.0) - $got;
        }

        return $got;
    }

    /** @return float how much it has of the metres wanted, which need not be one piece; they are gone then */
    public function takeMetres(?StockItem $item, float $wanted): float
    {
        if ($item === null) {
            return 0.0;
        }
        $cut = Stretch::of($wanted, $this->lengthsOf($item), $item->name);
        $this->cutInto($item, $cut);

        return array_sum(array_map(static fn (Spool $spool): float => array_sum($spool->pieces), $cut));
    }

    /** @return list<Spool> of a wire */
    public function lengthsOf(StockItem $item): array
    {
        return array_values($this->lengths[$item->id] ?? []);
    }

    /** What is cut as it says is gone; the rest of a length is there for the next. */
    public function takeLengths(StockItem $item, CutPlan $plan): void
    {
        $this->cutInto($item, $plan->nesting->spools);
    }

    /** @param  list<Spool>  $spools  some of which may be a boat's own */
    private function cutInto(StockItem $item, array $spools): void
    {
        foreach ($spools as $spool) {
            if (! isset($this->lengths[$item->id][$spool->name])) {
                continue;
            }
            unset($this->lengths[$item->id][$spool->name]);
            if ($spool->left() >= self::USEFUL) {
                $this->lengths[$item->id][$spool->name] = new Spool($spool->name, $spool->left());
            }
        }
    }
}
