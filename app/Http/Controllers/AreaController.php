<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Areas\Contract\AreaList;
use App\Http\AskedUnits;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What a stage of a boat draws beside her evaluation. */
final class AreaController extends Controller
{
    public function __invoke(Request $request, Job $job, string $stage, AreaList $areas): JsonResponse
    {
        $this->authorize('view', $job);
        $area = $areas->at($stage) ?? abort(404, 'There is no such stage.');
        $judged = $job->judged(self::planOf($job));

        return response()->json(
            $area->answer($job, $job->boat->customer->shop->evaluate($judged, AskedUnits::of($request)), $judged),
        );
    }
}
