<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\AskedUnits;
use App\Models\Job;
use Dinghy\Area\Layout\OtherRoutes;
use Dinghy\Plan\Way;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Other ways that a run could go, each with its length and the gauge that it would ask for. */
final class OtherRoutesController extends Controller
{
    public function __invoke(Request $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);
        $evaluation = self::evaluationOf($job, AskedUnits::of($request));
        $run = $evaluation->boat->runs[$request->string('run')->value()] ?? abort(404, 'The plan has no such run.');

        return response()->json(['routes' => array_map(static fn (OtherRoutes $other): array => [
            'stations' => $other->stations, 'ways' => array_map(
                static fn (Way $way): string => $way->id,
                $other->route->ways,
            ),
            'length_m' => $other->length, 'gauge' => $other->gauge?->name, 'copper_kg' => $other->copper(), 'now' => $other->now,
        ], OtherRoutes::of($evaluation, $job->judged(self::planOf($job)), $run))]);
    }
}
