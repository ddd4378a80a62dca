<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StockItemRequest;
use App\Models\StockItem;
use App\Models\User;
use App\Stock\StockList;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** What a shop has on its shelves: counted, priced, item by item. */
final class StockController extends Controller
{
    public function index(#[CurrentUser] User $user): JsonResponse
    {
        return response()->json(StockList::of($user));
    }

    public function store(StockItemRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        DB::transaction(static function () use ($request, $user): void {
            $name = $request->string('name')->squish()->value();
            StockItem::ofShop($user->shop_id, true)->where('name_key', StockItem::keyOf($name))->exists()
                && abort(409, "Not kept: \"{$name}\" is on the shelf already. Change it there.");
            StockItem::query()->create(['shop_id' => $user->shop_id, 'name' => $name, 'unit' => $request->string('unit')->value(), ...$request->figures()]);
        });

        return response()->json(StockList::of($user), 201);
    }

    public function update(StockItemRequest $request, int $item, #[CurrentUser] User $user): JsonResponse
    {
        DB::transaction(static function () use ($request, $item, $user): void {
            $found = self::itemOf($user, $item);
            $found->version === $request->integer('version') || abort(409, "Not kept: somebody changed \"{$found->name}\" since you saw it. It is shown as it is now; change it again.");
            $found->unit === 'm' && $request->filled('on_hand') && abort(422, 'Count: a wire is counted by its lengths.');
            $found->fill($request->figures());
            $found->version++;
            $found->save();
        });

        return response()->json(StockList::of($user));
    }

    /** Lengths of a wire that came in, or were found when they were counted. */
    public function addLengths(Request $request, int $item, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('keepStock', $user->shop);
        $request->validate(
            ['metres' => ['required', 'numeric', 'min:0.05', 'max:500'], 'count' => ['sometimes', 'integer', 'min:1', 'max:50']],
            ['metres.*' => 'Length: type metres from 0.05 to 500.', 'count.*' => 'How many: type a number from 1 to 50.'],
        );
        DB::transaction(static function () use ($request, $item, $user): void {
            $found = self::itemOf($user, $item);
            $found->unit === 'm' || abort(422, "\"{$found->name}\" is counted by the piece; it has no lengths.");
            $found->lengths()->createMany(array_fill(0, $request->integer('count', 1), ['millimetres' => (int) round(1000 * $request->float('metres'))]));
        });

        return response()->json(StockList::of($user), 201);
    }

    public function dropLength(int $item, int $length, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('keepStock', $user->shop);
        DB::transaction(static function () use ($item, $length, $user): void {
            $lengths = self::itemOf($user, $item)->lengths();
            $lengths->lockForUpdate();
            $found = $lengths->find($length) ?? abort(404, 'There is no such length on your shelf.');
            $found->job_id === null || abort(409, 'Not taken off: a boat has taken this length. Put it back there first.');
            $found->delete();
        });

        return response()->json(StockList::of($user));
    }

    private static function itemOf(User $user, int $item): StockItem
    {
        return StockItem::ofShop($user->shop_id, true)->find($item) ?? abort(404, 'Your shelf has no such item.');
    }
}
