<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Catalogue\ToBuy;
use App\Models\CataloguePart;
use App\Models\Shop;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Proposal\AddCharger;
use Dinghy\Proposal\SupplyMethods;
use Dinghy\Proposal\SupplyVariant;
use Dinghy\Quantity\Units;
use Illuminate\Support\Collection;

/** A boat in one school of supplying electronics, with parts of the shop's catalogue. */
final readonly class SupplyComparison
{
    /** Ah: the least of a battery of their own, the most of a small pack */
    private const OWN = 100.0;

    private const PACK = 30.0;

    /** A; the least that fills a pack in a night */
    private const CHARGE_AMPS = 4.0;

    /** @param  Collection<int, CataloguePart>  $catalogue */
    private function __construct(
        public SupplyVariant $variant,
        public ?Patch $patch,
        private PlanDocument $before,
        private Evaluation $now,
        private Shop $shop,
        private Collection $catalogue,
        private ?Units $units,
    ) {
    }

    /** @return list<self> */
    public static function of(Shop $shop, PlanDocument $document, ?Units $units = null): array
    {
        /** @var Collection<int, CataloguePart> $catalogue */
        $catalogue = $shop->catalogue()->get();
        $now = $shop->evaluate($document, $units);
        $lithium = $catalogue->where('kind', 'battery')
            ->map(
                static fn (CataloguePart $part): \stdClass => (object) [
                    ...get_object_vars($part->asPlanned()),
                    'part' => $part->name,
                ],
            )
            ->filter(
                static fn (\stdClass $figures): bool => ($figures->chemistry ?? '') === 'lifepo4' && ($figures->nominal_v ?? 0) == 12,
            )
            ->sortBy('capacity_ah');
        $variants = SupplyMethods::of(
            $now->boat->plan,
            $lithium->first(static fn (\stdClass $figures): bool => $figures->capacity_ah >= self::OWN),
            $lithium->first(static fn (\stdClass $figures): bool => $figures->capacity_ah <= self::PACK),
        );

        return array_map(
            static fn (SupplyVariant $variant): self => new self(
                $variant,
                self::charged($variant, $catalogue, $document),
                $document,
                $now,
                $shop,
                $catalogue,
                $units,
            ),
            $variants,
        );
    }

    /** The boat as it would be; null: it cannot be. */
    public function evaluation(): ?Evaluation
    {
        return match (true) {
            $this->variant->missing !== null => null,
            $this->patch === null => $this->now,
            default => $this->shop->evaluate($this->after(), $this->units),
        };
    }

    /** @param  Evaluation  $evaluation  of the boat as it would be */
    public function toBuy(Evaluation $evaluation): ToBuy
    {
        return ToBuy::between($this->catalogue, $this->before, $this->now, $this->after(), $evaluation);
    }

    private function after(): PlanDocument
    {
        return $this->patch === null ? $this->before : $this->before->with($this->patch);
    }

    /**
     * A new bank comes with the smallest charger of one output that the catalogue has.
     *
     * @param  Collection<int, CataloguePart>  $catalogue
     */
    private static function charged(SupplyVariant $variant, Collection $catalogue, PlanDocument $document): ?Patch
    {
        $charger = $catalogue->where('kind', 'charger')
            ->filter(
                static fn (CataloguePart $part): bool => ($part->figures['outputs'] ?? null) === 1 && ($part->figures['input'] ?? 'mains') === 'mains' && self::amps($part) >= self::CHARGE_AMPS,
            )
            ->sortBy(self::amps(...))->first();
        if ($variant->patch === null || $variant->newBank === null || $charger === null) {
            return $variant->patch;
        }

        return $variant->patch->and(
            AddCharger::to(
                $document->with($variant->patch)->plan(),
                $charger->name,
                1,
                self::amps($charger),
                (bool) ($charger->figures['isolated'] ?? false),
                [$variant->newBank],
                $charger->name,
            ),
        );
    }

    private static function amps(CataloguePart $charger): float
    {
        $amps = $charger->figures['amps'] ?? null;

        return is_numeric($amps) ? (float) $amps : 0.0;
    }
}
