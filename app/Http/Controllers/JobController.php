<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\NewJobRequest;
use App\Http\Resources\JobResource;
use App\Http\SentOnce;
use App\Models\Job;
use App\Models\User;
use App\WorkOrders\NewJob;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

final class JobController extends Controller
{
    /** Others' changes are seen by asking again with the ETag: 304 while nothing has changed. */
    public function show(Request $request, Job $job, #[CurrentUser] User $user): Response
    {
        $this->authorize('view', $job);
        $etag = hash('xxh128', implode('|', [
            $job->updated_at, $job->plan()->value('number'), $job->readings()->max('id'), $job->acceptances()->max('id'), $job->acceptances()->max('reopened_at'), $job->boat->customer->shop->house_rules_version, $job->boat->customer->shop->catalogue_version, $request->query('units'), $user->id,
        ]));
        $response = new JsonResponse;
        $response->setEtag($etag);
        if ($response->isNotModified($request)) {
            return $response;
        }

        return (new JobResource($job, $user))->response()->setEtag($etag);
    }

    /** A new work order, from a plan file or for a boat of which nothing is planned yet. */
    public function store(NewJobRequest $request, #[CurrentUser] User $user): Response
    {
        $plan = $request->plan();
        $made = SentOnce::of($request, $user)->make(static fn (): int => NewJob::make(
            $user->shop,
            $user,
            $request->string('customer')->trim()->value(),
            $request->string('title')->trim()->value(),
            $request->date('promised_on'),
            $plan,
        )->id);
        $job = Job::query()->findOrFail($made);

        return (new JobResource($job, $user))->response()->setStatusCode(201);
    }
}
