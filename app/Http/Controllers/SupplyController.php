<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\User;
use App\WorkOrders\SupplyComparison;
use Dinghy\Area\Power\SupplyFigures;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** The schools of supplying electronics, side by side, for the plan as it is. */
final class SupplyController extends Controller
{
    public function __invoke(Job $job, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('view', $job);

        return response()->json(
            ['schools' => array_map(
                self::school(...),
                SupplyComparison::of($user->shop, $job->judged(self::planOf($job))),
            )],
        );
    }

    /** @return array<string, mixed> */
    private static function school(SupplyComparison $school): array
    {
        $evaluation = $school->evaluation();
        $figures = $evaluation === null ? null : SupplyFigures::of($evaluation);
        $toBuy = $evaluation === null ? null : $school->toBuy($evaluation);

        return [
            'school' => $school->variant->school->value,
            'label' => $school->variant->school->label(),
            'now' => $school->variant->isNow(),
            'missing' => $school->variant->missing,
            'patch' => $school->patch?->toJson(),
            'figures' => $figures === null ? null : [
                'rest_v' => $figures->atRest, 'loaded_v' => $figures->everythingOn, 'cranking_v' => $figures->cranking, 'hours' => $figures->hours,
                'mass_kg' => $figures->kilograms, 'stops' => $figures->stops, 'decisions' => $figures->decisions, 'brown_outs' => $figures->brownOuts,
                'cost' => $toBuy?->cost, 'unpriced' => $toBuy->unpriced ?? [],
            ],
        ];
    }
}
