<?php

declare(strict_types=1);

namespace Dinghy\Tests\Joint;

use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\MetricSize;
use Dinghy\Conductor\OutsideDiameter;
use Dinghy\Joint\Barrel;
use Dinghy\Joint\CrimpDie;
use Dinghy\Joint\PullTest;
use Dinghy\Joint\Sleeve;
use Dinghy\Joint\StepDown;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class JointTest extends TestCase
{
    /** ABYC E-11 and UL 486A, from memory: 8 AWG 45 lbf, 6 AWG 50 lbf, 4/0 AWG 225 lbf, a pound-force being 4.448 N. */
    #[DataProvider('pulls')]
    public function test_a_crimp_bears_what_the_publication_asks(string $gauge, ?float $newtons): void
    {
        self::assertEqualsWithDelta($newtons, PullTest::newtons(Gauge::of($gauge)), 0.5);
    }

    /** @return iterable<string, array{string, float|null}> */
    public static function pulls(): iterable
    {
        yield '8 AWG' => ['8 AWG', 200.2];
        yield '6 AWG' => ['6 AWG', 222.4];
        yield '4/0 AWG' => ['4/0 AWG', 1000.9];
        // 16 mm² lies between 6 AWG (13.3) and 4 AWG (21.1), 10 mm² between 8 (8.4) and 6.
        yield '16 mm², as 6 AWG' => ['16 mm2', 222.4];
        yield '10 mm², as 8 AWG' => ['10 mm2', 200.2];
        yield '1 mm², as 18 AWG' => ['1 mm2', 44.5];
    }

    public function test_thinner_than_the_table_begins_nothing_is_said(): void
    {
        self::assertNull(PullTest::newtons(Gauge::of('0.75 mm2')));
    }

    /** Common practice, no source: 12 to 14 mm for a lug of 6 AWG, 6 to 9 mm for a butt. */
    public function test_strip_lengths_lie_where_riggers_have_them(): void
    {
        self::assertGreaterThanOrEqual(12.0, Barrel::ofLug(Gauge::of('6 AWG'))->strip());
        self::assertLessThanOrEqual(14.0, Barrel::ofLug(Gauge::of('6 AWG'))->strip());
        foreach (['18 AWG', '16 AWG', '14 AWG', '12 AWG', '10 AWG', '2.5 mm2', '6 mm2'] as $gauge) {
            self::assertGreaterThanOrEqual(6.0, Barrel::ofButt(Gauge::of($gauge))->strip());
            self::assertLessThanOrEqual(9.0, Barrel::ofButt(Gauge::of($gauge))->strip());
        }
    }

    public function test_barrels_grow_with_the_wire(): void
    {
        $before = null;
        foreach (['18 AWG', '16 AWG', '14 AWG', '12 AWG', '10 AWG', '8 AWG', '6 AWG', '4 AWG', '2 AWG', '1/0 AWG', '2/0 AWG', '4/0 AWG'] as $name) {
            $gauge = Gauge::of($name);
            $barrel = Barrel::ofLug($gauge);
            self::assertGreaterThan(sqrt(4 * $gauge->areaMm2 / M_PI), $barrel->outside, "the barrel of {$name} is thicker than its copper");
            self::assertGreaterThanOrEqual($before->depth ?? 0.0, $barrel->depth);
            self::assertGreaterThan($before->outside ?? 0.0, $barrel->outside);
            $before = $barrel;
        }
    }

    /** Common practice, no source: red 22–16 (18), blue 16–14, yellow 12–10. */
    #[DataProvider('dies')]
    public function test_dies(string $gauge, string $die): void
    {
        self::assertSame($die, CrimpDie::of(Gauge::of($gauge)));
        self::assertSame(str_ends_with($die, 'nest'), CrimpDie::isInsulated(Gauge::of($gauge)));
    }

    /** @return iterable<string, array{string, string}> */
    public static function dies(): iterable
    {
        yield '18' => ['18 AWG', 'red nest'];
        yield '16' => ['16 AWG', 'blue nest'];
        yield '14' => ['14 AWG', 'blue nest'];
        yield '12' => ['12 AWG', 'yellow nest'];
        yield '10' => ['10 AWG', 'yellow nest'];
        yield '6 mm²' => ['6 mm2', 'yellow nest'];
        yield '8' => ['8 AWG', 'hexagon 8 AWG'];
        yield '16 mm²' => ['16 mm2', 'hexagon 16 mm²'];
    }

    /** The two inequalities of the trade on every gauge: recovered ≤ 0.8 × wire, supplied ≥ 1.2 × barrel; and no smaller size does both. */
    public function test_a_sleeve_goes_over_the_barrel_and_grips_the_wire(): void
    {
        foreach (['8 AWG', '6 AWG', '4 AWG', '2 AWG', '1/0 AWG', '4/0 AWG', '16 mm2', '35 mm2'] as $name) {
            $gauge = Gauge::of($name);
            [$barrel, $wire] = [Barrel::ofLug($gauge)->outside, OutsideDiameter::single($gauge)];
            $sleeve = Sleeve::fitting($barrel, $wire);
            self::assertNotNull($sleeve, $name);
            self::assertGreaterThanOrEqual(1.2 * $barrel, $sleeve->supplied);
            self::assertLessThanOrEqual(0.8 * $wire, $sleeve->recovered);
        }
        self::assertSame('12/4 mm', (string) Sleeve::fitting(8.0, 7.2));
        self::assertNull(Sleeve::fitting(15.0, 2.2), 'three to one does not span that');
    }

    /** Every strand goes in, and the next smaller size would not take them: AWG areas by ASTM B258. */
    public function test_the_metric_size_of_a_lug_takes_every_strand(): void
    {
        $sizes = ['18 AWG' => 1.0, '16 AWG' => 1.5, '14 AWG' => 2.5, '12 AWG' => 4.0, '10 AWG' => 6.0, '8 AWG' => 10.0, '6 AWG' => 16.0, '4 AWG' => 25.0, '2 AWG' => 35.0, '2/0 AWG' => 70.0, '16 mm2' => 16.0];
        foreach ($sizes as $gauge => $takes) {
            self::assertSame($takes, MetricSize::taking(Gauge::of($gauge)), $gauge);
        }
    }

    public function test_step_downs_join_neighbours_whichever_is_named_first(): void
    {
        foreach ([['10 AWG', '16 AWG'], ['12 AWG', '14 AWG'], ['6 AWG', '10 AWG'], ['4 AWG', '6 AWG'], ['2.5 mm2', '16 AWG']] as [$one, $other]) {
            self::assertTrue(StepDown::joins(Gauge::of($one), Gauge::of($other)), "{$one} and {$other}");
            self::assertTrue(StepDown::joins(Gauge::of($other), Gauge::of($one)), "{$other} and {$one}");
        }
        self::assertFalse(StepDown::joins(Gauge::of('2 AWG'), Gauge::of('16 AWG')));
    }
}
