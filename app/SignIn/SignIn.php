<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Models\User;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;

/**
 * Who signs in by e-mail and password. Failures are counted, by account and place and by place alone; an account that there
 * is not takes as long to refuse as one that there is.
 */
final class SignIn
{
    /** Failures a minute for one account from one place, and for all accounts from one place. */
    public const TRIES_ACCOUNT = 6;

    public const TRIES_PLACE = 20;

    private const MINUTE = 60;

    /**
     * @param  string  $place  where it comes from: an address of the network
     *
     * @throws TooManyTries
     */
    public static function by(string $email, string $password, string $place): ?User
    {
        $limits = [
            hash('sha256', "sign-in {$email} {$place}") => self::TRIES_ACCOUNT,
            hash('sha256', "sign-in {$place}") => self::TRIES_PLACE,
        ];
        foreach ($limits as $key => $most) {
            RateLimiter::tooManyAttempts($key, $most) && throw new TooManyTries(RateLimiter::availableIn($key));
        }
        $user = User::query()->where('email', $email)->first();
        $isRight = Hash::check($password, $user->password ?? self::nobody());
        if ($user !== null && $isRight) {
            RateLimiter::clear(array_key_first($limits));
            Hash::needsRehash($user->password) && User::withoutEvents(
                static fn (): bool => $user->update(['password' => $password]),
            );

            return $user;
        }
        foreach (array_keys($limits) as $key) {
            RateLimiter::hit($key, self::MINUTE);
        }
        // What was typed may be the password of another account: it is nobody's to read.
        Log::warning('A sign-in failed.', ['from' => $place, 'user' => $user?->id]);

        return null;
    }

    /** A hash, made as those of people are, that no password has. */
    private static function nobody(): string
    {
        $hash = Cache::get('sign-in-nobody');
        if (! is_string($hash) || Hash::needsRehash($hash)) {
            Cache::forever('sign-in-nobody', $hash = Hash::make(Str::random(40)));
        }

        return $hash;
    }
}
