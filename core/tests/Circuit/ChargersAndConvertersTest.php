<?php

declare(strict_types=1);

namespace Dinghy\Tests\Circuit;

use Dinghy\Area\StandardAreas;
use Dinghy\Circuit\Network;
use Dinghy\Circuit\Regulator;
use Dinghy\Circuit\Resistor;
use Dinghy\Circuit\Solution;
use Dinghy\Circuit\Source;
use Dinghy\Circuit\State;
use Dinghy\File\PlanDocument;
use Dinghy\Tests\Plans;
use Dinghy\Tests\RandomBoat;
use PHPUnit\Framework\TestCase;

/**
 * Chargers, converters, joined banks and chained blocks: by hand, and as circuits drawn by hand for ngspice.
 * Ω per metre as in HandMadeCircuitsTest: 12 AWG 5.5279 m, 10 AWG 3.4765 m.
 */
final class ChargersAndConvertersTest extends TestCase
{
    /** 15 A into 12.7 V behind 15 mΩ: 12.925 V at the posts; the lead of 1.5 m of 12 AWG and its rings, there and back, take 0.26 V. */
    public function test_a_charger_at_its_limit(): void
    {
        $charging = self::charging(Plans::pump());

        self::assertEqualsWithDelta(12.7 + 15 * 0.015, $charging->between('b1+', 'b1-'), 1e-4);
        self::assertEqualsWithDelta(12.925 + 15 * 2 * (1.5 * 0.0055279 + 0.0004), $charging->between('c1/0+', 'c1/0-'), 1e-4);
        self::assertEqualsWithDelta(-15.0, $charging->sourceAmps()['b1'], 1e-3);
    }

    /** Nearly full it holds 14.7 V, AGM's upper charging volts from memory: what flows is what the loop lets through. */
    public function test_a_charger_that_holds_its_volts(): void
    {
        $charging = self::charging(Plans::pump(['battery:b1' => ['rested_v' => 14.6]]));
        $loop = 0.015 + 2 * (1.5 * 0.0055279 + 0.0004) + Regulator::OHMS;

        self::assertEqualsWithDelta(-0.1 / $loop, $charging->sourceAmps()['b1'], 1e-3);
        self::assertEqualsWithDelta(14.7 - 0.1 / $loop * Regulator::OHMS, $charging->between('c1/0+', 'c1/0-'), 1e-6);
    }

    public function test_a_charger_takes_nothing_back(): void
    {
        $charging = self::charging(Plans::pump(['battery:b1' => ['rested_v' => 15.2]]));

        self::assertEqualsWithDelta(0.0, $charging->sourceAmps()['b1'], 1e-5);
        self::assertEqualsWithDelta(15.2, $charging->between('c1/0+', 'c1/0-'), 1e-5);
    }

    /**
     * Two banks that feed one pump, a charger of 15 A on the first: over both feeds, 3 m of 10 AWG and 2 m of 12 AWG behind 15 A
     * blades of 4 mΩ, it charges the second too. Nearly full, it holds its volts, and the second takes what comes.
     */
    public function test_a_charger_on_joined_banks_against_ngspice(): void
    {
        foreach ([12.7, 14.5] as $rested) {
            $document = Plans::pump(['battery:b1' => ['rested_v' => $rested]]);
            $root = $document->root();
            $document = Plans::changed($document, ['plan' => [
                'batteries' => [...$root->batteries, (object) ['id' => 'b2', 'chemistry' => 'agm', 'nominal_v' => 12, 'capacity_ah' => 80, 'rested_v' => 12.4, 'internal_mohm' => 20]],
                'banks' => [...$root->banks, (object) ['id' => 'second', 'strings' => [['b2']]]],
                'feeds' => [...$root->feeds, (object) ['id' => 'f2', 'class' => 'general', 'from' => (object) ['bank' => 'second'], 'protection' => [(object) ['family' => 'blade', 'rating_a' => 15]],
                    'run' => (object) ['length_m' => 2, 'gauge' => '12 AWG'], 'to' => (object) ['device' => 'd1']]],
            ]]);
            self::assertAgree($document, [
                "V1 e1 n1 {$rested}", 'R1 e1 p1 0.015', 'V2 e2 n2 12.4', 'R2 e2 p2 0.02',
                'RCP p1 cp 8.69185m', 'RCN n1 cn 8.69185m', 'BC cn cp I = min(max((14.7 - V(cp,cn)) / 0.001, 0), 15)', '.nodeset V(cp)=13 V(cn)=0 V(p1)=13 V(n1)=0',
                'RF1 p1 x1 4m', 'RP1 x1 dp 10.8295m', 'RM1 n1 dm 10.8295m', 'RF2 p2 x2 4m', 'RP2 x2 dp 11.4558m', 'RM2 n2 dm 11.4558m', 'RG n1 0 1',
            ], [['b1+', 'b1-', 'p1', 'n1'], ['b2+', 'b2-', 'p2', 'n2'], ['d1+', 'd1-', 'dp', 'dm'], ['c1/0+', 'c1/0-', 'cp', 'cn']],
                ['b1' => ['e1', 'p1', 0.015], 'b2' => ['e2', 'p2', 0.02]], State::Charging);
        }
    }

    /** Off in every other state: at rest the battery is alone. */
    public function test_chargers_are_off_until_they_charge(): void
    {
        foreach ([State::Rest, State::Loaded, State::Lowest] as $state) {
            self::assertNull(Plans::evaluate(Plans::pump())->boat->states->in($state)?->between('c1/0+', 'b1-'), $state->value);
        }
    }

    /** Two chargers on one battery: each at most its own, and none drives the other. */
    public function test_two_chargers_share_what_the_battery_takes(): void
    {
        $regulators = [new Regulator('a', 'p', 'n', 14.4, 10), new Regulator('b', 'p', 'n', 14.4, 4), new Regulator('c', 'p', 'n', 13.0, 50)];
        // 12 + 0.06 · 14 V would be 12.84 V: the third holds 13 V; at 14.31 V the first two hold theirs, 0.09 V over 60 mΩ.
        foreach ([[12.0, [10.0, 4.0, 2.623]], [14.31, [0.7438, 0.7438, 0.0]]] as [$volts, $amps]) {
            $network = new Network([new Source('s', 'p', 'm', $volts, 0.01)], [new Resistor('r', 'm', 'n', 0.05)], [], null, $regulators);
            $rest = $network->atRest();
            $given = array_map($rest->given(...), $regulators);
            self::assertEqualsWithDelta(array_sum($given), -$rest->sourceAmps()['s'], 1e-6);
            foreach ($amps as $i => $expected) {
                self::assertEqualsWithDelta($expected, $given[$i], 0.001, "{$volts} V");
            }
        }
    }

    /**
     * Three blocks of 5 mΩ feed a converter of 12 V, 20 A, 90 %, 0.1 A of its own; 1.2 m of 10 AWG to a block, from there
     * 2 m of 12 AWG to a screen of 5 A · 12 V. Not isolated: its minus is the bank's.
     */
    public function test_a_converter_against_ngspice(): void
    {
        foreach ([State::Loaded, State::Rest] as $state) {
            $watts = $state === State::Loaded ? 60 : 0;
            $given = 'min(max((12 - V(op,om)) / 0.001, (12 - V(op,om)) * 1e-6), 20 + (11.98 - V(op,om)) * 1e-6)';
            self::assertAgree(Plans::converted(), [
                'V1 e1 n1 12.7', 'R1 e1 p1 0.005', 'RJ1 p1 n2 0.81253m', 'V2 e2 n2 12.7', 'R2 e2 p2 0.005', 'RJ2 p2 n3 0.81253m', 'V3 e3 n3 12.7', 'R3 e3 p3 0.005',
                "BI p3 n1 I = max(0, V(op,om) * ({$given})) / 0.9 / max(V(p3,n1), 10) + 0.1", "BO om op I = {$given}", '.nodeset V(op)=12 V(om)=0', 'RC om n1 0.2m',
                'RL1 op kp 4.5718m', 'RL2 km om 4.5718m', 'RF kp f 0.008', 'RP f sp 11.4558m', 'RM km sm 11.4558m', "BL sp sm I = {$watts} / max(V(sp,sm), 5)", 'RG n1 0 1',
            ], [['b3+', 'b1-', 'p3', 'n1'], ['conv/0+', 'conv/-', 'op', 'om'], ['fuses+', 'fuses-', 'kp', 'km'], ['screen+', 'screen-', 'sp', 'sm']], ['b1' => ['e1', 'p1', 0.005], 'b3' => ['e3', 'p3', 0.005]], $state);
        }
    }

    /** What it draws is what it gives by its efficiency, and its standby. */
    public function test_what_a_converter_draws(): void
    {
        $loaded = Plans::evaluate(Plans::converted())->boat->states->in(State::Loaded);
        self::assertInstanceOf(Solution::class, $loaded);
        $given = ($loaded->between('conv/0+', 'conv/-') ?? 0.0) * ($loaded->between('conv/0+', 'fuses+') ?? 0.0) / 0.0045718;

        self::assertEqualsWithDelta($given / 0.9 / ($loaded->between('b3+', 'b1-') ?? 1.0) + 0.1, $loaded->sourceAmps()['b2'], 1e-4);
    }

    /** More than it can give: no volts, and it is said which load asks for what. */
    public function test_a_converter_beyond_its_limit(): void
    {
        $evaluation = Plans::evaluate(Plans::changed(Plans::converted(), ['device:screen' => ['typical_a' => 25, 'peak_a' => 25]]));

        self::assertSame('screen', $evaluation->boat->states->overload(State::Loaded)?->load);
        self::assertLessThan(21.0, $evaluation->boat->states->overload(State::Loaded)->mostAmps);
        self::assertContains('D02', array_map(static fn ($finding): string => $finding->rule->code, $evaluation->findings));
    }

    /** A short behind it draws no more than its limit, and F11 says that a fuse of more than half of it may not open. */
    public function test_a_short_behind_a_converter(): void
    {
        $evaluation = Plans::evaluate(Plans::changed(Plans::converted(), ['branch:to-screen' => ['fuse_a' => 15]]));
        $run = $evaluation->boat->runs['to-screen'];

        self::assertEqualsWithDelta(20.0, $evaluation->boat->states->shortAtFarEnd($run), 1e-9);
        self::assertEqualsWithDelta(20.0, $evaluation->boat->states->leastShortAtFarEnd($run), 1e-9);
        self::assertContains('F11 branch:to-screen', array_map(static fn ($finding): string => "{$finding->rule->code} {$finding->on}", $evaluation->findings));
    }

    /** A block that a branch of another feeds: both fuses and both wires lie in the way. */
    public function test_a_chained_block_against_ngspice(): void
    {
        $root = Plans::parallel()->root();
        $light = array_pop($root->blocks[0]->branches);
        $root->blocks[0]->branches[] = (object) ['id' => 'to-next', 'class' => 'general', 'fuse_a' => 20, 'run' => (object) ['length_m' => 3, 'gauge' => '10 AWG'], 'to' => (object) ['block' => 'next']];
        $root->blocks[] = (object) ['id' => 'next', 'circuits' => 4, 'rating_a' => 50, 'branches' => [$light]];
        $document = StandardAreas::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR));

        self::assertAgree($document, [
            'V1 e1 n1 13.3', 'R1 e1 q1 0.007', 'RF1 q1 p1 0.833333m', 'V2 e2 n2 13.3', 'R2 e2 q2 0.007', 'RF2 q2 p2 0.833333m', 'RJ1 p1 p2 0.563158m', 'RJ2 n1 n2 0.563158m',
            'RB p1 x 0.002', 'RP x k 4.5253m', 'RM n2 km 4.5253m',
            'RF3 k y 0.012', 'RP3 y z 8.69185m', 'RL3 z sp 24.96414m', 'RM3 km u 8.69185m', 'RN3 u sm 24.96414m', 'BS sp sm I = 24 / max(V(sp,sm), 5)',
            'RFN k g 0.003', 'RPN g b 10.8295m', 'RMN km bm 10.8295m',
            'RF4 b w 0.006', 'RP4 w lp 18.1518m', 'RM4 bm lm 18.1518m', 'BL lp lm I = 60 / max(V(lp,lm), 5)', 'RG n1 0 1',
        ], [['fuses+', 'fuses-', 'k', 'km'], ['next+', 'next-', 'b', 'bm'], ['light+', 'light-', 'lp', 'lm'], ['screen+', 'screen-', 'sp', 'sm']], ['h1' => ['e1', 'q1', 0.007]]);
        $evaluation = Plans::evaluate($document);
        self::assertSame(['main', 'to-next', 'to-light'], array_map(static fn ($circuit): string => $circuit->id, $evaluation->boat->wiring->pathsTo($evaluation->boat->plan->devices['light'])[0]->circuits));
        self::assertEqualsWithDelta(7.0, $evaluation->boat->runs['main']->amps, 1e-9, 'the feed carries what hangs on both blocks');
        self::assertEqualsWithDelta(5.0, $evaluation->boat->runs['to-next']->amps, 1e-9);
    }

    /** A fuse in a jumper and in a bond lies in the way of their current: 5 mΩ · 20/… by the simple law of the plan format. */
    public function test_fuses_in_jumpers_and_bonds(): void
    {
        $fuse = (object) ['family' => 'battery-post', 'rating_a' => 50, 'from_source_m' => 0.1];
        $document = Plans::changed(Plans::series(2, ['internal_mohm' => 5]), ['bank:thrust' => ['jumpers' => [(object) ['id' => 'j', 'from' => 'b1+', 'to' => 'b2-', 'gauge' => '6 AWG', 'length_m' => 0.3, 'protection' => $fuse]]],
            'device:m1' => ['load' => 'current', 'v_max' => 60]]);

        self::assertAgree($document, [
            'V1 e1 n1 12.7', 'R1 e1 p1 0.005', 'RU p1 u 1m', 'RJ u n2 0.81253m', 'V2 e2 n2 12.7', 'R2 e2 p2 0.005', 'RB p2 x 0.001', 'RP x mp 5.50226m', 'RM n1 mm 5.50226m', 'IM mp mm 56', 'RG n1 0 1',
        ], [['m1+', 'm1-', 'mp', 'mm'], ['b2-', 'b1-', 'n2', 'n1']], ['b1' => ['e1', 'p1', 0.005]]);
    }

    /** Two banks on one block, bonded, a converter and a chained block besides: whatever the lot brings, ngspice agrees on the plan's own netlist. */
    public function test_random_joined_boats(): void
    {
        $seed = (int) (getenv('SEED') ?: 20261127);
        mt_srand($seed);
        $compared = 0;
        for ($i = 0; $i < 20; $i++) {
            $evaluation = Plans::evaluate(RandomBoat::joined());
            foreach ([State::Rest, State::Loaded, State::Charging] as $state) {
                $solved = $evaluation->boat->states->in($state);
                if ($solved !== null) {
                    Agreement::assertAgrees($evaluation, $state, "SEED={$seed} boat {$i} {$state->value}");
                    $compared++;
                }
            }
        }
        self::assertGreaterThan(40, $compared);
    }

    private static function charging(PlanDocument $document): Solution
    {
        $charging = Plans::evaluate($document)->boat->states->in(State::Charging);
        self::assertInstanceOf(Solution::class, $charging);

        return $charging;
    }

    /**
     * @param  list<string>  $elements
     * @param  list<array{string, string, string, string}>  $points
     * @param  array<string, array{string, string, float}>  $amps
     */
    private static function assertAgree(PlanDocument $document, array $elements, array $points, array $amps, State $state = State::Loaded): void
    {
        Agreement::assertByHand($document, $elements, $points, $amps, $state);
    }
}
