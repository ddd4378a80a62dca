<?php

declare(strict_types=1);

namespace Dinghy\Tests\Kit;

use Dinghy\Cutting\Spool;
use Dinghy\Kit\CutPlan;
use Dinghy\Kit\Shelf;
use Dinghy\Tests\Plans;

/** The document that the command line prints: the contract of docs/plan-format.md. */
final class KitDocumentTest extends KitCase
{
    public function test_each_gauge_and_colour_comes_off_one_spool_of_what_it_needs_with_waste(): void
    {
        foreach (['skiff', 'console', 'pontoon', 'rowing', 'catamaran'] as $boat) {
            $kit = self::document(Plans::demo("boats/{$boat}"));
            $cut = [];
            foreach ($kit['wires'] as $wire) {
                $cut[$wire['gauge'].($wire['cable'] === 'pair' ? ' pair' : '').' '.$wire['colour']][$wire['id']] = $wire['cut_m'];
            }
            self::assertCount(count($cut), $kit['spools'], $boat);
            foreach ($kit['spools'] as $spool) {
                $pieces = array_column($spool['pieces'], 'm', 'wire');
                self::assertEquals($cut[$spool['stock']], $pieces);
                self::assertEqualsWithDelta(1.1 * array_sum($pieces), $spool['length_m'], 1e-9);
                self::assertEqualsWithDelta(0.1 * array_sum($pieces), $spool['left_m'], 1e-9);
            }
        }
    }

    public function test_its_keys(): void
    {
        $kit = self::document(Plans::demo('boats/skiff'));
        self::assertSame(['dinghy-kit', 1], [$kit['format'], $kit['version']]);
        self::assertSame(['format', 'version', 'wires', 'lines', 'spools', 'totals'], array_keys($kit));
        self::assertSame([], array_diff(['id', 'of', 'gauge', 'cable', 'colour', 'cut_m', 'from', 'to', 'ends', 'labels'], array_keys($kit['wires'][0])));
        self::assertSame([], array_diff(['kind', 'hole', 'gauge', 'lug_for_mm2'], array_keys($kit['wires'][0]['ends'][0])));
        self::assertSame(['item', 'quantity', 'unit', 'price', 'for'], array_keys($kit['lines'][0]));
        self::assertNull($kit['totals']['price']);
        foreach ($kit['lines'] as $line) {
            self::assertContains($line['unit'], ['pcs', 'm']);
            self::assertNull($line['price']);
        }
    }

    public function test_a_length_that_is_not_known_is_null_and_is_cut_from_nothing(): void
    {
        $kit = self::document(Plans::changed(Plans::pump(), ['feed:f1' => ['run.length_m' => Plans::UNKNOWN]]));
        self::assertSame(['f1+1' => 0.15, 'f1+2' => null, 'f1-' => null], array_slice(array_column($kit['wires'], 'cut_m', 'id'), 0, 3));
        self::assertSame(['10 AWG red'], array_values(array_filter(array_column($kit['spools'], 'stock'), static fn (string $stock): bool => str_starts_with($stock, '10 '))));
    }

    public function test_a_shelf_is_cut_from_first_and_the_rest_is_bought_with_waste(): void
    {
        $pieces = self::kit(Plans::pump())->pieces;
        $shelf = new Shelf(['10 AWG red' => [new Spool('remnant', 2.9), new Spool('whole', 30.0)], '12 AWG red' => [new Spool('short', 1.0)]]);
        $plans = [];
        foreach (CutPlan::allOf($pieces, 0.1, $shelf) as $plan) {
            $plans[$plan->stock->name()] = array_map(static fn (Spool $spool): string => "{$spool->name} {$spool->length}", $plan->spools());
        }
        // 2.85 m and 0.15 m do not go into 2.9 m together: less is left over by one spool than by both lengths.
        self::assertSame(['12 AWG black' => ['to buy 1.65'], '12 AWG red' => ['to buy 1.65'], '10 AWG black' => ['to buy 3.3'], '10 AWG red' => ['whole 30']], $plans);
    }
}
