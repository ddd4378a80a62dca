<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CataloguePartRequest;
use App\Models\CataloguePart;
use App\Models\User;
use App\Names\NameKey;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** Parts of the catalogue, one by one: new, changed, retired and taken back. A boat that has one keeps the figures it was given. */
final class CataloguePartController extends Controller
{
    public function store(CataloguePartRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $line = $request->line(null);

        return DB::transaction(static function () use ($line, $user): JsonResponse {
            $taken = $user->shop->parts()->where('name_key', NameKey::of($line->name))->lockForUpdate()->exists();
            $taken && abort(409, "Not kept: there is a part called \"{$line->name}\" already. Give it another name.");

            return response()->json(self::told($user->shop->parts()->create(['kind' => $line->kind, 'name' => $line->name, 'figures' => $line->figures])), 201);
        });
    }

    public function update(CataloguePartRequest $request, int $part, #[CurrentUser] User $user): JsonResponse
    {
        return DB::transaction(static function () use ($request, $part, $user): JsonResponse {
            $parts = $user->shop->parts();
            $parts->lockForUpdate();
            $found = $parts->find($part) ?? abort(404, 'Your catalogue has no such part.');
            $found->version === $request->integer('version') || abort(409, "Not kept: somebody changed \"{$found->name}\" since you saw it. It is shown as it is now; change it again.");
            if ($request->has('retired')) {
                $found->retired_at = $request->boolean('retired') ? now() : null;
            } else {
                $line = $request->line($found);
                $user->shop->parts()->where('name_key', NameKey::of($line->name))->whereKeyNot($found->id)->exists()
                    && abort(409, "Not kept: there is another part called \"{$line->name}\". Give it another name.");
                $found->fill(['name' => $line->name, 'figures' => $line->figures]);
            }
            $found->save();

            return response()->json(self::told($found->refresh()));
        });
    }

    /** @return array<string, mixed> */
    public static function told(CataloguePart $part): array
    {
        return [
            'id' => $part->id, 'kind' => $part->kind, 'name' => $part->name, 'figures' => $part->told(),
            'version' => $part->version ?? 1, 'retired' => $part->retired_at !== null,
        ];
    }
}
