<?php

declare(strict_types=1);

namespace Dinghy\Tests\Rule;

use Dinghy\Area\StandardAreas;
use Dinghy\File\PlanDocument;
use Dinghy\Rule\Level;
use Dinghy\Tests\Plans;

/** Rules of conductors, joints and what lands on a stud. */
final class WireRulesTest extends RuleTestCase
{
    public static function speaking(): array
    {
        $connector = static fn (string $thinnest, string $thickest): \stdClass => (object) ['name' => 'butt', 'thinnest' => $thinnest, 'thickest' => $thickest];
        $output = (object) ['battery' => 'b1', 'amps' => 5, 'profile' => 'agm'];

        return [
            'W01' => ['W01', Level::Warn, 'device:d1', 'pump', ['feed:f1' => ['run.length_m' => 7]]],
            'W01 in a factory lead' => ['W01', Level::Warn, 'device:d1', 'pump', ['device:d1' => ['lead' => (object) ['gauge' => '16 AWG', 'length_m' => 1]]]],
            'W01 by an old console in the path' => ['W01', Level::Warn, 'device:d1', 'pump', ['feed:f1' => ['run.extra_mohm' => 30]]],
            'W02' => ['W02', Level::Stop, 'feed:f1', 'pump', ['feed:f1' => ['run.gauge' => '18 AWG', 'run.bundled' => 25], 'device:d1' => ['typical_a' => 8.1]]],
            'W03' => ['W03', Level::Warn, 'feed:f1', 'pump', ['device:d1' => ['longest_runs' => [(object) ['gauge' => '10 AWG', 'length_m' => 2.99], (object) ['gauge' => '8 AWG', 'length_m' => 5]]]]],
            'W03 beyond the table' => ['W03', Level::Warn, 'feed:f1', 'pump', ['device:d1' => ['longest_runs' => [(object) ['gauge' => '10 AWG', 'length_m' => 2.99]]]]],
            'W04 clad' => ['W04', Level::Stop, 'feed:f1', 'pump', ['feed:f1' => ['run.metal' => 'cca']]],
            'W04 aluminium' => ['W04', Level::Stop, 'feed:f1', 'pump', ['feed:f1' => ['run.metal' => 'aluminium']]],
            'W04 solid' => ['W04', Level::Stop, 'feed:f1', 'pump', ['feed:f1' => ['run.wire' => 'solid']]],
            'W04 building wire' => ['W04', Level::Warn, 'feed:f1', 'pump', ['feed:f1' => ['run.wire' => 'building']]],
            'W04 booster lead' => ['W04', Level::Warn, 'feed:f1', 'pump', ['feed:f1' => ['run.wire' => 'booster-lead']]],
            'W04 untinned' => ['W04', Level::Warn, 'feed:f1', 'pump', ['feed:f1' => ['run.metal' => 'copper']]],
            'W05' => ['W05', Level::Warn, 'feed:f1', 'pump', ['feed:f1' => ['run.gauge' => '18 AWG']]],
            'W05 metric' => ['W05', Level::Warn, 'feed:f1', 'pump', ['feed:f1' => ['run.gauge' => '0.75 mm2']]],
            'W06' => ['W06', Level::Stop, 'device:d1', 'pump', ['device:d1' => ['lead' => (object) ['gauge' => '16 AWG', 'length_m' => 0.3, 'connector' => $connector('16 AWG', '14 AWG')]]]],
            'W07' => ['W07', Level::Stop, 'feed:f1', 'pump', ['feed:f1' => ['run.connectors' => [$connector('16 AWG', '14 AWG')]]]],
            'W12 negative' => ['W12', Level::Warn, 'feed:f1', 'pump', ['feed:f1' => ['run.minus_colour' => 'blue']]],
            'W12 positive' => ['W12', Level::Warn, 'feed:f1', 'pump', ['feed:f1' => ['run.plus_colour' => 'White']]],
            'W13' => ['W13', Level::Stop, 'feed:f1', 'pump', ['feed:f1' => ['plus_hole' => '1/4']]],
            'W13 a jumper' => ['W13', Level::Stop, 'bank:thrust', 'series', ['bank:thrust' => ['jumper.from_hole' => '3/8', 'jumper.to_hole' => '3/8']]],
            'W13 a shunt' => ['W13', Level::Stop, 'feed:f1', 'pump', ['bank:house' => ['shunt' => (object) ['stud' => '3/8', 'capacity_set_ah' => 100]], 'feed:f1' => ['minus_hole' => '5/16']]],
            'W13 a breaker' => ['W13', Level::Stop, 'feed:f1', 'pump', ['feed:f1' => ['protection' => [(object) ['family' => 'breaker', 'rating_a' => 30, 'from_source_m' => 0.15, 'stud' => '5/16', 'hole' => '1/4']]]]],
            'W13 the bus of a block' => ['W13', Level::Stop, 'feed:main', 'parallel', ['block:fuses' => ['stud' => '#10'], 'feed:main' => ['run.to_hole' => '3/8']]],
            'W13 a circuit of a block' => ['W13', Level::Stop, 'branch:to-light', 'parallel', ['block:fuses' => ['branch_stud' => '#8'], 'branch:to-light' => ['hole' => '#10']]],
            'W13 a device' => ['W13', Level::Stop, 'feed:f1', 'pump', ['device:d1' => ['stud' => 'M6'], 'feed:f1' => ['run.to_hole' => 'M8']]],
            'W13 a charger' => ['W13', Level::Stop, 'charger:c1', 'pump', ['charger:c1' => ['outputs.0.lead.minus_hole' => '3/8']]],
            'W14 the bus of a block' => ['W14', Level::Warn, 'block:fuses', 'parallel', ['plan' => ['feeds' => self::feeds(5)]]],
            'W14' => ['W14', Level::Warn, 'battery:b1', 'pump', ['charger:c1' => ['outputs' => [$output, $output, $output, $output]]]],
            'W16 amps' => ['W16', Level::Stop, 'feed:f1', 'pump', ['feed:f1' => ['run.plug' => (object) ['rating_a' => 7.9, 'max_v' => 48]]]],
            'W16 volts' => ['W16', Level::Stop, 'feed:f1', 'pump', ['feed:f1' => ['run.plug' => (object) ['rating_a' => 8, 'max_v' => 14]]]],
            'W16 either way round' => ['W16', Level::Stop, 'feed:f1', 'pump', ['feed:f1' => ['run.plug' => (object) ['rating_a' => 8, 'max_v' => 48, 'keyed' => false]]]],
        ];
    }

    public static function silent(): array
    {
        $connector = static fn (string $thinnest, string $thickest): \stdClass => (object) ['thinnest' => $thinnest, 'thickest' => $thickest];
        $output = (object) ['battery' => 'b1', 'amps' => 5, 'profile' => 'agm'];

        return [
            // 8 A · 2 · 3 m: 3 % of 12 V are lost at 30.56 mΩ both ways; the extra resistance is set just below what is left.
            'W01 just inside' => ['W01', 'pump', ['feed:f1' => ['run.extra_mohm' => 24.6]]],
            'W02 at the ampacity' => ['W02', 'pump', ['feed:f1' => ['run.gauge' => '18 AWG'], 'device:d1' => ['typical_a' => 20, 'peak_a' => 20, 'load' => 'current']]],
            'W03 at its length' => ['W03', 'pump', ['device:d1' => ['longest_runs' => [(object) ['gauge' => '10 AWG', 'length_m' => 3]]]]],
            'W05 the thinnest single' => ['W05', 'pump', ['feed:f1' => ['run.gauge' => '16 AWG']]],
            'W05 in a jacket' => ['W05', 'pump', ['feed:f1' => ['run.gauge' => '18 AWG', 'run.cable' => 'pair']]],
            'W06 a step-down' => ['W06', 'pump', ['device:d1' => ['lead' => (object) ['gauge' => '16 AWG', 'length_m' => 0.3, 'connector' => $connector('16 AWG', '10 AWG')]]]],
            'W07' => ['W07', 'pump', ['feed:f1' => ['run.connectors' => [$connector('12 AWG', '10 AWG')]]]],
            'W12' => ['W12', 'pump', ['feed:f1' => ['run.minus_colour' => 'Yellow', 'run.plus_colour' => 'red']]],
            'W13 the metric twin' => ['W13', 'pump', ['feed:f1' => ['plus_hole' => 'M10', 'minus_hole' => 'M8']]],
            'W13 a breaker and its metric twin' => ['W13', 'pump', ['feed:f1' => ['protection' => [(object) ['family' => 'breaker', 'rating_a' => 30, 'from_source_m' => 0.15, 'stud' => '5/16', 'hole' => 'M8']]]]],
            'W14 four on a bus' => ['W14', 'parallel', ['plan' => ['feeds' => self::feeds(4)]]],
            'W14 four' => ['W14', 'pump', ['charger:c1' => ['outputs' => [$output, $output, $output]]]],
            'W16' => ['W16', 'pump', ['feed:f1' => ['run.plug' => (object) ['rating_a' => 8, 'max_v' => 14.7]]]],
        ];
    }

    /** A remedy is offered only where a joint for both gauges is made: one of 33.6 mm² on a lead of 1.3 mm² is not. */
    public function test_a_step_down_is_offered_only_where_one_takes_both(): void
    {
        $lead = static fn (string $run): PlanDocument => Plans::changed(Plans::pump(), [
            'feed:f1' => ['run.gauge' => $run],
            'device:d1' => ['lead' => (object) ['gauge' => '16 AWG', 'length_m' => 0.3, 'connector' => (object) ['name' => 'butt', 'thinnest' => '16 AWG', 'thickest' => '14 AWG']]],
        ]);
        $remedies = static function (PlanDocument $document): array {
            foreach (StandardAreas::areas()->evaluate($document->plan())->findings as $finding) {
                if ($finding->rule->code === 'W06') {
                    return [$finding->remedy, count(iterator_to_array($finding->remedies(), false))];
                }
            }

            return [];
        };
        self::assertSame(1, $remedies($lead('10 AWG'))[1]);
        self::assertSame(['No one joint takes both: end the run at a block beside it, or step down twice.', 0], $remedies($lead('2 AWG')));
    }

    public static function unknowns(): array
    {
        return [
            'W01' => ['W01', 'feed:f1', 'run.length_m', 'pump', ['feed:f1' => ['run.length_m' => null]]],
            'W02' => ['W02', 'feed:f1', 'ampacity of 22 AWG', 'pump', ['feed:f1' => ['run.gauge' => '22 AWG']]],
            'W03' => ['W03', 'feed:f1', 'run.length_m', 'pump', ['feed:f1' => ['run.length_m' => null], 'device:d1' => ['longest_runs' => [(object) ['gauge' => '10 AWG', 'length_m' => 3]]]]],
            'W13' => ['W13', 'battery:b1', 'stud_pos', 'pump', ['battery:b1' => ['stud_pos' => Plans::UNKNOWN]]],
            'W13 minus' => ['W13', 'battery:b1', 'stud_neg', 'pump', ['battery:b1' => ['stud_neg' => Plans::UNKNOWN]]],
            'W13 shunt' => ['W13', 'bank:house', 'shunt.stud', 'pump', ['bank:house' => ['shunt' => (object) ['capacity_set_ah' => 100]]]],
        ];
    }

    protected static function withoutRemedy(): array
    {
        return ['W03 beyond the table', 'W14', 'W14 the bus of a block'];
    }

    /** @return list<\stdClass> that lead from the parallel bank to its block, and each lands on both buses */
    private static function feeds(int $count): array
    {
        return array_map(static fn (int $number): \stdClass => (object) [
            'id' => $number === 1 ? 'main' : "main-{$number}", 'class' => 'electronics', 'from' => (object) ['bank' => 'house', 'plus' => 'pos@'.(1 + $number % 2), 'minus' => 'neg@'.(1 + $number % 2)],
            'protection' => [(object) ['family' => 'breaker-80', 'rating_a' => 30, 'from_source_m' => 0.15]], 'run' => (object) ['length_m' => 3.0, 'gauge' => '6 AWG'], 'to' => (object) ['block' => 'fuses'],
        ], range(1, $count));
    }
}
