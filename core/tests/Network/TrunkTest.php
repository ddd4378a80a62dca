<?php

declare(strict_types=1);

namespace Dinghy\Tests\Network;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\Circuit\SpiceNetlist;
use Dinghy\Circuit\State;
use Dinghy\Network\Backbone;
use Dinghy\Network\PowerTap;
use Dinghy\Network\Trunk;
use Dinghy\Network\TrunkLeg;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Tests\Circuit\Ngspice;
use Dinghy\Tests\Plans;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Volts along an instrument backbone: against closed forms worked by hand, and against ngspice. */
final class TrunkTest extends TestCase
{
    /**
     * Light cable, 0.057 Ω/m [pub NMEA 2000, mem], 12 V at the start, 2 load units at 1 m on 2 m of drop, 3 at 5 m on 1 m: 0.25 A
     * through the first metre, 0.15 A through the next four, 0.1 A and 0.15 A through the drops, both conductors.
     */
    public function test_one_tap_by_hand(): void
    {
        $trunk = Plans::evaluate(Plans::sounding())->boat->figures(SonarFigures::class)->trunks['bus'];
        $first = 12 - 2 * 0.057 * 0.25 * 1;
        $second = $first - 2 * 0.057 * 0.15 * 4;
        self::assertEqualsWithDelta($first - 2 * 0.057 * 0.1 * 2, $trunk->at(0), 1e-5);
        self::assertEqualsWithDelta($second - 2 * 0.057 * 0.15 * 1, $trunk->at(1), 1e-5);
        self::assertSame(1, $trunk->worst());
        self::assertEqualsWithDelta(12 - $second, $trunk->drop, 1e-5);
        self::assertSame(60.0, $trunk->backbone->ohmsAcross());
        self::assertEqualsWithDelta([[0.0, 1.0, 0.25], [1.0, 5.0, 0.15]], array_map(static fn (TrunkLeg $leg): array => [$leg->from, $leg->to, $leg->amps], $trunk->legs), 1e-5);
    }

    /** A tap that says no volts has those at the end of the branch that leads to it, everything on; the backbone draws 0.25 A there. */
    public function test_a_tap_that_a_branch_feeds(): void
    {
        $fed = Plans::changed(Plans::sounding(), ['backbone:bus' => ['power' => [['at_m' => 0]]], 'block:fuses' => ['circuits' => 8]]);
        $root = $fed->root();
        $root->blocks[0]->branches[] = (object) ['id' => 'to-bus', 'class' => 'electronics', 'fuse_a' => 3, 'run' => (object) ['length_m' => 2, 'gauge' => '16 AWG', 'cable' => 'pair'], 'to' => (object) ['backbone' => 'bus']];
        $boat = Plans::evaluate($fed->format->document(json_encode($root, JSON_THROW_ON_ERROR)))->boat;
        self::assertEqualsWithDelta(0.25, $boat->runs['to-bus']->amps, 1e-9);
        $spice = Ngspice::run($boat->states->netlist(State::Loaded));
        $tap = $spice[SpiceNetlist::nameOf('bus+')] - $spice[SpiceNetlist::nameOf('bus-')];
        self::assertEqualsWithDelta($tap - 2 * 0.057 * 0.25 * 1 - 2 * 0.057 * 0.1 * 2, $boat->figures(SonarFigures::class)->trunks['bus']->at(0), 1e-4);
        // It loses on its way to the tap, and is judged there like any circuit.
        self::assertLessThan(12.7, $tap);
        self::assertSame([], array_filter(Plans::evaluate($fed->format->document(json_encode($root, JSON_THROW_ON_ERROR)))->findings, static fn (Finding $finding): bool => $finding->level !== Level::Note));
    }

    /** The quick estimate 0.1 · LEN · m · Ω/m [pub NMEA 2000, mem] is exact where all of the load hangs at the far end. */
    public function test_the_quick_estimate_is_the_whole_load_at_the_end(): void
    {
        $trunk = self::trunk(['length_m' => 20, 'nodes' => [['device' => 'heading', 'at_m' => 20, 'len' => 8]]]);
        self::assertEqualsWithDelta(0.1 * 8 * 20 * 0.057, $trunk->drop, 1e-5);
    }

    /** Two taps feed a node between them like a bridge: the nearer gives more. Parted, each feeds its own. */
    public function test_two_taps(): void
    {
        $taps = [['at_m' => 0, 'volts' => 12], ['at_m' => 6, 'volts' => 12]];
        $nodes = [['device' => 'heading', 'at_m' => 2, 'len' => 6]];
        // 0.3 A: two thirds through 2 m, one third through 4 m.
        self::assertEqualsWithDelta(12 - 2 * 0.057 * 0.2 * 2, self::trunk(['power' => $taps, 'nodes' => $nodes])->at(0), 1e-5);
        self::assertEqualsWithDelta(12 - 2 * 0.057 * 0.3 * 2, self::trunk(['power' => $taps, 'nodes' => $nodes, 'isolated_at_m' => 3])->at(0), 1e-5);
        // Behind an isolating tee without a tap of its own there is nothing.
        self::assertSame(0.0, self::trunk(['nodes' => [['device' => 'heading', 'at_m' => 5]], 'isolated_at_m' => 3])->at(0));
        self::assertNull(self::trunk(['power' => [['at_m' => 0], ['at_m' => 6, 'volts' => 12]]])->at(0));
    }

    /** Nobody does better than the place that is said to be the best. */
    public function test_the_best_place_for_the_tap(): void
    {
        $powered = static fn (float $at): Trunk => self::trunk(['length_m' => 12, 'power' => [['at_m' => $at, 'volts' => 12]], 'nodes' => [['device' => 'heading', 'at_m' => 1, 'len' => 1], ['device' => 'antenna', 'at_m' => 11, 'len' => 9]]]);
        $drop = static fn (float $at): float => $powered($at)->drop ?? INF;
        $best = $powered(0)->backbone->bestTap();
        // x from the light one: 1 · (x − 1) = 9 · (11 − x) has them lose the same.
        self::assertEqualsWithDelta(10.0, $best, 0.05);
        for ($at = 0.0; $at <= 12; $at += 0.37) {
            self::assertGreaterThanOrEqual($drop($best) - 1e-9, $drop($at));
        }
    }

    #[Group('many-boats')]
    public function test_random_backbones_against_ngspice(): void
    {
        $seed = Seed::sown();
        for ($i = 0; $i < 25; $i++) {
            $trunk = self::trunk(self::random());
            if ($trunk->backbone->taps === []) {
                continue;
            }
            $volts = Ngspice::operatingPoint(self::elements($trunk->backbone));
            foreach ($trunk->backbone->nodes as $n => $node) {
                self::assertEqualsWithDelta($volts["d{$n}p"] - $volts["d{$n}m"], $trunk->at($n), 2e-5, "SEED={$seed}, backbone {$i}, node {$n}");
            }
        }
    }

    /** @return array<string, mixed> */
    private static function random(): array
    {
        $at = static fn (): float => mt_rand(0, 300) / 10;

        return [
            'length_m' => 30, 'cable' => mt_rand(0, 1) === 1 ? 'light' : 'heavy',
            'power' => array_map(static fn (): array => ['at_m' => $at(), 'volts' => mt_rand(110, 140) / 10], range(1, mt_rand(1, 2))),
            'nodes' => array_map(static fn (string $device): array => ['device' => $device, 'at_m' => $at(), 'drop_m' => mt_rand(0, 60) / 10, 'len' => mt_rand(1, 6), ...(mt_rand(0, 1) === 1 ? ['drop_cable' => 'light'] : [])], ['heading', 'antenna', 'screen', 'module']),
        ];
    }

    /** @return list<string> SPICE elements, every tenth of a metre of trunk a resistor of its own */
    private static function elements(Backbone $backbone): array
    {
        $elements = [];
        $ohms = $backbone->cable->ohmsPerMetre() * 0.1;
        for ($i = 1; $i <= round($backbone->length * 10); $i++) {
            foreach (['p', 'm'] as $side) {
                $elements[] = "R{$side}{$i} t".($i - 1)."{$side} t{$i}{$side} {$ohms}";
            }
        }
        $place = static fn (float $at): int => (int) round($at * 10);
        foreach ($backbone->taps as $n => $tap) {
            $elements[] = "V{$n} t{$place($tap->at)}p v{$n} {$tap->volts}";
            // Two taps are two sources that share a negative through the trunk alone; an ammeter's resistance keeps them apart.
            $elements[] = "RV{$n} v{$n} t{$place($tap->at)}m 1e-6";
        }
        foreach ($backbone->nodes as $n => $node) {
            $drop = max(1e-6, $node->cable->ohmsPerMetre() * $node->drop);
            $elements[] = "Rdp{$n} t{$place($node->at)}p d{$n}p {$drop}";
            $elements[] = "Rdm{$n} t{$place($node->at)}m d{$n}m {$drop}";
            $elements[] = "I{$n} d{$n}p d{$n}m {$node->amps()}";
        }
        $elements[] = 'Rground t0m 0 1';

        return $elements;
    }

    /** @param  array<string, mixed>  $changes */
    private static function trunk(array $changes): Trunk
    {
        $backbone = Plans::evaluate(Plans::changed(Plans::sounding(), ['backbone:bus' => $changes]))->boat->figures(SonarFigures::class)->network->backbones['bus'];

        return Trunk::of($backbone, array_map(static fn (PowerTap $tap): ?float => $tap->volts, $backbone->taps));
    }
}
