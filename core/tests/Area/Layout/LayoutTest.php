<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Layout;

use Dinghy\Area\Layout\Figure\Pull;
use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\OutsideDiameter;
use Dinghy\Conduit\Bore;
use Dinghy\Conduit\Cable;
use Dinghy\Geometry\Spot;
use Dinghy\Hull\HullKind;
use Dinghy\Hull\Outline;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LayoutTest extends TestCase
{
    /**
     * NEC chapter 9 table 1, from memory: 53, 31, 40 %. Worked by hand: the circles' diameters squared over the bore's.
     *
     * @param  list<float>  $diameters
     */
    #[DataProvider('tubes')]
    public function test_how_full_a_tube_is(float $bore, array $diameters, float $fill, bool $tooFull): void
    {
        $tube = self::bore($bore, $diameters);

        self::assertEqualsWithDelta($fill, $tube->fill(), 1e-9);
        self::assertSame($tooFull, $tube->isTooFull());
    }

    /** @return array<string, array{float, list<float>, float, bool}> */
    public static function tubes(): array
    {
        return [
            'one at 49 %' => [10, [7], 0.49, false],
            'one at 53.3 %' => [10, [7.3], 0.5329, true],
            'two at 28.88 %' => [10, [3.8, 3.8], 0.2888, false],
            'two at 32 %' => [10, [4, 4], 0.32, true],
            'two at 40 %' => [10, [6, 2], 0.40, true],
            'three at the limit' => [10, [4, 4, 2.8284271247], 0.40, false],
            'four at 64 %' => [20, [8, 8, 8, 8], 0.64, true],
            'empty' => [20, [], 0.0, false],
        ];
    }

    /** What still goes in does go in, and nothing thicker does. */
    public function test_the_room_left_is_what_may_still_be_pulled_in(): void
    {
        foreach ([[38, [8.8, 8.8]], [25, [7.2]], [20, []], [50, [10, 9, 8, 7]]] as [$bore, $diameters]) {
            $room = self::bore($bore, $diameters)->room();
            self::assertGreaterThan(0, $room);
            self::assertFalse(self::bore($bore, [...$diameters, $room - 1e-6])->isTooFull());
            self::assertTrue(self::bore($bore, [...$diameters, $room + 1e-3])->isTooFull());
        }
        self::assertSame(0.0, self::bore(10, [6, 4])->room());
        // Two cables may fill 31 % (NEC chapter 9, table 1): of 10 mm beside 5.55 mm, √(0.31 · 10² − 5.55²) is left.
        self::assertEqualsWithDelta(0.4444, self::bore(10, [5.55])->room(), 1e-3);
        self::assertFalse(self::bore(self::bore(10, [6, 6])->needed() + 1e-9, [6, 6])->isTooFull());
    }

    /** Thicker copper, thicker wire; a metric size lies between its neighbours; a pair is two and its jacket. */
    public function test_how_thick_wires_are(): void
    {
        $names = array_map(Gauge::of(...), Gauge::names());
        usort($names, static fn (Gauge $a, Gauge $b): int => $a->areaMm2 <=> $b->areaMm2);
        $last = 0.0;
        foreach ($names as $gauge) {
            self::assertGreaterThanOrEqual($last, OutsideDiameter::single($gauge), $gauge->name);
            // Insulation: never less than a copper wire of that area would be across.
            self::assertGreaterThan(sqrt(4 / M_PI * $gauge->areaMm2), OutsideDiameter::single($gauge), $gauge->name);
            $last = OutsideDiameter::single($gauge);
        }
        self::assertEqualsWithDelta(2 * OutsideDiameter::single(Gauge::of('10 AWG')) + 2, OutsideDiameter::pair(Gauge::of('10 AWG')), 1e-9);
    }

    /** Both conductors of a run lie in its tube, a pair as one; a minus that goes elsewhere lies elsewhere. */
    public function test_what_lies_in_a_way(): void
    {
        $diameters = static fn (array $changes, string $way): array => array_map(static fn (Cable $cable): float => $cable->diameter,
            Plans::evaluate(Plans::changed(Plans::routed(), $changes))->boat->ducts->in(Plans::routed()->plan()->boat->way($way) ?? self::fail()));

        self::assertSame([7.2, 7.2], $diameters([], 'tube'));
        self::assertSame([], $diameters([], 'aft'));
        self::assertSame([16.4], $diameters(['feed:main' => ['run.cable' => 'pair']], 'tube'));
        self::assertSame([7.2], $diameters(['feed:main' => ['run.minus_route' => ['stern', 'side', 'bow']]], 'tube'));
        self::assertSame([7.2], $diameters(['feed:main' => ['run.minus_route' => ['stern', 'side', 'bow']]], 'aft'));
        self::assertSame([9.0, 7.2, 7.2], $diameters(['way:tube' => ['occupied_mm' => [9]]], 'tube'));
    }

    /** Worked by hand: 3–4–5 twice over a bend; the nearest point of a stretch is its foot or its end. */
    public function test_a_way_along_its_bends(): void
    {
        $plan = Plans::changed(Plans::routed(), ['way:tube' => ['bends_m' => [(object) ['x_m' => 0.8, 'y_m' => 0.4]]]])->plan();
        $way = $plan->boat->way('tube') ?? self::fail();
        $line = $plan->boat->lineOf($way);

        self::assertEqualsWithDelta(0.5 + hypot(3.2, 0.4), $line->length(), 1e-9);
        self::assertEqualsWithDelta(0.5, $line->from(new Spot(0.0, 0.0)), 1e-9);
        self::assertEqualsWithDelta(0.0, $line->from(new Spot(0.65, 0.2)), 1e-9);
        self::assertSame(3.6, $way->length, 'the tape wins');
    }

    /** Every hull is as long and as wide as it says, the same on both sides, and widens nowhere beyond its beam. */
    #[DataProvider('hulls')]
    public function test_hulls(HullKind $kind): void
    {
        $outline = new Outline($kind, 6.0, 2.4);
        $shell = $outline->shell();
        self::assertEqualsWithDelta(6.0, max(array_map(static fn (Spot $spot): float => $spot->x, $shell)), 1e-6);
        self::assertEqualsWithDelta(0.0, min(array_map(static fn (Spot $spot): float => $spot->x, $shell)), 1e-6);
        self::assertEqualsWithDelta(1.2, max(array_map(static fn (Spot $spot): float => $spot->y, $shell)), 0.012);
        self::assertEqualsWithDelta(0.0, array_sum(array_map(static fn (Spot $spot): float => $spot->y, $shell)), 1e-9);
        foreach ($outline->inner() as $ring) {
            foreach ($ring as $spot) {
                self::assertTrue($outline->holds($spot), "{$kind->value} at {$spot->x}, {$spot->y}");
            }
        }
        self::assertTrue($outline->holds(new Spot(3.0, 0.9)));
        self::assertFalse($outline->holds(new Spot(3.0, 1.3)));
        self::assertFalse($outline->holds(new Spot(6.1, 0.0)));
        self::assertFalse($outline->holds(new Spot(-0.1, 0.0)));
    }

    /** @return array<string, array{HullKind}> */
    public static function hulls(): array
    {
        return array_combine(array_column(HullKind::cases(), 'value'), array_map(static fn (HullKind $kind): array => [$kind], HullKind::cases()));
    }

    /** Common practice, no source: rod where it curves, tape where it is straight, the old wire where one lies there. */
    public function test_how_a_way_is_pulled(): void
    {
        $says = static function (array $changes): string {
            $plan = Plans::changed(Plans::routed(), $changes)->plan();

            return Pull::says($plan, $plan->boat->way('tube') ?? self::fail());
        };
        self::assertStringContainsString('steel tape', $says([]));
        self::assertStringContainsString('from Stern to Bow', $says([]));
        self::assertStringContainsString('glass rod', $says(['way:tube' => ['curved' => true]]));
        self::assertStringContainsString('old wire', $says(['way:tube' => ['curved' => true, 'old_wire' => true]]));
        self::assertStringContainsString('from Bow to Stern', $says(['station:bow' => ['lid' => 'aft']]));
        self::assertStringContainsString('by hand', $says(['way:tube' => ['kind' => 'open']]));
    }

    /** @param  list<float>  $diameters */
    private static function bore(float $millimetres, array $diameters): Bore
    {
        $way = Plans::changed(Plans::routed(), ['way:tube' => ['bore_mm' => $millimetres]])->plan()->boat->way('tube') ?? self::fail();

        return Bore::of($way, array_map(static fn (float $diameter): Cable => new Cable(null, 'a cable', $diameter), $diameters)) ?? self::fail();
    }
}
