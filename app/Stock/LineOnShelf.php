<?php

declare(strict_types=1);

namespace App\Stock;

use App\Models\StockLength;
use Dinghy\Kit\CutPlan;
use Dinghy\Kit\Line\KitLine;

/** A line of a boat's kit beside what the shelf has of it. */
final readonly class LineOnShelf
{
    /**
     * @param  float  $taken  pieces or m that the boat has
     * @param  float  $free  pieces or m that nobody has taken
     * @param  float  $short  pieces or m that have to be ordered, wire with its waste
     * @param  float  $awaited  pieces or m that are on their way, for whichever boat
     * @param  bool  $isWire  whether it is cut into pieces that have each their length
     * @param  float|null  $price  of a piece or a metre; null: nobody has said
     * @param  bool  $isListed  whether the shop keeps or orders it
     */
    private function __construct(
        public KitLine $line,
        public float $taken,
        public float $free,
        public float $short,
        public float $awaited,
        public bool $isWire,
        public ?float $price,
        public bool $isListed,
        public ?int $deliveryDays,
    ) {
    }

    /**
     * @param  list<CutPlan>  $cuts  of the shelf, worked out once
     * @return list<self>
     */
    public static function allOf(BoatShelf $shelf, array $cuts): array
    {
        $bought = [];
        foreach ($cuts as $plan) {
            $bought[$plan->stock->name()] = $plan->bought->length ?? 0.0;
        }
        $lines = [];
        foreach ($shelf->kit->lines as $line) {
            $item = $shelf->item($line->item);
            $lengths = $item === null ? null : $shelf->lengths->where('stock_item_id', $item->id);
            $metres = static fn (?int $job): float => $lengths === null ? 0.0 : (float) $lengths->where('job_id', $job)->sum(static fn (StockLength $one): float => $one->metres());
            $isLong = $line->unit === 'm';
            $taken = $isLong ? $metres($shelf->job->id) : (float) $shelf->booked($item);
            $free = $isLong ? $metres(null) : (float) ($item->on_hand ?? 0);
            $lines[] = new self(
                $line, $taken, $free,
                $bought[$line->item] ?? max(0.0, $line->quantity - $taken - $free),
                $shelf->awaited($item), array_key_exists($line->item, $bought),
                $shelf->priceOf($line->item), $item !== null, $item?->delivery_days,
            );
        }

        return $lines;
    }

    /** @return float|null in the shop's money */
    public function cost(): ?float
    {
        return $this->price === null ? null : $this->price * $this->line->quantity;
    }

    /** @return array<string, mixed> */
    public function told(): array
    {
        return [
            'group' => $this->line->group, 'item' => $this->line->item, 'quantity' => $this->line->quantity, 'unit' => $this->line->unit, 'for' => $this->line->for,
            'taken' => $this->taken, 'free' => $this->free, 'short' => $this->short, 'awaited' => $this->awaited, 'price' => $this->price, 'cost' => $this->cost(), 'listed' => $this->isListed, 'delivery_days' => $this->deliveryDays,
        ];
    }
}
