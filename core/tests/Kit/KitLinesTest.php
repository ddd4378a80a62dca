<?php

declare(strict_types=1);

namespace Dinghy\Tests\Kit;

use Dinghy\Kit\Line\KitLine;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;

/** What a change of the plan does to the list. */
final class KitLinesTest extends KitCase
{
    /**
     * @param  array<string, array<string, mixed>>  $changes
     * @param  array<string, float>  $more  quantities that differ, by item; 0: gone
     */
    #[DataProvider('changes')]
    public function test_the_list_follows_the_plan(array $changes, array $more): void
    {
        [$before, $after] = [self::list(Plans::pump()), self::list(Plans::changed(Plans::pump(), $changes))];
        $differ = [];
        foreach (array_keys($before + $after) as $item) {
            if (($before[$item] ?? 0.0) !== ($after[$item] ?? 0.0)) {
                $differ[$item] = $after[$item] ?? 0.0;
            }
        }
        ksort($differ);
        ksort($more);
        self::assertSame($more, $differ);
    }

    /** @return iterable<string, array{array<string, array<string, mixed>>, array<string, float>}> */
    public static function changes(): iterable
    {
        yield 'a metre more' => [['feed:f1' => ['run.length_m' => 4]], ['10 AWG red' => 4.4, '10 AWG black' => 4.4, 'Tie' => 15.0]];
        yield 'no waste' => [['plan' => ['house_rules' => ['waste_pct' => 0]]], ['10 AWG red' => 3.0, '10 AWG black' => 3.0, '12 AWG red' => 1.5, '12 AWG black' => 1.5]];
        yield 'another fuse' => [['feed:f1' => ['protection.0.rating_a' => 20]], ['Blade fuse 15 A' => 0.0, 'Blade fuse 20 A' => 3.0]];
        yield 'a stud of another size' => [
            ['battery:b1' => ['stud_pos' => 'M8']],
            ['Ring terminal 10 AWG (6 mm²), hole 3/8' => 0.0, 'Ring terminal 12 AWG (4 mm²), hole 3/8' => 0.0, 'Ring terminal 10 AWG (6 mm²), hole M8' => 1.0, 'Ring terminal 12 AWG (4 mm²), hole M8' => 1.0],
        ];
        yield 'a stud that nobody knows' => [
            ['battery:b1' => ['stud_neg' => Plans::UNKNOWN]],
            ['Ring terminal 10 AWG (6 mm²), hole 5/16' => 0.0, 'Ring terminal 12 AWG (4 mm²), hole 5/16' => 0.0, 'Ring terminal 10 AWG (6 mm²), hole not known' => 1.0, 'Ring terminal 12 AWG (4 mm²), hole not known' => 1.0],
        ];
        yield 'a boot' => [['battery:b1' => ['booted' => false]], ['Boot for a positive post' => 1.0]];
        yield 'a switch' => [['feed:f1' => ['switch' => true, 'switch_rating_a' => 30]], ['Switch 30 A' => 1.0]];
        yield 'a plug' => [['feed:f1' => ['run.plug' => ['rating_a' => 30, 'max_v' => 48, 'keyed' => true]]], ['Plug and socket 30 A, to 48 V, one way only' => 1.0]];
        yield 'a joint that is planned' => [
            ['device:d1' => ['lead' => ['gauge' => '16 AWG', 'length_m' => 0.5, 'connector' => ['name' => 'reducer', 'thinnest' => '16 AWG', 'thickest' => '10 AWG']]]],
            ['Reducer (16 AWG to 10 AWG)' => 2.0],
        ];
        // Solder takes the terminals without their own sleeves: each gets one, and one more over the butts.
        yield 'joints that are soldered' => [
            ['plan' => ['house_rules' => ['joint' => 'crimp-solder']]],
            [
                'Lug 10 AWG (6 mm²), hole 3/8' => 1.0, 'Lug 10 AWG (6 mm²), hole 5/16' => 1.0, 'Lug 12 AWG (4 mm²), hole 3/8' => 1.0, 'Lug 12 AWG (4 mm²), hole 5/16' => 1.0,
                'Ring terminal 10 AWG (6 mm²), hole 3/8' => 0.0, 'Ring terminal 10 AWG (6 mm²), hole 5/16' => 0.0, 'Ring terminal 12 AWG (4 mm²), hole 3/8' => 0.0, 'Ring terminal 12 AWG (4 mm²), hole 5/16' => 0.0,
                'Adhesive heat-shrink 6/2 mm' => 6.0, 'Solder, rosin core' => 0.3,
            ],
        ];
        yield 'joints by screws' => [['plan' => ['house_rules' => ['joint' => 'splice']]], ['Butt joint 10 AWG' => 0.0, 'Mechanical splice 10 AWG' => 2.0]];
    }

    public function test_one_thing_wanted_in_a_run_and_at_a_lead_is_one_line(): void
    {
        $joint = ['name' => 'reducer', 'thinnest' => '16 AWG', 'thickest' => '10 AWG'];
        $list = self::kit(Plans::changed(Plans::pump(), ['feed:f1' => ['run.connectors' => [$joint]], 'device:d1' => ['lead' => ['gauge' => '16 AWG', 'length_m' => 0.5, 'connector' => $joint]]]))->lines;
        $lines = array_values(array_filter($list, static fn (KitLine $line): bool => $line->item === 'Reducer (16 AWG to 10 AWG)'));
        self::assertCount(1, $lines);
        self::assertSame([3.0, ['f1+2', 'f1-', 'feed:f1']], [$lines[0]->quantity, $lines[0]->for]);
    }

    public function test_a_breaker_is_its_own_switch_and_has_no_spares(): void
    {
        $list = self::list(Plans::changed(Plans::pump(), ['feed:f1' => ['switch' => true, 'protection' => [['family' => 'breaker', 'rating_a' => 30, 'from_source_m' => 0.15, 'stud' => 'M8']]]]));
        self::assertSame(1.0, $list['Thermal breaker 30 A']);
        self::assertArrayNotHasKey('Switch', $list);
        self::assertArrayNotHasKey('Holder for a thermal breaker', $list);
    }

    public function test_two_fuses_of_a_size_share_their_spares_and_those_of_a_block_need_no_holder(): void
    {
        $list = self::list(Plans::demo('boats/skiff'));
        self::assertSame([4.0, 3.0, 3.0], [$list['Blade fuse 5 A'], $list['Blade fuse 7.5 A'], $list['Blade fuse 3 A']]);
        self::assertArrayNotHasKey('Holder for a blade fuse', $list);
    }

    public function test_ways_ask_for_what_holds_protects_and_pulls(): void
    {
        $bulkhead = Plans::routed();
        $way = array_values(Plans::evaluate($bulkhead)->boat->plan->boat->ways)[0]->id;
        $chafing = static fn (string $how): array => array_values(array_filter(array_keys(self::list(Plans::changed($bulkhead, ["way:{$way}" => ['chafe' => $how]]))), static fn (string $item): bool => str_starts_with($item, 'Grommet') || str_starts_with($item, 'Hose guard')));
        $cord = static fn (bool $is): float => self::list(Plans::changed($bulkhead, ["way:{$way}" => ['kind' => 'tube', 'bore_mm' => 40, 'pull_cord' => $is]]))['Pull cord, left in the tube'] ?? 0.0;
        self::assertGreaterThan($cord(true), $cord(false));
        self::assertSame([], $chafing('protected'));
        self::assertCount(1, $chafing('bulkhead'));
        self::assertSame(['Hose guard over an edge, slit'], $chafing('edge'));
    }

    public function test_holes_are_sealed_by_where_they_are_and_what_they_go_through(): void
    {
        $sealants = static function (string $material, bool $below): array {
            $list = self::list(Plans::changed(Plans::routed(), ['hole:hole' => ['material' => $material, 'below_water' => $below, 'for' => 'bolt', 'diameter_mm' => 6.5]]));

            return array_values(array_filter(array_keys($list), static fn (string $item): bool => preg_match('/sealant|Epoxy|paste/', $item) === 1));
        };
        self::assertSame(['Bedding sealant, above the waterline, 290 ml'], $sealants('fibreglass', false));
        self::assertSame(['Polyurethane sealant, below the waterline, 290 ml', 'Epoxy, thickened, to close the core, 290 ml'], $sealants('cored', true));
        self::assertSame(['Insulating paste for stainless in aluminium', 'Bedding sealant, above the waterline, 290 ml'], $sealants('aluminium', false));
    }

    /** Every line leads to pieces of the kit or parts of the plan, and every made piece is on the list. */
    public function test_lines_lead_to_their_places_and_back(): void
    {
        foreach (['skiff', 'console', 'pontoon', 'rowing', 'catamaran'] as $boat) {
            $document = Plans::demo("boats/{$boat}");
            $kit = self::kit($document);
            $ids = array_column(array_map(static fn ($piece): array => ['id' => $piece->id], $kit->pieces), 'id');
            $named = array_unique(array_merge([], ...array_map(static fn (KitLine $line): array => $line->for, $kit->lines)));
            foreach (array_diff($named, $ids) as $on) {
                [$kind, $id] = explode(':', $on, 2);
                self::assertArrayHasKey($id, $document->partsOf($kind), "{$boat}: {$on}");
            }
            self::assertSame([], array_diff($ids, $named), $boat);
            self::assertSame($ids, array_unique($ids));
        }
    }
}
