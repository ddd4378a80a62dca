<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EditPlanRequest;
use App\Http\Resources\JobResource;
use App\Models\Job;
use App\Models\User;
use App\WorkOrders\PlanExport;
use App\WorkOrders\PlanHistory;
use Dinghy\Evaluation\Why;
use Dinghy\Plan\Plan;
use Dinghy\Plan\PlanDocument;
use Dinghy\Plan\Units;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

final class PlanController extends Controller
{
    public function edit(EditPlanRequest $request, Job $job, #[CurrentUser] User $user): JobResource
    {
        $this->authorize('changePlan', $job);
        (new PlanHistory($job))->edit($user, $request->base(), $request->patch());

        return new JobResource($job, $user);
    }

    public function undo(Job $job, #[CurrentUser] User $user): JobResource
    {
        $this->authorize('changePlan', $job);
        (new PlanHistory($job))->undo($user);

        return new JobResource($job, $user);
    }

    public function redo(Job $job, #[CurrentUser] User $user): JobResource
    {
        $this->authorize('changePlan', $job);
        (new PlanHistory($job))->redo($user);

        return new JobResource($job, $user);
    }

    /** Replaces the plan by a file: the request's body is the file. */
    public function import(Request $request, Job $job, #[CurrentUser] User $user): JobResource
    {
        $this->authorize('changePlan', $job);
        (new PlanHistory($job))->import($user, PlanDocument::fromJson($request->getContent()));

        return new JobResource($job, $user);
    }

    public function export(Job $job): Response
    {
        $this->authorize('view', $job);
        $head = self::planOf($job);

        return response(PlanExport::of($job, $head)->toPrettyJson(), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="'.PlanExport::fileName($job, $head).'.json"',
        ]);
    }

    public function why(Request $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);
        $evaluation = self::evaluationOf($job, $request->enum('units', Units::class));
        $why = (new Why($evaluation))->of($request->string('figure')->value())
            ?? abort(404, 'There is nothing to explain: the plan has no such figure.');

        return response()->json([
            'title' => $why->title,
            'value' => $why->value,
            'formula' => $why->formula,
            'inputs' => $why->inputs,
            'source' => $why->source,
            'mark' => $why->mark->label(),
            'lever' => $why->lever,
        ]);
    }
}
