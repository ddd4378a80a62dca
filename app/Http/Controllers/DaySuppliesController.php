<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\AskedUnits;
use App\Models\Job;
use App\Models\User;
use App\WorkOrders\SupplyComparison;
use Dinghy\Area\Day\Figure\ElectronicsDay;
use Dinghy\Plan\Device;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The ways of supplying electronics over the whole planned day, and not only at one moment of it. */
final class DaySuppliesController extends Controller
{
    public function __invoke(Request $request, Job $job, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('view', $job);

        return response()->json(['supplies' => array_map(
            self::supply(...),
            SupplyComparison::of($user->shop, $job->judged(self::planOf($job)), AskedUnits::of($request)),
        )]);
    }

    /** @return array<string, mixed> */
    private static function supply(SupplyComparison $supply): array
    {
        $day = $supply->evaluation()?->boat->figures(ElectronicsDay::class);

        return [
            'school' => $supply->variant->school->value,
            'label' => $supply->variant->school->label(),
            'now' => $supply->variant->isNow(),
            'missing' => $supply->variant->missing,
            'patch' => $supply->patch?->toJson(),
            'day' => $day === null ? null : [
                'out_min' => $day->out, 'floor_min' => $day->floor, 'least_v' => $day->leastVolts,
                'restart' => array_map(static fn (Device $device): string => $device->label(), $day->restart),
            ],
        ];
    }
}
