<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\AskedUnits;
use App\Http\Requests\RestReadingRequest;
use App\Metering\KnownReadings;
use App\Metering\Told;
use App\Models\Job;
use Dinghy\Metering\Reading;
use Dinghy\Metering\RestReadings;
use Dinghy\Metering\RestWalk;
use Illuminate\Http\JsonResponse;

/** What a reading at rest means, before anything is kept. */
final class RestJudgementController extends Controller
{
    public function __invoke(RestReadingRequest $request, Job $job): JsonResponse
    {
        $boat = self::evaluationOf($job, AskedUnits::of($request))->boat;
        $known = new KnownReadings($job);
        $rested = $known->rested($boat);
        $named = $request->string('meter_point')->value();
        foreach (RestWalk::of($boat, $rested) as $point) {
            if ($point->of->id === $named) {
                $judgement = (new RestReadings($boat, $rested))->judge(new Reading($point->of, $request->float('value')), $known->earlierAtRest($boat, $named), $point->circuit, $request->boolean('checked'));

                return response()->json(['judgements' => [Told::judgement($judgement)]]);
            }
        }

        abort(422, 'The plan has no such meter point. Choose one from the list.');
    }
}
