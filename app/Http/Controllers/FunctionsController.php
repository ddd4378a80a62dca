<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\User;
use App\Rigging\Functions;
use App\Rigging\Signature;
use App\SignIn\Hands;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** What worked and what did not when a boat came in, and when she leaves, signed by her owner on the phone. */
final class FunctionsController extends Controller
{
    public function index(Job $job): JsonResponse
    {
        $this->authorize('recordWork', $job);

        return response()->json((new Functions($job))->told());
    }

    public function say(Request $request, Job $job): JsonResponse
    {
        $this->authorize('recordWork', $job);
        $asked = $request->validate([
            'name' => ['required', 'string', 'max:60', 'regex:/\S/u'], 'moment' => ['required', Rule::in(Functions::MOMENTS)],
            'state' => ['present', 'nullable', Rule::in(Functions::STATES)], 'version' => ['required', 'integer', 'min:0'],
        ], [
            'name.*' => 'Not kept: say what it is, in at most 60 letters.', 'moment.*' => 'Not kept: say whether she is coming or leaving.',
            'state.*' => 'Not kept: it works, does-not, or is not-tried.', 'version.*' => 'Not kept: say which version of it you saw.',
        ]);
        $functions = new Functions($job);
        $functions->say(trim($asked['name']), $asked['moment'], $asked['state'], (int) $asked['version']) || abort(409, 'Not kept: somebody else said something of it meanwhile. Look at it again.');

        return response()->json($functions->told());
    }

    public function sign(Request $request, Job $job, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('recordWork', $job);
        $asked = $request->validate(['moment' => ['required', Rule::in(Functions::MOMENTS)], 'name' => ['required', 'string', 'min:2', 'max:100'], 'strokes' => ['required', 'array', 'max:200']], [
            'moment.*' => 'Not kept: say whether she is coming or leaving.', 'name.*' => 'Not kept: write who signs.', 'strokes.*' => 'Not kept: there is no signature yet. Write it with a finger.',
        ]);
        $strokes = Signature::of($asked['strokes']) ?? abort(422, 'Not kept: that is no signature yet. Write it with a finger, across the field.');
        $functions = new Functions($job);
        $refusal = $functions->sign((new Hands($request->session(), $user))->now(), $asked['moment'], trim($asked['name']), $strokes);
        $refusal === null || abort(422, "Not kept: {$refusal}");

        return response()->json($functions->told());
    }
}
