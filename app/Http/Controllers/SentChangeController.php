<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\SentChange;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** Whether a change that somebody sent, and whose answer was lost, was kept. */
final class SentChangeController extends Controller
{
    public function __invoke(string $id, #[CurrentUser] User $user): JsonResponse
    {
        return response()->json(
            ['kept' => SentChange::query()->where('user_id', $user->id)->where('sent_id', strtolower($id))->exists()],
        );
    }
}
