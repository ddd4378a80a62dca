<?php

declare(strict_types=1);

namespace Dinghy\Kit;

use Dinghy\Cutting\Spool;
use Dinghy\Kit\Line\KitLine;
use Dinghy\Kit\Piece\End;
use Dinghy\Kit\Piece\EndKind;
use Dinghy\Kit\Piece\Piece;

/** A kit as the document that docs/plan-format.md calls "dinghy-kit". */
final class KitDocument
{
    /** @return array<string, mixed> without a shop: nothing has a price, and wire comes off one spool of each kind */
    public static function of(Kit $kit): array
    {
        return [
            'format' => 'dinghy-kit',
            'version' => 1,
            'wires' => array_map(self::wire(...), $kit->pieces),
            'lines' => array_map(self::line(...), $kit->lines),
            'spools' => array_merge([], ...array_map(self::spools(...), $kit->cutFrom(new Shelf))),
            'totals' => ['price' => null, 'copper_kg' => $kit->mass->copper, 'mass_kg' => $kit->mass->whole, 'minutes' => $kit->minutes],
        ];
    }

    /** @return array<string, mixed> */
    private static function wire(Piece $piece): array
    {
        return [
            'id' => $piece->id,
            'of' => $piece->of,
            'gauge' => $piece->stock->gauge->name,
            'cable' => $piece->stock->pair ? 'pair' : 'single',
            'colour' => $piece->stock->colour,
            'cut_m' => $piece->cut,
            'cut' => $piece->cutAfterPull ? 'after-pull' : 'bench',
            'from' => $piece->from->name,
            'to' => $piece->to->name,
            'ends' => array_map(self::end(...), $piece->ends),
            'labels' => $piece->labels(),
        ];
    }

    /** @return array<string, mixed> */
    private static function end(End $end): array
    {
        return [
            'at' => $end->at->name,
            'kind' => $end->at->kind->value,
            'hole' => $end->at->kind === EndKind::Ring ? $end->at->bore() : null,
            'gauge' => $end->gauge->name,
            'lug_for_mm2' => $end->lugForMm2(),
            'lead' => $end->at->lead?->name,
            'strip_mm' => $end->isMade() ? $end->strip() : null,
            'die' => $end->die(),
            'sleeve' => ($sleeve = $end->sleeve()) === null ? null : (string) $sleeve,
            'pull_n' => $end->pull(),
        ];
    }

    /** @return array{item: string, quantity: float, unit: string, price: null, for: list<string>} */
    private static function line(KitLine $line): array
    {
        return ['item' => $line->item, 'quantity' => $line->quantity, 'unit' => $line->unit, 'price' => null, 'for' => $line->for];
    }

    /** @return list<array<string, mixed>> */
    private static function spools(CutPlan $plan): array
    {
        return array_map(static fn (Spool $spool): array => [
            'stock' => $plan->stock->name(),
            'length_m' => $spool->length,
            'pieces' => array_map(static fn (int|string $wire, float $metres): array => ['wire' => (string) $wire, 'm' => $metres], array_keys($spool->pieces), array_values($spool->pieces)),
            'left_m' => $spool->left(),
        ], $plan->spools());
    }
}
