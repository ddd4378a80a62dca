<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** The people of a shop, and the end of their sign-ins: the owner's. */
final class PersonController extends Controller
{
    public function index(#[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('run', $user->shop);

        return response()->json(['people' => $user->shop->users()->get()->sortBy('id')->values()
            ->map(
                static fn (User $person): array => [
                    'id' => $person->id,
                    'name' => $person->name,
                    'email' => $person->email,
                    'role' => $person->role->value,
                ],
            )->all()]);
    }

    public function endSessions(int $person, #[CurrentUser] User $user): Response
    {
        $this->authorize('run', $user->shop);
        $user->shop->users()->findOrFail($person)->endSessions();

        return response()->noContent();
    }
}
