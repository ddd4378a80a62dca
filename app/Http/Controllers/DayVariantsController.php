<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\AskedUnits;
use App\Models\Job;
use App\WorkOrders\DayComparison;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What a day of so many hours would take of the boat as she is planned. */
final class DayVariantsController extends Controller
{
    public function __invoke(Request $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);
        $request->validate(['hours' => ['required', 'numeric', 'min:0.25', 'max:240']], ['hours.*' => 'Hours: type how long she is to stay out, from 0.25 to 240.']);
        $hours = $request->float('hours');
        $comparison = DayComparison::of($job->boat->customer->shop, $job->judged(self::planOf($job)), $hours, AskedUnits::of($request));

        return $comparison === null
            ? response()->json(['message' => 'Hours: what stays of the day takes longer, or no day and no bank are planned yet. Type more hours, or plan a day first.', 'errors' => ['hours' => ['Type more hours, or plan a day first.']]], 422)
            : response()->json($comparison->answer());
    }
}
