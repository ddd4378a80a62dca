<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Areas\Contract\AreaList;
use App\Http\AskedUnits;
use App\Http\Requests\EditPlanRequest;
use App\Http\Resources\JobResource;
use App\Http\SentOnce;
use App\Models\Job;
use App\Models\PlanVersion;
use App\Models\User;
use App\WorkOrders\Decisions;
use App\WorkOrders\PlanExport;
use App\WorkOrders\PlanHistory;
use App\WorkOrders\SupplyComparison;
use Dinghy\Area\Power\SupplyReasons;
use Dinghy\Evaluation\Areas;
use Dinghy\Evaluation\Consequences;
use Dinghy\Evaluation\EvaluationDocument;
use Dinghy\Evaluation\Explanation;
use Dinghy\Evaluation\Verdict;
use Dinghy\Evaluation\Why;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\MoveOnPlan;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

final class PlanController extends Controller
{
    /** versions that the log shows */
    private const LOGGED = 300;

    public function edit(EditPlanRequest $request, Job $job, #[CurrentUser] User $user): JobResource
    {
        $patch = $request->patch();
        SentOnce::of($request, $user)->make(
            static fn (): int => (new PlanHistory($job))->edit(
                $user,
                $request->base(),
                $patch,
                $request->reason(),
                $request->own(),
            )->number,
        );

        return new JobResource($job, $user);
    }

    /** What a change would come to. Nothing is kept, so whoever sees the boat may ask. */
    public function preview(Request $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);
        $body = json_decode($request->getContent(), false, 32);
        $patch = MoveOnPlan::followed(
            self::planOf($job)->planDocument(),
            resolve(Areas::class)->format->patch($body instanceof \stdClass ? $body->patch ?? null : null),
        );
        $units = AskedUnits::of($request);
        $document = $job->judged(self::planOf($job));
        $shop = $job->boat->customer->shop;
        $before = $shop->evaluate($document, $units);
        $there = $document->with($patch);
        $after = $shop->evaluate($there, $units);

        return response()->json([
            'plan' => self::planOf($job)->planDocument()->with($patch),
            'evaluation' => EvaluationDocument::of($after),
            'verdict' => Verdict::of($after, Decisions::of($job, $after)->count()),
            'changes' => Consequences::of($before, $after)->sentences(),
            'drawn' => (object) resolve(AreaList::class)->drawn($request->query('showing'), $job, $after, $there),
            'touches' => array_values(array_unique(array_column($patch->fields(), 'on'))),
        ]);
    }

    /** Every change to the plan, newest first: who, when, what, and why where somebody said. */
    public function log(Request $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);
        $words = $job->plan?->planDocument()->words(new QuantityFormatter(AskedUnits::of($request) ?? Units::Metric));
        $versions = $job->planVersions()->with('author')->get(
            ['id', 'job_id', 'number', 'user_id', 'kind', 'patch', 'reason', 'made_at'],
        )->sortByDesc('number')->take(self::LOGGED)->values();

        return response()->json(['entries' => $versions->map(static fn (PlanVersion $version): array => [
            'number' => $version->number,
            'made_at' => $version->made_at->toIso8601String(),
            'author' => $version->author?->name,
            'says' => $words === null ? '' : $version->says($words),
            'reason' => $version->reason,
        ])->all()]);
    }

    /** With the step that the page told would be taken back, where it told one. */
    public function undo(Request $request, Job $job, #[CurrentUser] User $user): JobResource
    {
        $this->authorize('changePlan', $job);
        $step = self::stepOf($request);
        SentOnce::of($request, $user)->make(static fn (): int => (new PlanHistory($job))->undo($user, $step)->number);

        return new JobResource($job, $user);
    }

    public function redo(Request $request, Job $job, #[CurrentUser] User $user): JobResource
    {
        $this->authorize('changePlan', $job);
        $step = self::stepOf($request);
        SentOnce::of($request, $user)->make(static fn (): int => (new PlanHistory($job))->redo($user, $step)->number);

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

    private static function stepOf(Request $request): ?int
    {
        $step = $request->validate(
            ['step' => ['sometimes', 'integer']],
            ['step.*' => 'Not kept: step is the number of what is to be taken back or made again.'],
        )['step'] ?? null;

        return $step === null ? null : (int) $step;
    }

    public function why(Request $request, Job $job, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('view', $job);
        $figure = $request->string('figure')->value();
        $units = AskedUnits::of($request);
        $why = (str_starts_with($figure, 'supply:') ? self::whySupply($job, $user, $figure, $units) : (new Why(
            self::evaluationOf($job, $units),
        ))->of($figure))
            ?? abort(404, 'There is nothing to explain: the plan has no such figure.');

        return response()->json([
            'title' => $why->title,
            'value' => $why->value,
            'formula' => $why->formula->says,
            'inputs' => $why->inputs,
            'source' => $why->formula->source,
            'mark' => $why->formula->mark->label(),
            'lever' => $why->lever,
        ]);
    }

    /** @param  string  $figure  as "supply:own:hours" */
    private static function whySupply(Job $job, User $user, string $figure, ?Units $units): ?Explanation
    {
        [, $name, $field] = [...explode(':', $figure), '', ''];
        foreach (SupplyComparison::of($user->shop, $job->judged(self::planOf($job)), $units) as $school) {
            $evaluation = $school->variant->school->value === $name ? $school->evaluation() : null;
            if ($evaluation !== null) {
                return $field === 'cost'
                    ? $school->toBuy($evaluation)->why()
                    : (new SupplyReasons($evaluation))->of($field);
            }
        }

        return null;
    }
}
