<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Catalogue\ToBuy;
use App\Models\CataloguePart;
use App\Models\Shop;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Plan\Patch;
use Dinghy\Plan\Plan;
use Dinghy\Plan\PlanDocument;
use Dinghy\Plan\Units;
use Dinghy\Proposal\AddCharger;
use Dinghy\Proposal\SupplySchools;
use Dinghy\Proposal\SupplyVariant;

/** A boat in one school of supplying electronics, with parts of the shop's catalogue. */
final readonly class SupplyComparison
{
    /** Ah: the least of a battery of their own, the most of a small pack */
    private const OWN = 100.0;

    private const PACK = 30.0;

    /** A; the least that fills a pack in a night */
    private const CHARGE_AMPS = 4.0;

    private function __construct(
        public SupplyVariant $variant,
        public ?Patch $patch,
        private PlanDocument $before,
        private Shop $shop,
    ) {
    }

    /** @return list<self> */
    public static function of(Shop $shop, PlanDocument $document): array
    {
        $lithium = $shop->catalogue()->where('kind', 'battery')->get()
            ->map(static fn (CataloguePart $part): \stdClass => (object) [...get_object_vars($part->asPlanned()), 'part' => $part->name])
            ->filter(static fn (\stdClass $figures): bool => ($figures->chemistry ?? '') === 'lifepo4' && ($figures->nominal_v ?? 0) == 12)
            ->sortBy('capacity_ah');
        $variants = SupplySchools::of(
            Plan::of($document),
            $lithium->first(static fn (\stdClass $figures): bool => $figures->capacity_ah >= self::OWN),
            $lithium->first(static fn (\stdClass $figures): bool => $figures->capacity_ah <= self::PACK),
        );

        return array_map(static fn (SupplyVariant $variant): self => new self($variant, self::charged($variant, $shop, $document), $document, $shop), $variants);
    }

    /** The boat as it would be; null: it cannot be. */
    public function evaluation(?Units $units = null): ?Evaluation
    {
        return $this->variant->missing === null ? Evaluation::of(Plan::of($this->after()), $units, $this->shop->numberingEnd()) : null;
    }

    public function toBuy(): ToBuy
    {
        return ToBuy::between($this->shop, $this->before, $this->after());
    }

    private function after(): PlanDocument
    {
        return $this->patch === null ? $this->before : $this->before->with($this->patch);
    }

    /** A new bank comes with the smallest charger of one output that the catalogue has. */
    private static function charged(SupplyVariant $variant, Shop $shop, PlanDocument $document): ?Patch
    {
        $charger = $variant->newBank === null ? null : $shop->catalogue()->where('kind', 'charger')->get()
            ->filter(static fn (CataloguePart $part): bool => ($part->figures['outputs'] ?? null) === 1 && self::amps($part) >= self::CHARGE_AMPS)
            ->sortBy(self::amps(...))->first();
        if ($variant->patch === null || $variant->newBank === null || $charger === null) {
            return $variant->patch;
        }

        return $variant->patch->and(AddCharger::to(Plan::of($document->with($variant->patch)), $charger->name, 1, self::amps($charger), (bool) ($charger->figures['isolated'] ?? false), $variant->newBank, $charger->name));
    }

    private static function amps(CataloguePart $charger): float
    {
        $amps = $charger->figures['amps'] ?? null;

        return is_numeric($amps) ? (float) $amps : 0.0;
    }
}
