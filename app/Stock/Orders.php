<?php

declare(strict_types=1);

namespace App\Stock;

use App\Models\Job;
use App\Models\Shop;
use App\Models\StockOrder;
use Dinghy\Kit\Kit;

/**
 * What the boats of a shop miss together, beside what is on the shelf and on its way there. That goes to the boat that is
 * promised first; what has no promised day comes last.
 */
final class Orders
{
    /** what sums of metres may be wrong by */
    private const NOISE = 1e-6;

    /** @return list<array{item: string, unit: string, quantity: float, price: float|null, delivery_days: int|null, order_by: string|null, late: bool, listed: bool, for: list<array{job: int, boat: string, quantity: float, promised_on: string|null}>}> what has to be ordered first comes first */
    public static function missing(Shop $shop): array
    {
        $jobs = Job::ofShop($shop->id)->with(['boat.customer.shop', 'plan'])->get()->filter(static fn (Job $job): bool => $job->plan !== null)
            ->sortBy(static fn (Job $job): array => [$job->promised_on?->toDateString() ?? '9999', $job->id])->values();
        $orders = [];
        $pool = Pool::of($shop);
        foreach ($jobs as $job) {
            foreach (self::missedBy($shop, $job, $pool) as [$line, $missing]) {
                $key = $line->line->item;
                $orders[$key] ??= ['item' => $key, 'unit' => $line->line->unit, 'quantity' => 0.0, 'price' => $line->price, 'delivery_days' => $line->deliveryDays, 'order_by' => null, 'late' => false, 'listed' => $line->isListed, 'for' => []];
                $by = $job->promised_on?->copy()->subDays($line->deliveryDays ?? 0)->toDateString();
                $orders[$key]['quantity'] += $missing;
                $orders[$key]['order_by'] = min($orders[$key]['order_by'] ?? $by, $by ?? $orders[$key]['order_by']);
                $orders[$key]['late'] = $orders[$key]['order_by'] !== null && $orders[$key]['order_by'] < today()->toDateString();
                $orders[$key]['for'][] = ['job' => $job->id, 'boat' => $job->boat->name, 'quantity' => $missing, 'promised_on' => $job->promised_on?->toDateString()];
            }
        }
        usort($orders, static fn (array $a, array $b): int => [$a['order_by'] ?? '9999', $a['item']] <=> [$b['order_by'] ?? '9999', $b['item']]);

        return $orders;
    }

    /** @return list<array{id: int, item: string, unit: string, quantity: float, ordered_on: string, expected_on: string|null, late: bool, by: string|null}> what is ordered and not there yet, what is due first coming first */
    public static function awaited(Shop $shop): array
    {
        return array_values(StockOrder::ofShop($shop->id)->with(['item', 'user'])->get()->map(static fn (StockOrder $order): array => [
            'id' => $order->id, 'item' => $order->item->name, 'unit' => $order->item->unit, 'quantity' => (float) $order->quantity,
            'ordered_on' => $order->ordered_on->toDateString(), 'expected_on' => $order->expected_on?->toDateString(),
            'late' => $order->expected_on !== null && $order->expected_on->toDateString() < today()->toDateString(), 'by' => $order->user?->name,
        ])->all());
    }

    /** @return list<array{LineOnShelf, float}> the lines that the pool does not fill, and how much of each */
    private static function missedBy(Shop $shop, Job $job, Pool $pool): array
    {
        if ($job->plan === null) {
            return [];
        }
        $shelf = BoatShelf::of($job, $shop->evaluate($job->judged($job->plan))->boat->figures(Kit::class));
        $cuts = $shelf->cuts($pool);
        foreach ($cuts as $plan) {
            $item = $shelf->item($plan->stock->name());
            $item === null || $pool->takeLengths($item, $plan);
        }
        $missed = [];
        foreach (LineOnShelf::allOf($shelf, $cuts) as $line) {
            $wanted = max(0.0, $line->line->quantity - $line->taken);
            $item = $shelf->item($line->line->item);
            $missing = match (true) {
                $line->isWire => $line->short,
                $line->line->unit === 'm' => $wanted - $pool->takeMetres($item, $wanted),
                default => $wanted - $pool->takePieces($item, $wanted),
            };
            if ($missing > self::NOISE) {
                $missed[] = [$line, $missing];
            }
        }

        return $missed;
    }
}
