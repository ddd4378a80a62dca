<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\PlanVersion;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Quantity\Units;
use Illuminate\Foundation\Auth\Access\AuthorizesRequests;

abstract class Controller
{
    use AuthorizesRequests;

    /** The plan as it is now; a job without one is answered with 404. */
    protected static function planOf(Job $job): PlanVersion
    {
        return $job->plan ?? abort(404, 'This boat has no plan yet.');
    }

    /** What the plan of a job comes to now; a job without one is answered with 404. */
    protected static function evaluationOf(Job $job, ?Units $units = null): Evaluation
    {
        return $job->boat->customer->shop->evaluate($job->judged(self::planOf($job)), $units);
    }
}
