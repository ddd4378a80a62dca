<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\JobResource;
use App\Http\SentOnce;
use App\Models\Job;
use App\Models\User;
use App\WorkOrders\Decisions;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;

/** Decisions about findings: let stand with a reason, or opened again. A stop cannot be decided about. */
final class AcceptanceController extends Controller
{
    public function store(Request $request, Job $job, #[CurrentUser] User $user): JobResource
    {
        $this->authorize('changePlan', $job);
        $asked = $request->validate([
            'occasion' => ['required', 'string', 'size:32'],
            'reason' => ['required', 'string', 'min:4', 'max:500'],
        ], [
            'reason.*' => 'Reason: say in a few words why it may stay so.',
            'occasion.*' => 'Say which finding is decided about.',
        ]);
        SentOnce::of($request, $user)->make(static function () use ($job, $user, $asked): int {
            $finding = Decisions::findingOf(self::evaluationOf($job), $asked['occasion'])
                ?? abort(409, 'Not kept: the plan has changed since, and this finding with it. Look at it again.');

            return Decisions::accept($job, $user, $finding, trim($asked['reason']))->id;
        });

        return new JobResource($job, $user);
    }

    public function destroy(Job $job, int $acceptance, #[CurrentUser] User $user): JobResource
    {
        $this->authorize('changePlan', $job);
        $job->acceptances()->findOrFail($acceptance)->update(['reopened_at' => now()]);
        $job->unsetRelation('acceptances');

        return new JobResource($job, $user);
    }
}
