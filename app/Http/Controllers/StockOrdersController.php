<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Stock\Ordering;
use App\Stock\Orders;
use App\Tables\CsvTable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What has to be ordered for all boats together and by when, what is on its way, and what has come. */
final class StockOrdersController extends Controller
{
    public function index(Request $request, #[CurrentUser] User $user): JsonResponse|Response
    {
        if ($request->query('as') !== 'table') {
            return self::told($user);
        }
        $rows = array_map(static fn (array $order): array => [$order['item'], $order['quantity'], $order['unit'], $order['price'], $order['order_by'], implode(', ', array_column($order['for'], 'boat'))], Orders::missing($user->shop));

        return response(CsvTable::written(['item', 'quantity', 'unit', 'price', 'order_by', 'for'], $rows), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="to-order.csv"',
        ]);
    }

    /** Things of the list are ordered: as many as are missing, or more. */
    public function store(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('keepStock', $user->shop);
        $request->validate([
            'orders' => ['required', 'list', 'min:1', 'max:500'],
            'orders.*.item' => ['required', 'string', 'max:150', 'distinct'],
            'orders.*.missing' => ['required', 'numeric'],
            'orders.*.quantity' => ['required', 'numeric', 'min:0.05', 'max:100000'],
            'orders.*.expected_on' => ['sometimes', 'nullable', 'date_format:Y-m-d', 'after_or_equal:today', 'before:+3 years'],
        ], [
            'orders' => 'Say what is ordered.',
            'orders.*.item.*' => 'Say which thing of the list is ordered, each once.',
            'orders.*.missing.*' => 'Say how much was missing when you looked.',
            'orders.*.quantity.*' => 'How much: type a number from 0.05 to 100000.',
            'orders.*.expected_on.*' => 'Expected: type a day from today on, as 2026-03-14, or leave it empty.',
        ]);
        Ordering::place($user, array_map(static fn (int $at): array => [
            'item' => $request->string("orders.{$at}.item")->value(),
            'missing' => $request->float("orders.{$at}.missing"),
            'quantity' => $request->float("orders.{$at}.quantity"),
            'expected_on' => $request->filled("orders.{$at}.expected_on") ? $request->string("orders.{$at}.expected_on")->value() : null,
        ], array_keys(array_values($request->array('orders')))));

        return self::told($user, 201);
    }

    public function arrived(Request $request, int $order, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('keepStock', $user->shop);
        $request->validate(
            ['awaited' => ['required', 'numeric'], 'quantity' => ['sometimes', 'nullable', 'numeric', 'min:0.05', 'max:100000']],
            ['awaited.*' => 'Say how much was to come when you looked.', 'quantity.*' => 'How much came: type a number from 0.05 to 100000.'],
        );
        Ordering::arrived($user, $order, $request->float('awaited'), $request->filled('quantity') ? $request->float('quantity') : null);

        return self::told($user);
    }

    public function destroy(int $order, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('keepStock', $user->shop);
        Ordering::cancelled($user, $order);

        return self::told($user);
    }

    private static function told(User $user, int $status = 200): JsonResponse
    {
        return response()->json([
            'can_change' => $user->can('keepStock', $user->shop), 'currency' => $user->shop->settings()->currency,
            'orders' => Orders::missing($user->shop), 'awaited' => Orders::awaited($user->shop),
        ], $status);
    }
}
