<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    /** Tries to sign in, a minute, for one address and one account. */
    public const SIGN_IN_TRIES = 6;

    public function boot(): void
    {
        Model::preventSilentlyDiscardingAttributes();
        RateLimiter::for('sign-in', static function (Request $request): Limit {
            $email = $request->input('email');

            return Limit::perMinute(self::SIGN_IN_TRIES)->by(mb_strtolower(is_string($email) ? $email : '').'|'.$request->ip());
        });
    }
}
