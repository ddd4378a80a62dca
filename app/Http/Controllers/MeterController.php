<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use Dinghy\Circuit\Meter;
use Dinghy\Circuit\State;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Two probes on any two points of a boat: what a 10 MΩ meter would show. */
final class MeterController extends Controller
{
    public function __invoke(Request $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);
        $state = $request->enum('state', State::class) ?? State::Rest;
        $states = self::evaluationOf($job)->boat->states;
        $network = $states->network($state);
        $points = [];
        foreach (['plus', 'minus'] as $probe) {
            $points[] = $point = $request->string($probe)->value();
            isset($network->topology->index[$point]) || abort(
                422,
                "The plan has no point \"{$point}\" for the {$probe} probe. Choose a post, a plug or a bus.",
            );
        }
        $solution = $states->in($state);
        $unfed = $states->overload($state) !== null && $network->topology->joins(...$points) && $solution?->between(...$points) === null;
        $reading = $solution === null || $unfed ? null : Meter::read($network, $solution, ...$points);

        return response()->json([
            'volts' => $reading === null || $reading->floating ? null : $reading->volts,
            'says' => match (true) {
                $reading === null => 'The banks cannot give what everything together asks for.',
                $reading->floating => 'Nothing joins these two points: the meter shows nothing that means anything.',
                default => null,
            },
        ]);
    }
}
