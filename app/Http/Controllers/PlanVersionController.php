<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\AskedUnits;
use App\Http\Resources\JobResource;
use App\Http\SentOnce;
use App\Models\Job;
use App\Models\PlanVersion;
use App\Models\User;
use App\WorkOrders\PlanHistory;
use App\WorkOrders\PlanLookedAt;
use Dinghy\Evaluation\Areas;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * Whole plans in the place of the one that stands: a file, or a version of the log; looked at first, and one step to
 * undo.
 */
final class PlanVersionController extends Controller
{
    /** A version of the log beside the plan as it is. */
    public function show(Request $request, Job $job, int $number): JsonResponse
    {
        $this->authorize('view', $job);
        $version = self::versionOf($job, $number);

        return response()->json([
            'number' => $version->number,
            'made_at' => $version->made_at->toIso8601String(),
            'author' => $version->author?->name,
            ...PlanLookedAt::beside($job, self::planOf($job), $version->planDocument(), AskedUnits::of($request)),
        ]);
    }

    /** A file beside the plan as it is: the request's body is the file. Nothing is kept. */
    public function compare(Request $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);

        return response()->json(
            PlanLookedAt::beside(
                $job,
                self::planOf($job),
                resolve(Areas::class)->format->document($request->getContent())->takenIn(),
                AskedUnits::of($request),
            ),
        );
    }

    /** Replaces the plan by a file: the request's body is the file, "base" the version that it replaces. */
    public function replace(Request $request, Job $job, #[CurrentUser] User $user): JobResource
    {
        $this->authorize('changePlan', $job);
        $base = self::baseOf($request);
        $document = resolve(Areas::class)->format->document($request->getContent())->takenIn();
        SentOnce::of($request, $user)->make(
            static fn (): int => (new PlanHistory($job))->replace($user, $base, $document)->number,
        );

        return new JobResource($job, $user);
    }

    /** Brings a version of the log back as the newest. */
    public function restore(Request $request, Job $job, int $number, #[CurrentUser] User $user): JobResource
    {
        $this->authorize('changePlan', $job);
        $base = self::baseOf($request);
        $version = self::versionOf($job, $number);
        SentOnce::of($request, $user)->make(
            static fn (): int => (new PlanHistory($job))->replace(
                $user,
                $base,
                $version->planDocument(),
                $version,
            )->number,
        );

        return new JobResource($job, $user);
    }

    private static function versionOf(Job $job, int $number): PlanVersion
    {
        return $job->planVersions()->with('author')->where('number', $number)->first() ?? abort(
            404,
            "There is no version {$number} of this plan.",
        );
    }

    private static function baseOf(Request $request): int
    {
        $base = $request->query('base');

        return is_string($base) && ctype_digit($base) && strlen($base) < 10 && (int) $base > 0 ? (int) $base : abort(
            422,
            'Not kept: base is missing. Say which version of the plan it is to replace, as "?base=3".',
        );
    }
}
