<?php

declare(strict_types=1);

namespace App\Stock;

use App\Models\Job;
use App\Models\KeptKit;
use App\Models\StockBooking;
use App\Models\StockItem;
use App\Models\StockLength;
use App\Models\StockOrder;
use Dinghy\Cutting\Spool;
use Dinghy\Cutting\Stretch;
use Dinghy\Kit\CutPlan;
use Dinghy\Kit\Kit;
use Dinghy\Kit\Line\KitLine;
use Dinghy\Kit\Shelf;
use Dinghy\Kit\Tool;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** A shop's shelf as one boat sees it: what is free, what she has taken, what was cut for her, and at which prices. */
final readonly class BoatShelf
{
    /**
     * @param  Collection<string, StockItem>  $items  that her kit names, by key
     * @param  Collection<int, StockLength>  $lengths  of them, free or hers
     * @param  array<int, int>  $booked  pieces that she has taken, by item
     * @param  Collection<int, StockOrder>  $awaited  what is on its way, whichever boat it is for
     * @param  KeptKit|null  $kept  null: her prices are the shelf's
     */
    private function __construct(
        public Job $job,
        public Kit $kit,
        public Collection $items,
        public Collection $lengths,
        public array $booked,
        private Collection $awaited,
        public ?KeptKit $kept,
    ) {
    }

    /** @param  bool  $locked  whether others wait until what is read is changed */
    public static function of(Job $job, Kit $kit, bool $locked = false): self
    {
        $keys = array_values(array_unique(array_map(StockItem::keyOf(...), [
            ...array_map(static fn (KitLine $line): string => $line->item, $kit->lines),
            ...array_map(static fn (Tool $tool): string => $tool->name, $kit->tools),
        ])));
        $wanted = StockItem::ofShop($job->boat->customer->shop_id, $locked);
        $wanted->whereIn('name_key', $keys);
        $items = $wanted->get();
        $ids = $items->modelKeys();
        $lying = StockLength::query()->where(static fn (Builder $free): Builder => $free->where('job_id', null)->orWhere('job_id', $job->id));
        $lying->whereIn('stock_item_id', $ids);
        $lying->orderBy('id');
        $locked && $lying->lockForUpdate();

        return new self(
            $job, $kit, $items->keyBy('name_key'), $lying->get(),
            StockBooking::query()->whereIn('stock_item_id', $ids)->where('job_id', $job->id)->pluck('quantity', 'stock_item_id')->map(intval(...))->all(),
            self::awaiting($ids),
            KeptKit::query()->where('job_id', $job->id)->first(),
        );
    }

    /**
     * @param  list<int>  $items
     * @return Collection<int, StockOrder>
     */
    private static function awaiting(array $items): Collection
    {
        $orders = StockOrder::query();
        $orders->whereIn('stock_item_id', $items);

        return $orders->get();
    }

    public function item(string $name): ?StockItem
    {
        return $this->items->get(StockItem::keyOf($name));
    }

    /** What her wires are cut from, and what was cut for her, by the kind of wire. */
    private function shelf(?Pool $pool): Shelf
    {
        $uncut = $cut = [];
        foreach ($this->items as $item) {
            $name = str_replace('mm²', 'mm2', $item->name);
            [$cut[$name], $uncut[$name]] = [self::spools($this->cutOf($item)), $this->lying($item, $pool)];
        }

        return new Shelf($uncut, $cut);
    }

    /**
     * What is cut from next: what she has taken of it, and what is free where she has taken nothing; with a pool what she has
     * taken and what that has left.
     *
     * @return list<Spool>
     */
    private function lying(StockItem $item, ?Pool $pool): array
    {
        $uncut = $this->lengths->where('stock_item_id', $item->id)->whereNull('cut');
        $hers = $uncut->where('job_id', $this->job->id);

        return [...self::spools($pool === null && $hers->isEmpty() ? $uncut : $hers), ...($pool?->lengthsOf($item) ?? [])];
    }

    /** @return Collection<int, StockLength> what was cut for her of it */
    private function cutOf(StockItem $item): Collection
    {
        return $this->lengths->where('stock_item_id', $item->id)->where('job_id', $this->job->id)->whereNotNull('cut');
    }

    /**
     * @param  Collection<int, StockLength>  $lengths
     * @return list<Spool>
     */
    private static function spools(Collection $lengths): array
    {
        return array_values($lengths->map(static fn (StockLength $one): Spool => $one->spool())->all());
    }

    /**
     * @param  Pool|null  $pool  that she shares with other boats; null: she is the only one
     * @return list<CutPlan> how her wires are cut from it, thinnest wire first
     */
    public function cuts(?Pool $pool = null): array
    {
        return $this->kit->cutFrom($this->shelf($pool));
    }

    /** @return list<Spool> the lengths that are cut into, of wire and of what is laid by the metre, with what is cut off each */
    public function opened(): array
    {
        $plans = $this->cuts();
        $wires = array_map(static fn (CutPlan $plan): string => $plan->stock->name(), $plans);
        $spools = array_merge([], ...array_map(static fn (CutPlan $plan): array => $plan->nesting->spools, $plans));
        foreach ($this->kit->lines as $line) {
            $item = $this->item($line->item);
            if ($line->unit === 'm' && $item !== null && ! in_array($line->item, $wires, true)) {
                $cut = (float) $this->cutOf($item)->sum(static fn (StockLength $one): float => $one->metres());
                $spools = [...$spools, ...Stretch::of(max(0.0, $line->quantity - $cut), $this->lying($item, null), $line->item)];
            }
        }

        return $spools;
    }

    public function booked(?StockItem $item): int
    {
        return $item === null ? 0 : $this->booked[$item->id] ?? 0;
    }

    /** @return float pieces or m that are on their way to the shelf, for this boat or another */
    public function awaited(?StockItem $item): float
    {
        return $item === null ? 0.0 : (float) $this->awaited->where('stock_item_id', $item->id)->sum(static fn (StockOrder $order): float => (float) $order->quantity);
    }

    /** Whether a length is one that she has taken. */
    public function isHers(int $length): bool
    {
        return $this->lengths->contains(fn (StockLength $one): bool => $one->id === $length && $one->job_id === $this->job->id);
    }

    /** Whether she has taken anything. */
    public function hasTaken(): bool
    {
        return $this->booked !== [] || $this->lengths->contains('job_id', $this->job->id);
    }

    /** @return float|null of a piece or a metre; null: nobody has said */
    public function priceOf(string $name): ?float
    {
        return $this->kept === null ? $this->item($name)?->priceOfOne() : $this->kept->prices[StockItem::keyOf($name)] ?? null;
    }
}
