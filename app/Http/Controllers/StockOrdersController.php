<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Stock\Orders;
use App\Tables\CsvTable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What has to be ordered for all boats together, and by when. */
final class StockOrdersController extends Controller
{
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse|Response
    {
        $orders = Orders::of($user->shop);
        if ($request->query('as') !== 'table') {
            return response()->json(['currency' => $user->shop->settings()->currency, 'orders' => $orders]);
        }
        $rows = array_map(static fn (array $order): array => [$order['item'], $order['quantity'], $order['unit'], $order['price'], $order['order_by'], implode(', ', array_column($order['for'], 'boat'))], $orders);

        return response(CsvTable::written(['item', 'quantity', 'unit', 'price', 'order_by', 'for'], $rows), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="to-order.csv"',
        ]);
    }
}
