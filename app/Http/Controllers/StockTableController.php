<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\StockItem;
use App\Models\User;
use App\Stock\StockLine;
use App\Stock\StockTable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** The shelf as a table: out, and in again after a look at what would change. */
final class StockTableController extends Controller
{
    public function show(#[CurrentUser] User $user): Response
    {
        return response(StockTable::of(StockItem::ofShop($user->shop_id)->get()->sortBy('name_key')), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="stock.csv"',
        ]);
    }

    /** Good lines are kept and bad ones named; kits whose prices were agreed keep theirs. */
    public function store(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $request->boolean('keep') && $this->authorize('keepStock', $user->shop);
        $asked = $request->validate(
            ['csv' => ['required', 'string', 'max:1000000'], 'keep' => ['required', 'boolean']],
            ['csv.*' => 'Choose a table of the shelf, of at most 1 MB.', 'keep.*' => 'Say whether it is kept or only looked at.'],
        );

        return response()->json(DB::transaction(static function () use ($asked, $request, $user): array {
            $known = StockItem::ofShop($user->shop_id, $request->boolean('keep'))->get()->keyBy('name_key');
            $told = ['new' => [], 'changed' => [], 'differences' => [], 'same' => 0, 'refused' => []];
            foreach (StockTable::read($asked['csv']) as $line) {
                $item = $known->get(StockItem::keyOf($line->name));
                $why = $line->refused ?? self::unfit($line, $item);
                if ($why !== null) {
                    $told['refused'][] = ['line' => $line->number, 'name' => $line->name, 'why' => $why];

                    continue;
                }
                $differences = self::differences($item, $line);
                if ($item === null) {
                    $told['new'][] = $line->name;
                } elseif ($differences === []) {
                    $told['same']++;
                } else {
                    $told['changed'][] = $line->name;
                    array_push($told['differences'], ...$differences);
                }
                if ($request->boolean('keep') && ($item === null || $differences !== [])) {
                    $kept = $item ?? new StockItem(['shop_id' => $user->shop_id, 'name' => $line->name]);
                    $kept->fill($line->figures);
                    $kept->version += $item === null ? 0 : 1;
                    $kept->save();
                }
            }

            return $told;
        }));
    }

    private static function unfit(StockLine $line, ?StockItem $item): ?string
    {
        $unit = $line->figures['unit'] ?? $item?->unit;

        return match (true) {
            $unit === null => 'It is new: its unit is missing, pcs or m.',
            $item !== null && $item->unit !== $unit => "It is counted by {$item->unit}; that is not changed by a table.",
            $unit === 'm' && ($line->figures['on_hand'] ?? 0) !== 0 => 'A wire is counted by its lengths, not by a number.',
            default => null,
        };
    }

    /** @return list<array{name: string, field: string, was: string, is: string}> */
    private static function differences(?StockItem $item, StockLine $line): array
    {
        if ($item === null) {
            return [];
        }
        $was = ['unit' => $item->unit, 'on_hand' => $item->on_hand, 'price' => $item->priceOfOne(), 'priced_on' => $item->priced_on?->toDateString(), 'delivery_days' => $item->delivery_days];
        $differences = [];
        foreach ($line->figures as $field => $is) {
            if ($was[$field] != $is && ! ($field === 'priced_on' && ! self::isNewPrice($was['price'], $line))) {
                $differences[] = ['name' => $line->name, 'field' => $field, 'was' => (string) ($was[$field] ?? 'none'), 'is' => (string) $is];
            }
        }

        return $differences;
    }

    /** The day that a table was taken in is no news where its price is the old one. */
    private static function isNewPrice(?float $was, StockLine $line): bool
    {
        return isset($line->figures['price']) && $line->figures['price'] != $was;
    }
}
