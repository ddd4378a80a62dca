<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Boat;
use App\Models\Job;
use App\Models\User;
use App\WorkOrders\Decisions;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\StageState;
use Dinghy\Evaluation\Verdict;
use Dinghy\Geometry\Spot;
use Dinghy\Hull\HullKind;
use Dinghy\Hull\Outline;
use Dinghy\Rule\Level;
use Dinghy\Rule\Stage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

final class ShedController extends Controller
{
    /** m: how a boat is drawn that nobody has measured */
    private const USUAL = ['length' => 5.0, 'beam' => 2.0];

    public function __invoke(#[CurrentUser] User $user): JsonResponse
    {
        $jobs = Job::ofShop($user->shop_id)->with(['boat.customer.shop', 'plan', 'acceptances'])->get()
            ->sortBy(static fn (Job $job): array => [$job->bay ?? PHP_INT_MAX, $job->id])->values();

        return response()->json([
            'today' => now()->toDateString(),
            'jobs' => $jobs->map(self::bay(...))->all(),
        ]);
    }

    /** @return array<string, mixed> */
    private static function bay(Job $job): array
    {
        $evaluation = $job->plan === null ? null : $job->boat->customer->shop->evaluate($job->judged($job->plan));
        $decisions = $evaluation === null ? null : Decisions::of($job, $evaluation);
        $decided = $decisions?->count() ?? 0;

        return [
            'id' => $job->id,
            'title' => $job->title,
            'bay' => $job->bay,
            'boat' => ['name' => $job->boat->name, 'rings' => self::rings($job->boat, $evaluation)],
            'customer' => $job->boat->customer->name,
            'promised_on' => $job->promised_on?->toDateString(),
            'waits_for' => $job->waits_for,
            'stage' => $evaluation === null ? null : self::named(
                StageState::current($evaluation, $decisions->occasions()),
            ),
            'stops' => $evaluation?->count(Level::Stop),
            'decisions' => $evaluation === null ? null : $evaluation->count(Level::Warn) - $decided,
            'verdict' => $evaluation === null ? 'No plan yet.' : Verdict::of($evaluation, $decided),
        ];
    }

    /**
     * @return list<list<array{float, float}>> her outline and what is drawn within it, m; of a boat nobody has measured a usual one
     */
    private static function rings(Boat $boat, ?Evaluation $evaluation): array
    {
        $outline = $evaluation?->boat->plan->boat->outline() ?? new Outline(
            HullKind::tryFrom($boat->hull ?? '') ?? HullKind::Fibreglass,
            $boat->length_m ?? self::USUAL['length'],
            $boat->beam_m ?? self::USUAL['beam'],
        );

        return array_map(
            static fn (array $ring): array => array_map(
                static fn (Spot $spot): array => [round($spot->x, 3), round($spot->y, 3)],
                $ring,
            ),
            [$outline->shell(), ...$outline->inner()],
        );
    }

    /** @return array{name: string, label: string} */
    private static function named(Stage $stage): array
    {
        return ['name' => $stage->name, 'label' => $stage->label];
    }
}
