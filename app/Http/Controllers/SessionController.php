<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Middleware\EndedSession;
use App\Http\Requests\SignInRequest;
use App\Models\User;
use App\SignIn\SignIn;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;

final class SessionController extends Controller
{
    public function show(Request $request): JsonResponse
    {
        return response()->json(self::person($request->user()));
    }

    public function store(SignInRequest $request): JsonResponse
    {
        $user = SignIn::by($request->email(), $request->string('password')->value(), (string) $request->ip());
        if ($user === null) {
            return response()->json(
                ['message' => 'E-mail and password do not belong together. Check both, or ask the owner of your shop.'],
                422,
            );
        }
        Auth::login($user);
        EndedSession::begin($request->session(), $user);

        return response()->json(self::person($user));
    }

    public function destroy(Request $request): Response
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }

    /** @return array<string, mixed> */
    private static function person(?User $user): array
    {
        return $user === null ? [] : [
            'name' => $user->name,
            'role' => $user->role->value,
            'shop' => $user->shop->name,
        ];
    }
}
