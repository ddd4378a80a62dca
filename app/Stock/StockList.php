<?php

declare(strict_types=1);

namespace App\Stock;

use App\Models\Job;
use App\Models\StockBooking;
use App\Models\StockItem;
use App\Models\StockLength;
use App\Models\User;

/** The shelf of a shop as people see it: what there is, and which boat has taken what. */
final class StockList
{
    /** @return array<string, mixed> */
    public static function of(User $user): array
    {
        $items = StockItem::ofShop($user->shop_id)->with(['lengths', 'bookings'])->get()->sortBy('name_key');
        $boats = Job::ofShop($user->shop_id)->with('boat')->get()->mapWithKeys(static fn (Job $job): array => [$job->id => $job->boat->name]);

        return [
            'can_change' => $user->can('keepStock', $user->shop),
            'currency' => $user->shop->settings()->currency,
            'items' => $items->map(static fn (StockItem $item): array => [
                'id' => $item->id,
                'name' => $item->name,
                'unit' => $item->unit,
                'on_hand' => $item->on_hand,
                'price' => $item->priceOfOne(),
                'priced_on' => $item->priced_on?->toDateString(),
                'delivery_days' => $item->delivery_days,
                'version' => $item->version,
                'taken' => $item->bookings->map(static fn (StockBooking $one): array => ['job' => $one->job_id, 'boat' => $boats->get($one->job_id, ''), 'quantity' => $one->quantity])->values(),
                'lengths' => $item->lengths->sortByDesc('millimetres')->map(static fn (StockLength $one): array => [
                    'id' => $one->id, 'metres' => $one->metres(), 'job' => $one->job_id, 'boat' => $one->job_id === null ? null : $boats->get($one->job_id, ''), 'cut' => $one->cut !== null,
                ])->values(),
            ])->values(),
        ];
    }
}
