<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\CataloguePart;
use App\Models\Job;
use App\Models\User;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\SupplyFigures;
use Dinghy\Plan\Plan;
use Dinghy\Plan\PlanDocument;
use Dinghy\Proposal\SupplySchools;
use Dinghy\Proposal\SupplyVariant;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** The schools of supplying electronics, side by side, for the plan as it is. */
final class SupplyController extends Controller
{
    /** Ah: the least of a battery of their own, the most of a small pack */
    private const OWN = 100.0;

    private const PACK = 30.0;

    public function __invoke(Job $job, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('view', $job);
        $document = $job->judged(self::planOf($job));
        $lithium = $user->shop->catalogue()->where('kind', 'battery')->get()
            ->map(static fn (CataloguePart $part): \stdClass => $part->asPlanned())
            ->filter(static fn (\stdClass $figures): bool => ($figures->chemistry ?? '') === 'lifepo4' && ($figures->nominal_v ?? 0) == 12)
            ->sortBy('capacity_ah');
        $variants = SupplySchools::of(
            Plan::of($document),
            $lithium->first(static fn (\stdClass $figures): bool => $figures->capacity_ah >= self::OWN),
            $lithium->first(static fn (\stdClass $figures): bool => $figures->capacity_ah <= self::PACK),
        );

        return response()->json(['schools' => array_map(static fn (SupplyVariant $variant): array => self::variant($variant, $document), $variants)]);
    }

    /** @return array<string, mixed> */
    private static function variant(SupplyVariant $variant, PlanDocument $document): array
    {
        $figures = $variant->missing !== null ? null
            : SupplyFigures::of(Evaluation::of(Plan::of($variant->patch === null ? $document : $document->with($variant->patch))));

        return [
            'school' => $variant->school->value,
            'label' => $variant->school->label(),
            'now' => $variant->isNow(),
            'missing' => $variant->missing,
            'patch' => $variant->patch?->toJson(),
            'figures' => $figures === null ? null : [
                'rest_v' => $figures->atRest, 'loaded_v' => $figures->everythingOn, 'cranking_v' => $figures->cranking, 'hours' => $figures->hours,
                'mass_kg' => $figures->kilograms, 'stops' => $figures->stops, 'decisions' => $figures->decisions, 'brown_outs' => $figures->brownOuts,
            ],
        ];
    }
}
