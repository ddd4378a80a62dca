<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ProposalRequest;
use App\Http\Resources\JobResource;
use App\Http\SentOnce;
use App\Models\Job;
use App\Models\User;
use App\WorkOrders\PlanHistory;
use Illuminate\Container\Attributes\CurrentUser;

/** Rearrangements of what a plan has already: one change each, made from the plan as it is now. */
final class ProposalController extends Controller
{
    public function __invoke(ProposalRequest $request, Job $job, #[CurrentUser] User $user): JobResource
    {
        $proposal = $request->proposal();
        SentOnce::of($request, $user)->make(
            static fn (): int => (new PlanHistory($job))->propose($user, $proposal)->number,
        );

        return new JobResource($job, $user);
    }
}
