<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShopSettingsRequest;
use App\Models\Shop;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** How the shop writes and what it can reach: read by all who are in it, changed by its owner. */
final class ShopSettingsController extends Controller
{
    public function show(#[CurrentUser] User $user): JsonResponse
    {
        return self::answer($user->shop, $user);
    }

    public function keep(ShopSettingsRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        return DB::transaction(static function () use ($request, $user): JsonResponse {
            Shop::query()->whereKey($user->shop_id)->lockForUpdate()->firstOrFail();
            $shop = $user->shop->refresh();
            $shop->settings_version === $request->integer('version') || abort(
                409,
                'Somebody kept other settings since you last saw them. Look at them again; nothing was overwritten.',
            );
            $shop->update([
                'settings' => json_encode($request->settings(), JSON_THROW_ON_ERROR),
                'settings_version' => $shop->settings_version + 1,
            ]);

            return self::answer($shop, $user);
        });
    }

    private static function answer(Shop $shop, User $user): JsonResponse
    {
        return response()->json([
            'version' => $shop->settings_version, 'can_change' => $user->can('run', $shop), 'settings' => $shop->settings(),
        ]);
    }
}
