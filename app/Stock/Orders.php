<?php

declare(strict_types=1);

namespace App\Stock;

use App\Models\Job;
use App\Models\Shop;
use Dinghy\Kit\Kit;

/**
 * What the boats of a shop miss together. The shelf's free pieces go to the boat that is promised first; what has no promised
 * day comes last.
 */
final class Orders
{
    /** @return list<array{item: string, unit: string, quantity: float, price: float|null, delivery_days: int|null, order_by: string|null, late: bool, listed: bool, for: list<array{job: int, boat: string, quantity: float, promised_on: string|null}>}> what has to be ordered first comes first */
    public static function of(Shop $shop): array
    {
        $jobs = Job::ofShop($shop->id)->with(['boat.customer.shop', 'plan'])->get()->filter(static fn (Job $job): bool => $job->plan !== null)
            ->sortBy(static fn (Job $job): array => [$job->promised_on?->toDateString() ?? '9999', $job->id])->values();
        $orders = [];
        $free = [];
        foreach ($jobs as $job) {
            foreach (self::lines($shop, $job) as $line) {
                $key = $line->line->item;
                // What is free is there once: a boat that comes first leaves the rest to the next.
                $free[$key] ??= $line->free;
                $missing = $line->line->unit === 'm' ? $line->short : max(0.0, $line->line->quantity - $line->taken - $free[$key]);
                $free[$key] = $line->line->unit === 'm' ? $free[$key] : max(0.0, $free[$key] - max(0.0, $line->line->quantity - $line->taken));
                if ($missing <= 0) {
                    continue;
                }
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

    /** @return list<LineOnShelf> */
    private static function lines(Shop $shop, Job $job): array
    {
        if ($job->plan === null) {
            return [];
        }
        $shelf = BoatShelf::of($job, $shop->evaluate($job->judged($job->plan))->boat->figures(Kit::class));

        return LineOnShelf::allOf($shelf, $shelf->cuts());
    }
}
