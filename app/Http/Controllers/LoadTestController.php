<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\AskedUnits;
use App\Http\Requests\LoadTestRequest;
use App\Http\SentOnce;
use App\Metering\Passports;
use App\Models\Job;
use App\Models\LoadTest;
use App\Models\User;
use Dinghy\Metering\MeteredPath;
use Dinghy\Metering\PathPoint;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Tests under load: kept for good, taken back where one was read wrong. */
final class LoadTestController extends Controller
{
    public function store(LoadTestRequest $request, Job $job, #[CurrentUser] User $user): JsonResponse
    {
        SentOnce::of($request, $user)->make(static function () use ($request, $job, $user): int {
            $boat = self::evaluationOf($job)->boat;
            $on = $request->string('on')->value();
            $circuit = ($boat->runs[explode(':', $on, 2)[1] ?? ''] ?? null)?->circuit;
            $path = $circuit?->on() === $on ? MeteredPath::to($boat, $circuit) : null;
            $path ?? abort(422, 'The plan has no such way. Choose one from the list.');
            $points = array_map(static fn (PathPoint $point): string => $point->id, $path->points);
            $volts = $request->volts();
            array_diff(array_keys($volts), $points) === [] || abort(422, 'The way has no such point. Choose those from the list.');

            return $job->loadTests()->create([
                'user_id' => $user->id, 'circuit' => $on, 'taken_on' => $request->string('taken_on')->value(), 'load_name' => $request->string('load')->value(),
                'amps' => $request->float('amps'), 'celsius' => $request->float('celsius'), 'meter' => $request->string('meter')->value(), 'volts' => $volts, 'kept_at' => now(),
            ])->id;
        });

        return self::answer($request, $job);
    }

    public function destroy(Request $request, Job $job, LoadTest $loadTest): JsonResponse
    {
        $this->authorize('changePlan', $job);
        $loadTest->delete();

        return self::answer($request, $job);
    }

    private static function answer(Request $request, Job $job): JsonResponse
    {
        return response()->json(['passports' => Passports::told($job, self::evaluationOf($job, AskedUnits::of($request))->boat)]);
    }
}
