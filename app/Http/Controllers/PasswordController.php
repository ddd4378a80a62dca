<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Middleware\EndedSession;
use App\Models\User;
use App\SignIn\PasswordLink;
use App\SignIn\SignIn;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** One's own password: changed by whoever knows it, set by whoever holds a link. */
final class PasswordController extends Controller
{
    /** Of letters; bcrypt reads no more than 72 bytes. */
    private const RULE = ['required', 'string', 'min:10', 'max:72'];

    private const WORDS = [
        'password.required' => 'Not kept: type a new password.',
        'password.min' => 'Not kept: a password has 10 letters or more.',
        'password.max' => 'Not kept: a password has at most 72 letters.',
        'current.*' => 'Not kept: type your present password too.',
        'token.*' => 'Not kept: this address is not whole. Open the link again.',
    ];

    /** Every other sign-in of that person ends. */
    public function change(Request $request, #[CurrentUser] User $user): Response
    {
        $asked = $request->validate(
            ['current' => ['required', 'string', 'max:200'], 'password' => self::RULE],
            self::WORDS,
        );
        SignIn::by(
            $user->email,
            $asked['current'],
            (string) $request->ip(),
        ) ?? abort(422, 'Not kept: that is not your present password.');
        $user->update(['password' => $asked['password']]);
        EndedSession::begin($request->session(), $user);

        return response()->noContent();
    }

    public function set(Request $request): Response
    {
        $asked = $request->validate(
            ['token' => ['required', 'string', 'max:100'], 'password' => self::RULE],
            self::WORDS,
        );
        PasswordLink::use($asked['token'], $asked['password']) ?? abort(
            422,
            'Not kept: this link was used, or is older than '.PasswordLink::HOURS.' hours. Ask for another.',
        );

        return response()->noContent();
    }
}
