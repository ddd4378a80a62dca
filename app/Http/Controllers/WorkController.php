<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\AskedUnits;
use App\Http\Requests\StepReadingsRequest;
use App\Http\Requests\WorkEntriesRequest;
use App\Metering\Told;
use App\Models\Job;
use App\Models\User;
use App\Rigging\Presence;
use App\Rigging\SentEntry;
use App\Rigging\StepReadings;
use App\Rigging\WorkKeeping;
use App\Rigging\WorkRecord;
use App\SignIn\Hands;
use Dinghy\Area\Rigging\Method\Methods;
use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\Steps;
use Dinghy\Quantity\Units;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The record of the work on a boat: how it stands, and what is added to it. */
final class WorkController extends Controller
{
    /** With the step that is looked at, so that others leave it. */
    public function show(Request $request, Job $job, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('recordWork', $job);
        $hand = (new Hands($request->session(), $user))->now();
        $at = $request->query('at');
        $at = is_string($at) && strlen($at) <= 200 ? $at : null;
        Presence::at($job)->arrives($hand, $at);

        return response()->json((new WorkRecord($job, self::evaluationOf($job, AskedUnits::of($request))))->told($hand, $user, $at));
    }

    /** How each step is done: what no first sight waits for. */
    public function methods(Request $request, Job $job): JsonResponse
    {
        $this->authorize('recordWork', $job);
        $boat = self::evaluationOf($job, AskedUnits::of($request))->boat;
        $methods = new Methods($boat);

        return response()->json(['methods' => array_map(static fn (Step $step): array => ['step' => $step->id, 'how' => $methods->of($step)->how], $boat->figures(Steps::class)->all)]);
    }

    /** What the readings of a step mean, before anything is kept. */
    public function judge(StepReadingsRequest $request, Job $job): JsonResponse
    {
        $evaluation = self::evaluationOf($job, AskedUnits::of($request));
        $record = new WorkRecord($job, $evaluation);
        $step = $record->work->steps->find($request->string('step')->value()) ?? abort(422, 'The plan has no such step any more. Look at the list again.');
        $judgements = (new StepReadings($job, $evaluation->boat, $record->work))->judge($step, $request->values(), $request->boolean('checked')) ?? abort(422, 'Type every reading that the step asks for, in their order.');

        return response()->json(['judgements' => array_map(Told::judgement(...), $judgements)]);
    }

    public function store(WorkEntriesRequest $request, Job $job, #[CurrentUser] User $user): JsonResponse
    {
        self::planOf($job);
        $hand = (new Hands($request->session(), $user))->now();
        $units = AskedUnits::of($request);
        $keeping = new WorkKeeping($job, $hand, $user, $units ?? Units::Metric);
        $entries = $request->entries();
        $outcomes = array_map($keeping->keep(...), $entries);
        $job->unsetRelation('plan');
        $last = $entries === [] ? null : $entries[count($entries) - 1]->step;

        return response()->json([
            'outcomes' => $outcomes,
            'plan_changed' => array_filter($entries, static fn (SentEntry $entry): bool => $entry->asBuilt !== null) !== [],
            'work' => (new WorkRecord($job, self::evaluationOf($job, $units)))->told($hand, $user, $last),
        ]);
    }
}
