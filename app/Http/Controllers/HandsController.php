<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\User;
use App\SignIn\Hands;
use App\SignIn\SignIn;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** One phone, several hands: who can take it, who does, and one's own four digits. */
final class HandsController extends Controller
{
    public function index(Request $request, Job $job, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('recordWork', $job);

        return response()->json(self::told($request, $user));
    }

    public function take(Request $request, Job $job, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('recordWork', $job);
        $asked = $request->validate(['person' => ['required', 'integer'], 'code' => ['required', 'string', 'max:10']], ['person.*' => 'Say who takes the phone.', 'code.*' => 'Type the four digits.']);
        $person = $user->shop->users()->find($asked['person']) ?? abort(422, 'There is no such person in your shop.');
        (new Hands($request->session(), $user))->take($job, $person, (string) $asked['code']) || abort(422, 'Those are not the four digits of '.$person->name.'.');

        return response()->json(self::told($request, $user));
    }

    public function giveBack(Request $request, Job $job, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('recordWork', $job);
        (new Hands($request->session(), $user))->giveBack($job);

        return response()->json(self::told($request, $user));
    }

    /** Set by whoever knows the password. */
    public function code(Request $request, #[CurrentUser] User $user): Response
    {
        $asked = $request->validate(
            ['code' => ['required', 'string', 'regex:/^[0-9]{4}$/D'], 'password' => ['required', 'string', 'max:200']],
            ['code.*' => 'Not kept: it is four digits.', 'password.*' => 'Not kept: type your password too.'],
        );
        SignIn::by($user->email, $asked['password'], (string) $request->ip()) ?? abort(422, 'Not kept: that is not your password.');
        $user->update(['hands_code' => $asked['code']]);

        return response()->noContent();
    }

    /** @return array<string, mixed> */
    private static function told(Request $request, User $user): array
    {
        $hand = (new Hands($request->session(), $user))->now();

        return [
            'people' => $user->shop->users()->get()->sortBy('id')->values()->map(static fn (User $person): array => [
                'id' => $person->id, 'name' => $person->name, 'role' => $person->role->value, 'has_code' => $person->hands_code !== null, 'is_hand' => $person->is($hand), 'is_signed_in' => $person->is($user),
            ])->all(),
        ];
    }
}
