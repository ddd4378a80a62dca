<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\User;
use App\WorkOrders\Decisions;
use Dinghy\Evaluation\Verdict;
use Dinghy\Rule\Level;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

final class ShedController extends Controller
{
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
        $decided = $evaluation === null ? 0 : Decisions::of($job, $evaluation)->count();

        return [
            'id' => $job->id,
            'title' => $job->title,
            'bay' => $job->bay,
            'boat' => ['name' => $job->boat->name, 'hull' => $job->boat->hull, 'length_m' => $job->boat->length_m, 'beam_m' => $job->boat->beam_m],
            'customer' => $job->boat->customer->name,
            'promised_on' => $job->promised_on?->toDateString(),
            'waits_for' => $job->waits_for,
            'stage' => $evaluation === null ? null : 'Power',
            'stops' => $evaluation?->count(Level::Stop),
            'decisions' => $evaluation === null ? null : $evaluation->count(Level::Warn) - $decided,
            'verdict' => $evaluation === null ? 'No plan yet.' : Verdict::of($evaluation, $decided),
        ];
    }
}
