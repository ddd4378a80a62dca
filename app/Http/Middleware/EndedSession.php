<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** A sign-in ends when its password is changed, or when the owner ends it: those of an earlier generation are over. */
final class EndedSession
{
    public const KEY = 'generation';

    /** A sign-in of today's generation, under an id of its own. */
    public static function begin(Session $session, User $user): void
    {
        $session->regenerate();
        $session->put(self::KEY, $user->session_generation);
    }

    /** @throws AuthenticationException */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        $session = $request->session();
        if ($user instanceof User) {
            $began = $session->get(self::KEY);
            if ($began !== null && $began !== $user->session_generation) {
                Auth::logout();
                $session->invalidate();
                $session->regenerateToken(); // for the next sign-in from the same page
                throw new AuthenticationException;
            }
            $session->put(self::KEY, $user->session_generation);
        }

        return $next($request);
    }
}
