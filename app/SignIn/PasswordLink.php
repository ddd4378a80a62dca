<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A link by which a person sets a password, once. Only the hash of what is secret in it is kept. */
final class PasswordLink
{
    public const HOURS = 48;

    private const LENGTH = 48;

    /** @return string the secret; it stands after # in the address, which no server is sent */
    public static function for(User $user): string
    {
        $secret = Str::random(self::LENGTH);
        DB::table('password_links')->where('user_id', $user->id)->delete();
        DB::table('password_links')->insert(
            [
                'user_id' => $user->id,
                'token_hash' => hash('sha256', $secret),
                'ends_at' => now()->addHours(self::HOURS),
            ],
        );

        return $secret;
    }

    /** Sets the password and ends the link; null: there is no such link, or not any more. */
    public static function use(string $secret, string $password): ?User
    {
        return DB::transaction(static function () use ($secret, $password): ?User {
            $link = DB::table('password_links')->where(
                'token_hash',
                hash('sha256', $secret),
            )->where('ends_at', '>', now())->lockForUpdate()->first(['id', 'user_id']);
            $user = $link === null ? null : User::query()->find($link->user_id);
            $user?->update(['password' => $password]);
            DB::table('password_links')->where('id', $link?->id)->delete();

            return $user;
        });
    }
}
