<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AddPartRequest;
use App\Http\Resources\JobResource;
use App\Http\SentOnce;
use App\Models\Job;
use App\Models\User;
use App\WorkOrders\PlanHistory;
use Dinghy\File\Patch;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\TakeOut;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;

/** Parts put into a plan with what a rigger would give them, and taken out with what cannot stand without them. */
final class PartController extends Controller
{
    public function store(AddPartRequest $request, Job $job, #[CurrentUser] User $user): JobResource
    {
        $proposal = $request->proposal();
        SentOnce::of($request, $user)->make(
            static fn (): int => (new PlanHistory($job))->propose($user, $proposal)->number,
        );

        return new JobResource($job, $user);
    }

    public function destroy(Request $request, Job $job, #[CurrentUser] User $user): JobResource
    {
        $this->authorize('changePlan', $job);
        $on = $request->validate(
            ['on' => ['required', 'string', 'max:80']],
            ['on.required' => 'Say which part: on is a part as "device:hub".'],
        )['on'];
        SentOnce::of($request, $user)->make(
            static fn (): int => (new PlanHistory($job))->propose(
                $user,
                static fn (Plan $plan): Patch => TakeOut::of($plan, $on),
            )->number,
        );

        return new JobResource($job, $user);
    }
}
