<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

final class CatalogueController extends Controller
{
    public function __invoke(#[CurrentUser] User $user): JsonResponse
    {
        return response()->json(['parts' => $user->shop->parts()->get()->sortBy(
            [['kind', 'asc'], ['id', 'asc']],
        )->values()
            ->map(CataloguePartController::told(...))->all()]);
    }
}
