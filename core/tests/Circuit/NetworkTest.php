<?php

declare(strict_types=1);

namespace Dinghy\Tests\Circuit;

use Dinghy\Circuit\Load;
use Dinghy\Circuit\Meter;
use Dinghy\Circuit\Network;
use Dinghy\Circuit\Overload;
use Dinghy\Circuit\Resistor;
use Dinghy\Circuit\Solution;
use Dinghy\Circuit\Source;
use Dinghy\Plan\LoadKind;
use PHPUnit\Framework\TestCase;

final class NetworkTest extends TestCase
{
    public function test_a_divider_worked_by_hand(): void
    {
        $network = new Network(
            [new Source('b', '+', '-', 12.0, 1.0)],
            [new Resistor('r1', '+', 'mid', 2.0), new Resistor('r2', 'mid', '-', 3.0)],
            [],
        );
        $rest = $network->atRest();
        self::assertEqualsWithDelta(10.0, $rest->between('+', '-'), 1e-12);
        self::assertEqualsWithDelta(6.0, $rest->between('mid', '-'), 1e-12);
        self::assertEqualsWithDelta(-4.0, $rest->between('mid', '+'), 1e-12);
        self::assertEqualsWithDelta(2.0, $rest->sourceAmps()['b'], 1e-12);
    }

    public function test_points_that_nothing_joins_have_no_volts_between_them(): void
    {
        $network = new Network([new Source('a', 'a+', 'a-', 12, 0.01), new Source('b', 'b+', 'b-', 12, 0.01)], [], []);
        self::assertNull($network->atRest()->between('a+', 'b-'));
        self::assertEqualsWithDelta(12.0, $network->atRest()->between('b+', 'b-'), 1e-9);
        self::assertSame(0.0, $network->shortCircuitAmps('a+', 'b-'));
        self::assertEqualsWithDelta(1200.0, $network->shortCircuitAmps('a+', 'a-'), 1e-6);
    }

    /** V = (E + √(E² − 4PR))/2 for constant power P behind R. */
    public function test_a_constant_power_load_settles_on_the_upper_root(): void
    {
        $loaded = self::fed(LoadKind::Power, 50.0, 0.02)->loaded();
        self::assertInstanceOf(Solution::class, $loaded);
        self::assertEqualsWithDelta((12 + sqrt(144 - 4 * 600 * 0.02)) / 2, $loaded->between('+', '-'), 1e-8);
    }

    public function test_loads_keep_what_their_kind_says(): void
    {
        self::assertEqualsWithDelta(11.0, self::loaded(self::fed(LoadKind::Current, 50.0, 0.02))->between('+', '-'), 1e-9);
        self::assertEqualsWithDelta(12 * 0.24 / 0.26, self::loaded(self::fed(LoadKind::Resistance, 50.0, 0.02))->between('+', '-'), 1e-9);
    }

    /** More than E²/4R = 1800 W cannot be drawn through 20 mΩ from 12 V. */
    public function test_a_load_that_cannot_be_fed_has_no_operating_point(): void
    {
        $overload = self::fed(LoadKind::Power, 160.0, 0.02)->loaded();
        self::assertInstanceOf(Overload::class, $overload);
        self::assertSame('l', $overload->load);
        self::assertEqualsWithDelta(150.0, $overload->mostAmps, 0.01, 'A at 12 V nominal are 1800 W');
        self::assertEqualsWithDelta(150 / 160, $overload->share, 1e-4);
        self::assertInstanceOf(Solution::class, self::fed(LoadKind::Power, 149.9, 0.02)->loaded());
    }

    /** One bank overloaded, another of its own: the other's volts are known. */
    public function test_what_cannot_be_fed_takes_nothing_from_what_it_is_not_joined_to(): void
    {
        $overload = (new Network(
            [new Source('a', 'a+', 'a-', 12.0, 0.02), new Source('b', 'b+', 'b-', 12.0, 0.02)], [],
            [new Load('too much', 'a+', 'a-', LoadKind::Power, 160, 12), new Load('little', 'b+', 'b-', LoadKind::Current, 5, 12)],
        ))->loaded();

        self::assertInstanceOf(Overload::class, $overload);
        self::assertSame('too much', $overload->load);
        self::assertNull($overload->elsewhere?->between('a+', 'a-'));
        self::assertEqualsWithDelta(11.9, $overload->elsewhere?->between('b+', 'b-'), 1e-9);
        self::assertSame(['b'], array_keys($overload->elsewhere?->sourceAmps() ?? []));
    }

    public function test_current_that_would_turn_the_volts_around_cannot_be_fed(): void
    {
        self::assertInstanceOf(Overload::class, self::fed(LoadKind::Current, 700.0, 0.02)->loaded());
    }

    public function test_a_load_between_parts_that_nothing_joins_draws_nothing(): void
    {
        $network = new Network(
            [new Source('a', 'a+', 'a-', 12, 0.01), new Source('b', 'b+', 'b-', 12, 0.01)], [],
            [new Load('l', 'a+', 'b-', LoadKind::Power, 5, 12), new Load('m', 'b-', 'b+', LoadKind::Power, 5, 12)],
        );
        self::assertSame([], $network->fedLoads());
        self::assertEqualsWithDelta(12.0, self::loaded($network)->between('a+', 'a-'), 1e-12);
        self::assertCount(2, Agreement::islands($network->topology));
    }

    public function test_a_meter_is_a_load_of_ten_megohms(): void
    {
        $network = new Network([new Source('b', '+', '-', 12.0, 0.01)], [new Resistor('leak', '+', 'x', 1e6), new Resistor('off', 'y', 'z', 1)], []);
        self::assertEqualsWithDelta(12 * 10 / 11, Meter::read($network, $network->atRest(), 'x', '-')->volts, 1e-6);
        self::assertTrue(Meter::read($network, $network->atRest(), 'y', '-')->floating);
    }

    public function test_a_resistance_below_zero_is_refused(): void
    {
        // Compiled as well: after so many, PHP's just-in-time compiler has had its say.
        for ($i = 0; $i < 20_000; $i++) {
            Resistor::atLeast(0.001 * $i);
        }
        self::assertGreaterThan(0.0, (new Resistor('r', 'a', 'b', 0.0))->ohms);
        foreach ([-1.0, NAN, INF] as $ohms) {
            try {
                new Resistor('r', 'a', 'b', $ohms);
                self::fail("{$ohms} passed.");
            } catch (\DomainException $e) {
                self::assertStringContainsString('ohms', $e->getMessage());
            }
        }
    }

    /** Random networks with loops, against ngspice on the same elements: every node within 1 mV. */
    public function test_against_ngspice(): void
    {
        mt_srand(7);
        for ($case = 0; $case < 12; $case++) {
            $nodes = 12;
            $resistors = [];
            $lines = [];
            for ($i = 1; $i < 2 * $nodes; $i++) {
                // The first ones make a tree that holds everything together; the rest close loops.
                $from = $i < $nodes ? $i : mt_rand(0, $nodes - 1);
                $to = $i < $nodes ? mt_rand(0, $i - 1) : mt_rand(0, $nodes - 1);
                if ($from === $to) {
                    continue;
                }
                $ohms = 10 ** (mt_rand(-40, 0) / 10);
                $resistors[] = new Resistor("r{$i}", "n{$from}", "n{$to}", $ohms);
                $lines[] = sprintf('R%d n%d n%d %.12g', $i, $from, $to, $ohms);
            }
            $sources = [new Source('a', 'n3', 'n0', 12.7, 0.005), new Source('b', 'n7', 'n0', 13.3, 0.007)];
            $lines[] = 'VA x3 n0 12.7';
            $lines[] = 'RA x3 n3 0.005';
            $lines[] = 'VB x7 n0 13.3';
            $lines[] = 'RB x7 n7 0.007';
            $lines[] = 'IL n11 n0 3';
            $lines[] = 'RG n0 0 0.000001';
            $solved = (new Network($sources, $resistors, [new Load('l', 'n11', 'n0', LoadKind::Current, 3.0, 12.0)]))->loaded();
            self::assertInstanceOf(Solution::class, $solved, "case {$case}");
            $spice = Ngspice::operatingPoint($lines);
            for ($node = 1; $node < $nodes; $node++) {
                self::assertEqualsWithDelta($spice["n{$node}"] - $spice['n0'], $solved->between("n{$node}", 'n0'), 0.001, "case {$case}, node {$node}");
            }
        }
    }

    private static function loaded(Network $network): Solution
    {
        $loaded = $network->loaded();

        return $loaded instanceof Solution ? $loaded : throw new \LogicException('cannot be fed');
    }

    private static function fed(LoadKind $kind, float $amps, float $ohms): Network
    {
        return new Network([new Source('b', '+', '-', 12.0, $ohms)], [], [new Load('l', '+', '-', $kind, $amps, 12.0)]);
    }
}
