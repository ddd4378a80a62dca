<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\CataloguePart;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

final class CatalogueController extends Controller
{
    public function __invoke(#[CurrentUser] User $user): JsonResponse
    {
        return response()->json(['parts' => $user->shop->catalogue()->get()->sortBy(
            [['kind', 'asc'], ['id', 'asc']],
        )->values()
            ->map(
                static fn (CataloguePart $part): array => [
                    'id' => $part->id,
                    'kind' => $part->kind,
                    'name' => $part->name,
                    'figures' => $part->told(),
                ],
            )->all()]);
    }
}
