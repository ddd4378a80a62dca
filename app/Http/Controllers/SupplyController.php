<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Catalogue\ToBuy;
use App\Models\CataloguePart;
use App\Models\Job;
use App\Models\Shop;
use App\Models\User;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\SupplyFigures;
use Dinghy\Plan\Patch;
use Dinghy\Plan\Plan;
use Dinghy\Plan\PlanDocument;
use Dinghy\Proposal\AddCharger;
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

    /** A; the least that fills a pack in a night */
    private const CHARGE_AMPS = 4.0;

    public function __invoke(Job $job, #[CurrentUser] User $user): JsonResponse
    {
        $this->authorize('view', $job);
        $document = $job->judged(self::planOf($job));
        $lithium = $user->shop->catalogue()->where('kind', 'battery')->get()
            ->map(static fn (CataloguePart $part): \stdClass => (object) [...get_object_vars($part->asPlanned()), 'part' => $part->name])
            ->filter(static fn (\stdClass $figures): bool => ($figures->chemistry ?? '') === 'lifepo4' && ($figures->nominal_v ?? 0) == 12)
            ->sortBy('capacity_ah');
        $shop = $user->shop;
        $variants = SupplySchools::of(
            Plan::of($document),
            $lithium->first(static fn (\stdClass $figures): bool => $figures->capacity_ah >= self::OWN),
            $lithium->first(static fn (\stdClass $figures): bool => $figures->capacity_ah <= self::PACK),
        );

        return response()->json(['schools' => array_map(static fn (SupplyVariant $variant): array => self::variant($variant, $shop, $document), $variants)]);
    }

    /** @return array<string, mixed> */
    private static function variant(SupplyVariant $variant, Shop $shop, PlanDocument $document): array
    {
        $patch = $variant->patch === null ? null : self::charged($variant->patch, $variant->newBank, $shop, $document);
        $after = $patch === null ? $document : $document->with($patch);
        $figures = $variant->missing !== null ? null : SupplyFigures::of(Evaluation::of(Plan::of($after)));
        $toBuy = $figures === null ? null : ToBuy::between($shop, $document, $after);

        return [
            'school' => $variant->school->value,
            'label' => $variant->school->label(),
            'now' => $variant->isNow(),
            'missing' => $variant->missing,
            'patch' => $patch?->toJson(),
            'figures' => $figures === null ? null : [
                'rest_v' => $figures->atRest, 'loaded_v' => $figures->everythingOn, 'cranking_v' => $figures->cranking, 'hours' => $figures->hours,
                'mass_kg' => $figures->kilograms, 'stops' => $figures->stops, 'decisions' => $figures->decisions, 'brown_outs' => $figures->brownOuts,
                'cost' => $toBuy?->cost, 'unpriced' => $toBuy->unpriced ?? [],
            ],
        ];
    }

    /** A new bank comes with the smallest charger of one output that the catalogue has. */
    private static function charged(Patch $patch, ?string $bank, Shop $shop, PlanDocument $document): Patch
    {
        $charger = $shop->catalogue()->where('kind', 'charger')->get()
            ->filter(static fn (CataloguePart $part): bool => ($part->figures['outputs'] ?? null) === 1)
            ->sortBy(static fn (CataloguePart $part): float => self::amps($part))->first(fn (CataloguePart $part): bool => self::amps($part) >= self::CHARGE_AMPS);
        if ($bank === null || $charger === null) {
            return $patch;
        }

        return $patch->and(AddCharger::to(Plan::of($document->with($patch)), $charger->name, 1, self::amps($charger), (bool) ($charger->figures['isolated'] ?? false), $bank, $charger->name));
    }

    private static function amps(CataloguePart $charger): float
    {
        $amps = $charger->figures['amps'] ?? null;

        return is_numeric($amps) ? (float) $amps : 0.0;
    }
}
