<?php

declare(strict_types=1);

namespace Dinghy\Tests\Circuit;

use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\Circuit\State;
use Dinghy\File\PlanDocument;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/**
 * Boats drawn as circuits by hand, from their description and docs/plan-format.md, and solved by ngspice: an error in the
 * translation of a plan shows here. Ω per metre at 25 °C by ASTM B258 and the IACS formula, tinned: 2 AWG 0.54386 m,
 * 4 AWG 0.86479 m, 6 AWG 1.3751 m, 10 AWG 3.4765 m, 12 AWG 5.5279 m, 14 AWG 8.8759 m; plain 16 AWG 13.7023 m.
 * Every wire ends in two rings of 0.2 mΩ.
 */
final class HandMadeCircuitsTest extends TestCase
{
    /** Three blocks of 5 mΩ, jumpers of 0.3 m 6 AWG, breaker 1 mΩ, 5.9 m of 4 AWG to a 36 V motor; a 12 V lift of 4 A on Battery 1: 10 A blade (6 mΩ), 5 m of 10 AWG. */
    public function test_a_series_bank_with_a_tap(): void
    {
        $document = Plans::changed(Plans::series(3, ['internal_mohm' => 5]), [
            'battery:b1' => ['rested_v' => 12.8], 'battery:b3' => ['rested_v' => 12.75],
            'plan' => self::withLift(Plans::series(3)),
        ]);
        Agreement::assertByHand($document, [
            'V1 e1 n1 12.8', 'R1 e1 p1 0.005', 'RJ1 p1 n2 0.81253m', 'V2 e2 n2 12.7', 'R2 e2 p2 0.005', 'RJ2 p2 n3 0.81253m', 'V3 e3 n3 12.75', 'R3 e3 p3 0.005',
            'RB p3 x 0.001', 'RP x mp 5.50226m', 'RM n1 mm 5.50226m', 'RL mp mm 0.6428571429',
            'RF p1 y 0.006', 'RQ y lp 17.7825m', 'RN n1 lm 17.7825m', 'IL lp lm 4', 'RG n1 0 1',
        ], [['b1+', 'b1-', 'p1', 'n1'], ['b2+', 'b1-', 'p2', 'n1'], ['b3+', 'b1-', 'p3', 'n1'], ['m1+', 'm1-', 'mp', 'mm'], ['lift+', 'lift-', 'lp', 'lm']],
            ['b1' => ['e1', 'p1', 0.005], 'b3' => ['e3', 'p3', 0.005]]);
    }

    /** Two LiFePO4 blocks of 7 mΩ, each behind a 60 A post fuse (0.8333 mΩ), jumpers of 0.3 m 2 AWG, taken off at Battery 1. */
    public function test_parallel_blocks_taken_off_at_one_end(): void
    {
        $this->parallel('n1', ['from.plus' => 'pos', 'from.minus' => 'neg']);
    }

    public function test_parallel_blocks_taken_off_diagonally(): void
    {
        $this->parallel('n2', ['from.plus' => 'pos@1', 'from.minus' => 'neg@2']);
    }

    /** A bank of 15 mΩ and one of 6 mΩ, negatives joined by 0.5 m of 6 AWG, both feeding one block over 3 m and 2 m of 10 AWG behind 15 A blades (4 mΩ). */
    public function test_two_banks_with_a_common_negative(): void
    {
        $root = Plans::pump()->root();
        [$battery, $feed] = [clone $root->batteries[0], clone $root->feeds[0]];
        [$battery->id, $battery->internal_mohm, $battery->rested_v, $feed->id] = ['b2', 6, 12.9, 'f2'];
        $feed->from = (object) ['bank' => 'spare'];
        $feed->run = (object) ['length_m' => 2, 'gauge' => '10 AWG'];
        $first = clone $root->feeds[0];
        $feed->to = $first->to = (object) ['block' => 'k'];
        $document = Plans::changed(Plans::pump(), ['plan' => [
            'batteries' => [$root->batteries[0], $battery], 'banks' => [$root->banks[0], (object) ['id' => 'spare', 'strings' => [['b2']]]], 'feeds' => [$first, $feed],
            'bonds' => [(object) ['id' => 'bond', 'from' => 'house', 'to' => 'spare', 'gauge' => '6 AWG', 'length_m' => 0.5]],
            'blocks' => [(object) ['id' => 'k', 'branches' => [(object) ['id' => 'br', 'class' => 'general', 'fuse_a' => 15, 'run' => (object) ['length_m' => 1, 'gauge' => '10 AWG'], 'to' => (object) ['device' => 'd1']]]]],
        ]]);
        Agreement::assertByHand($document, [
            'V1 e1 n1 12.7', 'R1 e1 p1 0.015', 'V2 e2 n2 12.9', 'R2 e2 p2 0.006', 'RC n1 n2 1.08755m',
            'RF1 p1 x1 0.004', 'RP1 x1 k 10.8295m', 'RM1 n1 km 10.8295m', 'RF2 p2 x2 0.004', 'RP2 x2 k 7.353m', 'RM2 n2 km 7.353m',
            'RF3 k y 0.004', 'RP3 y dp 3.8765m', 'RM3 km dm 3.8765m', 'BD dp dm I = 96 / max(V(dp,dm), 6)', 'RG n1 0 1',
        ], [['b1+', 'b1-', 'p1', 'n1'], ['b2+', 'b1-', 'p2', 'n1'], ['k+', 'k-', 'k', 'km'], ['d1+', 'd1-', 'dp', 'dm']], ['b1' => ['e1', 'p1', 0.015], 'b2' => ['e2', 'p2', 0.006]]);
    }

    /** Battery 2 stands the wrong way round: its positive goes to Battery 1's positive, its negative to Battery 3's negative. The motor is a resistance of 36/56 Ω. */
    public function test_a_reversed_battery(): void
    {
        $document = Plans::changed(Plans::series(3, ['internal_mohm' => 5]), ['device:m1' => ['load' => 'resistance'], 'bank:thrust' => ['jumpers' => [
            (object) ['id' => 'j1', 'from' => 'b1+', 'to' => 'b2+'], (object) ['id' => 'j2', 'from' => 'b2-', 'to' => 'b3-'],
        ]]]);
        Agreement::assertByHand($document, [
            'V1 e1 n1 12.7', 'R1 e1 p1 0.005', 'RJ1 p1 p2 0.81253m', 'V2 e2 n2 12.7', 'R2 e2 p2 0.005', 'RJ2 n2 n3 0.81253m', 'V3 e3 n3 12.7', 'R3 e3 p3 0.005',
            'RB p3 x 0.001', 'RP x mp 5.50226m', 'RM n1 mm 5.50226m', 'RL mp mm 0.642857142857', 'RG n1 0 1',
        ], [['b1+', 'b1-', 'p1', 'n1'], ['b2+', 'b2-', 'p2', 'n2'], ['b3+', 'b1-', 'p3', 'n1'], ['m1+', 'm1-', 'mp', 'mm']], ['b2' => ['e2', 'p2', 0.005]]);
    }

    /** The same short at the plug of the motor as a dead wire: full blocks of 12.85 V, 3.5 mΩ, copper at 20 °C (÷ 1.01965). */
    public function test_a_short_at_the_far_end(): void
    {
        $evaluation = Plans::evaluate(Plans::series(3));
        $spice = Ngspice::operatingPoint([
            'V1 e1 0 12.85', 'R1 e1 p1 0.0035', 'RJ1 p1 n2 0.80458m', 'V2 e2 n2 12.85', 'R2 e2 p2 0.0035', 'RJ2 p2 n3 0.80458m', 'V3 e3 n3 12.85', 'R3 e3 p3 0.0035',
            'RB p3 x 0.001', 'RP x mp 5.40394m', 'RM 0 mm 5.40394m', 'RS mp mm 1n',
        ]);
        $amps = ($spice['e1'] - $spice['p1']) / 0.0035;

        self::assertEqualsWithDelta($amps, $evaluation->boat->states->shortAtFarEnd($evaluation->boat->runs['main']), 0.001 * $amps);
    }

    /** 200 mΩ of battery and 96 W: far from nominal, near what it can give. */
    public function test_a_constant_power_load_far_from_nominal(): void
    {
        Agreement::assertByHand(Plans::pump(['battery:b1' => ['internal_mohm' => 200]]), [
            'V1 e1 n1 12.7', 'R1 e1 p1 0.2', 'RF p1 x 0.004', 'RP x dp 10.8295m', 'RM n1 dm 10.8295m', 'BD dp dm I = 96 / max(V(dp,dm), 5)', 'RG n1 0 1',
        ], [['b1+', 'b1-', 'p1', 'n1'], ['d1+', 'd1-', 'dp', 'dm']], ['b1' => ['e1', 'p1', 0.2]]);
    }

    /** The jumper between Batteries 1 and 2 is not there: the motor has nothing, the lift goes on. */
    public function test_an_open_jumper(): void
    {
        $document = Plans::changed(Plans::series(3, ['internal_mohm' => 5]), [
            'plan' => self::withLift(Plans::series(3)),
            'bank:thrust' => ['jumpers' => [(object) ['id' => 'j2', 'from' => 'b2+', 'to' => 'b3-', 'gauge' => '6 AWG', 'length_m' => 0.3]]],
        ]);
        Agreement::assertByHand($document, [
            'V1 e1 n1 12.7', 'R1 e1 p1 0.005', 'RF p1 y 0.006', 'RQ y lp 17.7825m', 'RN n1 lm 17.7825m', 'IL lp lm 4', 'RG1 n1 0 1',
            'V2 e2 n2 12.7', 'R2 e2 p2 0.005', 'RJ2 p2 n3 0.81253m', 'V3 e3 n3 12.7', 'R3 e3 p3 0.005', 'RG2 n2 0 1',
        ], [['b1+', 'b1-', 'p1', 'n1'], ['b3+', 'b2-', 'p3', 'n2'], ['lift+', 'lift-', 'lp', 'lm']], ['b1' => ['e1', 'p1', 0.005]]);
        self::assertEqualsWithDelta(0.0, Plans::evaluate($document)->boat->figures(PowerFigures::class)->devices[0]->loaded, 1e-6, 'a motor at rest joins its two wires');
    }

    /** A shunt of 0.5 mΩ in the pump's minus, a switch of 0.5 mΩ and 20 mΩ of old console in its plus; it keeps its amps. */
    public function test_a_shunt_a_switch_and_an_old_console(): void
    {
        Agreement::assertByHand(Plans::pump([
            'bank:house' => ['shunt' => (object) ['mohm' => 0.5]], 'feed:f1' => ['switch' => true, 'run.extra_mohm' => 20], 'device:d1' => ['load' => 'current'],
        ]), [
            'V1 e1 n1 12.7', 'R1 e1 p1 0.015', 'RF p1 x 0.004', 'RW x w 0.0005', 'RE w v 0.02', 'RP v dp 10.8295m', 'RS n1 s 0.0005', 'RM s dm 10.8295m', 'ID dp dm 8', 'RG n1 0 1',
        ], [['b1+', 'b1-', 'p1', 'n1'], ['house:shunt', 'b1-', 's', 'n1'], ['d1+', 'd1-', 'dp', 'dm']], ['b1' => ['e1', 'p1', 0.015]]);
    }

    /** The starter takes 300 A from the posts while the pump runs. */
    public function test_cranking(): void
    {
        Agreement::assertByHand(Plans::pump(['plan' => ['boat.engine' => (object) ['battery' => 'b1', 'cranking_a' => 300]]]), [
            'V1 e1 n1 12.7', 'R1 e1 p1 0.015', 'IE p1 n1 300', 'RF p1 x 0.004', 'RP x dp 10.8295m', 'RM n1 dm 10.8295m', 'BD dp dm I = 96 / max(V(dp,dm), 5)', 'RG n1 0 1',
        ], [['b1+', 'b1-', 'p1', 'n1'], ['d1+', 'd1-', 'dp', 'dm']], ['b1' => ['e1', 'p1', 0.015]], State::Cranking);
    }

    /** @param  array<string, string>  $from */
    private function parallel(string $minus, array $from): void
    {
        Agreement::assertByHand(Plans::changed(Plans::parallel(), ['feed:main' => $from]), [
            'V1 e1 n1 13.3', 'R1 e1 q1 0.007', 'RF1 q1 p1 0.833333m', 'V2 e2 n2 13.3', 'R2 e2 q2 0.007', 'RF2 q2 p2 0.833333m', 'RJ1 p1 p2 0.563158m', 'RJ2 n1 n2 0.563158m',
            'RB p1 x 0.002', 'RP x k 4.5253m', "RM {$minus} km 4.5253m",
            'RF3 k y 0.012', 'RP3 y z 8.69185m', 'RL3 z sp 24.96414m', 'RM3 km u 8.69185m', 'RN3 u sm 24.96414m', 'BS sp sm I = 24 / max(V(sp,sm), 5)',
            'RF4 k w 0.006', 'RP4 w lp 18.1518m', 'RM4 km lm 18.1518m', 'BL lp lm I = 60 / max(V(lp,lm), 5)', 'RG n1 0 1',
        ], [['h1+', 'h1-', 'p1', 'n1'], ['h2+', 'h1-', 'p2', 'n1'], ['fuses+', 'fuses-', 'k', 'km'], ['screen+', 'screen-', 'sp', 'sm'], ['light+', 'light-', 'lp', 'lm']],
            ['h1' => ['e1', 'q1', 0.007], 'h2' => ['e2', 'q2', 0.007]]);
    }

    /** @return array<string, mixed> the feeds and devices of a plan and a 12 V lift on Battery 1 that keeps its 4 A */
    private static function withLift(PlanDocument $document): array
    {
        $root = $document->root();

        return [
            'feeds' => [...(array) $root->feeds, (object) [
                'id' => 'to-lift', 'class' => 'general', 'from' => (object) ['bank' => 'thrust', 'plus' => 'tap:1'],
                'protection' => [(object) ['family' => 'blade', 'rating_a' => 10]], 'run' => (object) ['length_m' => 5, 'gauge' => '10 AWG'], 'to' => (object) ['device' => 'lift'],
            ]],
            'devices' => [...(array) $root->devices, (object) ['id' => 'lift', 'kind' => 'other', 'v_min' => 10, 'v_max' => 16, 'typical_a' => 4, 'peak_a' => 6, 'load' => 'current']],
        ];
    }
}
