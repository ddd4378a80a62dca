<?php

declare(strict_types=1);

namespace Dinghy\Tests\Rule;

use Dinghy\File\PlanDocument;
use Dinghy\Rule\Level;
use Dinghy\Tests\Plans;

/** Rules of batteries, banks and their charging. */
final class BankRulesTest extends RuleTestCase
{
    public static function speaking(): array
    {
        $shunt = ['capacity_set_ah' => 100, 'stud' => '3/8'];
        $engine = ['battery' => 'b1', 'cranking_a' => 300, 'min_cca_a' => 500];

        return [
            'B01' => ['B01', Level::Stop, 'bank:thrust', 'series', ['battery:b2' => ['chemistry' => 'gel']]],
            'B02' => ['B02', Level::Stop, 'bank:thrust', 'series', ['battery:b2' => ['nominal_v' => 6]]],
            'B02 strings of unequal volts' => ['B02', Level::Stop, 'bank:thrust', 'series', ['bank:thrust' => ['strings' => [['b1', 'b2'], ['b3']]]]],
            'B03 capacity' => ['B03', Level::Warn, 'bank:thrust', 'series', ['battery:b2' => ['capacity_ah' => 111]]],
            'B03 age' => ['B03', Level::Warn, 'bank:thrust', 'series', ['battery:b2' => ['commissioned' => '2025-02']]],
            'B03 rested volts, lead' => ['B03', Level::Warn, 'bank:thrust', 'series', ['battery:b2' => ['rested_v' => 12.86]]],
            'B03 rested volts, lithium' => ['B03', Level::Warn, 'bank:house', 'parallel', ['battery:h2' => ['rested_v' => 13.36]]],
            'B04 too many volts' => ['B04', Level::Stop, 'device:d1', 'pump', ['device:d1' => ['v_max' => 11.9]]],
            'B04 too few volts' => ['B04', Level::Stop, 'device:d1', 'pump', ['device:d1' => ['v_min' => 12.1]]],
            'B05 across another block' => ['B05', Level::Stop, 'feed:main', 'series', ['feed:main' => ['from.plus' => 'tap:2', 'from.minus' => 'tap:1']]],
            'B05 too high' => ['B05', Level::Stop, 'feed:main', 'series', ['feed:main' => ['from.plus' => 'tap:2'], 'device:m1' => ['v_max' => 16]]],
            'B06' => ['B06', Level::Warn, 'bank:house', 'parallel', ['feed:main' => ['from.minus' => 'neg'], 'bank:house' => ['jumper' => (object) ['gauge' => '6 AWG', 'length_m' => 1]]]],
            'B06 with a shunt' => ['B06', Level::Warn, 'bank:house', 'parallel', ['feed:main' => ['from.minus' => 'neg'], 'bank:house' => ['shunt' => (object) $shunt, 'jumper' => (object) ['gauge' => '6 AWG', 'length_m' => 1]]]],
            'B07 too long' => ['B07', Level::Stop, 'battery:b1', 'pump', ['battery:b1' => ['tray_mm' => [329, 180, 260]]]],
            'B07 under the lid' => ['B07', Level::Stop, 'battery:b1', 'pump', ['battery:b1' => ['tray_mm' => [340, 180, 239]]]],
            'B08 not held' => ['B08', Level::Warn, 'battery:b1', 'pump', ['battery:b1' => ['restrained' => false]]],
            'B08 no boot' => ['B08', Level::Warn, 'battery:b1', 'pump', ['battery:b1' => ['booted' => false]]],
            'B09 a feed' => ['B09', Level::Stop, 'feed:main', 'series', ['feed:main' => ['fastening' => 'wing-nut']]],
            'B09 a jumper' => ['B09', Level::Stop, 'bank:thrust', 'series', ['bank:thrust' => ['jumper.fastening' => 'hand']]],
            'B10 lithium profile on lead' => ['B10', Level::Stop, 'charger:c1', 'pump', ['charger:c1' => ['outputs.0.profile' => 'lifepo4']]],
            'B10 too many volts' => ['B10', Level::Stop, 'charger:c1', 'pump', ['charger:c1' => ['outputs.0.profile' => 'flooded']]],
            'B11 no charging' => ['B11', Level::Warn, 'battery:b1', 'pump', ['plan' => ['chargers' => []]]],
            'B11 one block\'s output across three' => ['B11', Level::Stop, 'charger:charger-b1', 'series', ['charger:charger-b1' => ['outputs.0.across' => ['b1', 'b2', 'b3']]]],
            'B11 not isolated' => ['B11', Level::Stop, 'charger:charger-b1', 'series', ['charger:charger-b1' => ['isolated_outputs' => false, 'outputs' => [
                (object) ['battery' => 'b1', 'amps' => 10, 'profile' => 'agm', 'fuse_at' => 'battery'], (object) ['battery' => 'b2', 'amps' => 10, 'profile' => 'agm', 'fuse_at' => 'battery'],
            ]]]],
            'B11 the whole bank as one' => ['B11', Level::Note, 'charger:charger-b1', 'series', ['charger:charger-b1' => ['outputs.0.across' => ['b1', 'b2', 'b3'], 'outputs.0.volts' => 36]]],
            'B12' => ['B12', Level::Stop, 'charger:c1', 'pump', ['charger:c1' => ['outputs.0.fuse_at' => 'charger']]],
            'B28 strings of other chemistry' => ['B28', Level::Stop, 'bank:house', 'parallel', ['battery:h2' => ['chemistry' => 'agm', 'rested_v' => 12.7]]],
            'B29 too many volts' => ['B29', Level::Stop, 'charger:c1', 'pump', ['charger:c1' => ['outputs.0.volts' => 24]]],
            'B13' => ['B13', Level::Warn, 'battery:b1', 'pump', ['battery:b1' => ['space' => 'closed']]],
            'B14' => ['B14', Level::Warn, 'bank:house', 'pump', ['bank:house' => ['switch' => false], 'device:d1' => ['standby_a' => 0.07]]],
            'B14 over the winter' => ['B14', Level::Note, 'bank:house', 'pump', ['bank:house' => ['switch' => false], 'device:d1' => ['standby_a' => 0.0117]]],
            'B15 past the shunt' => ['B15', Level::Stop, 'feed:f1', 'pump', ['bank:house' => ['shunt' => (object) $shunt], 'feed:f1' => ['from.past_shunt' => true]]],
            'B15 a charger past the shunt' => ['B15', Level::Stop, 'charger:c1', 'pump', ['bank:house' => ['shunt' => (object) $shunt], 'charger:c1' => ['outputs.0.minus_at' => 'battery']]],
            'B15 the other string' => ['B15', Level::Stop, 'feed:main', 'parallel', ['bank:house' => ['shunt' => (object) ['capacity_set_ah' => 200, 'stud' => '3/8']]]],
            'B15 capacity' => ['B15', Level::Warn, 'bank:house', 'pump', ['bank:house' => ['shunt' => (object) ['capacity_set_ah' => 200, 'stud' => '3/8']]]],
            'B15 upper blocks' => ['B15', Level::Note, 'charger:charger-b2', 'series', ['bank:thrust' => ['shunt' => (object) $shunt]]],
            'B16' => ['B16', Level::Warn, 'device:d1', 'pump', ['plan' => ['boat.engine' => (object) $engine], 'device:d1' => ['kind' => 'display']]],
            'B18 too much' => ['B18', Level::Warn, 'battery:b1', 'pump', ['charger:c1' => ['outputs.0.amps' => 30.1]]],
            // Two LiFePO4 blocks of 100 Ah in parallel take 100 A together, and a charger across one string charges both.
            'B18 too much for two in parallel' => ['B18', Level::Warn, 'battery:h1', 'parallel', ['charger:charger-h1' => ['outputs.0.amps' => 100.5]]],
            'B18 too slow for two in parallel' => ['B18', Level::Warn, 'battery:h1', 'parallel', ['charger:charger-h1' => ['outputs.0.amps' => 18.5]]],
            'B18 too slow' => ['B18', Level::Warn, 'battery:b1', 'pump', ['charger:c1' => ['outputs.0.amps' => 5.7]]],
            'B19' => ['B19', Level::Note, 'battery:b1', 'pump', ['battery:b1' => ['chemistry' => 'other-lithium']]],
            'B20 for long' => ['B20', Level::Warn, 'battery:h1', 'parallel', ['battery:h1' => ['continuous_a' => 4.4]]],
            'B20 at all' => ['B20', Level::Stop, 'battery:h1', 'parallel', ['battery:h1' => ['continuous_a' => 4, 'peak_a' => 4.4]]],
            'B21 in parallel' => ['B21', Level::Stop, 'battery:h1', 'parallel', ['battery:h1' => ['max_parallel' => 1]]],
            'B21 in series' => ['B21', Level::Stop, 'battery:b2', 'series', ['battery:b2' => ['max_series' => 2]]],
            'B22 lithium' => ['B22', Level::Stop, 'bank:house', 'parallel', ['bank:house' => ['string_protection' => null]]],
            'B22 lead' => ['B22', Level::Warn, 'bank:house', 'parallel', ['bank:house' => ['string_protection' => null], 'battery:h1' => ['chemistry' => 'agm'], 'battery:h2' => ['chemistry' => 'agm']]],
            'B23' => ['B23', Level::Warn, 'charger:charger-h1', 'parallel', ['charger:charger-h1' => ['input' => 'alternator']]],
            'B25' => ['B25', Level::Stop, 'battery:b1', 'pump', ['plan' => ['boat.engine' => (object) $engine], 'battery:b1' => ['cca_a' => 499]]],
            'B26' => ['B26', Level::Warn, 'bank:house', 'pump', ['bank:house' => ['switch' => false], 'battery:b1' => ['cca_a' => 801]]],
            'B27 a block left out' => ['B27', Level::Stop, 'bank:thrust', 'series', ['bank:thrust' => ['jumpers' => [
                (object) ['id' => 'j1', 'from' => 'b1+', 'to' => 'b2+'], (object) ['id' => 'j2', 'from' => 'b2-', 'to' => 'b3-'],
            ]]]],
            'B27 a block shorted' => ['B27', Level::Stop, 'bank:thrust', 'series', ['bank:thrust' => ['jumpers' => [
                (object) ['id' => 'j1', 'from' => 'b1+', 'to' => 'b2-'], (object) ['id' => 'j2', 'from' => 'b2+', 'to' => 'b3-'], (object) ['id' => 'j3', 'from' => 'b3+', 'to' => 'b3-'],
            ]]]],
        ];
    }

    public static function silent(): array
    {
        $shunt = (object) ['capacity_set_ah' => 100, 'stud' => '3/8'];
        $engine = ['battery' => 'b1', 'cranking_a' => 300, 'min_cca_a' => 500];

        return [
            'B03 capacity' => ['B03', 'series', ['battery:b2' => ['capacity_ah' => 110]]],
            'B03 age' => ['B03', 'series', ['battery:b2' => ['commissioned' => '2025-03']]],
            'B03 rested volts' => ['B03', 'series', ['battery:b2' => ['rested_v' => 12.85]]],
            'B03 lithium' => ['B03', 'parallel', ['battery:h2' => ['rested_v' => 13.35]]],
            'B04 at the upper limit' => ['B04', 'pump', ['device:d1' => ['v_max' => 12]]],
            'B04 at the lower limit' => ['B04', 'pump', ['device:d1' => ['v_min' => 12]]],
            'B06 short thick jumpers' => ['B06', 'parallel', ['feed:main' => ['from.minus' => 'neg']]],
            'B07 turned' => ['B07', 'pump', ['battery:b1' => ['tray_mm' => [173, 330, 240]]]],
            'B07 by group' => ['B07', 'pump', ['battery:b1' => ['size_mm' => Plans::UNKNOWN, 'group' => '31', 'tray_mm' => [330, 173, 240]]]],
            'B09 a thin wire' => ['B09', 'pump', ['feed:f1' => ['fastening' => 'wing-nut']]],
            'B10 gel volts on AGM' => ['B10', 'pump', ['charger:c1' => ['outputs.0.profile' => 'gel']]],
            'B11 a parallel mate' => ['B11', 'parallel', []],
            'B12 no lengthened lead' => ['B12', 'pump', ['charger:c1' => ['outputs.0.fuse_at' => 'charger', 'outputs.0.lead' => null]]],
            'B13 lithium' => ['B13', 'parallel', ['battery:h1' => ['space' => 'closed']]],
            'B14 just over the winter' => ['B14', 'pump', ['bank:house' => ['switch' => false], 'device:d1' => ['standby_a' => 0.0115]]],
            'B14 behind the battery switch' => ['B14', 'pump', ['device:d1' => ['standby_a' => 1]]],
            'B14 a bilge pump' => ['B14', 'pump', ['bank:house' => ['switch' => false], 'device:d1' => ['standby_a' => 1, 'always_on' => true]]],
            'B14 behind a switch' => ['B14', 'pump', ['bank:house' => ['switch' => false], 'device:d1' => ['standby_a' => 1], 'feed:f1' => ['switch' => true]]],
            'B15' => ['B15', 'pump', ['bank:house' => ['shunt' => $shunt]]],
            'B16 above the minimum' => ['B16', 'pump', ['plan' => ['boat.engine' => (object) ['cranking_a' => 100, 'battery' => 'b1', 'min_cca_a' => 500]], 'device:d1' => ['kind' => 'display']]],
            'B16 a pump' => ['B16', 'pump', ['plan' => ['boat.engine' => (object) $engine]]],
            'B18 at the limit' => ['B18', 'pump', ['charger:c1' => ['outputs.0.amps' => 30]]],
            'B18 at the limit of two in parallel' => ['B18', 'parallel', ['charger:charger-h1' => ['outputs.0.amps' => 100]]],
            // 0.9 of 200 Ah, 1.03 times, in ten hours: 18.54 A.
            'B18 in the night for two in parallel' => ['B18', 'parallel', ['charger:charger-h1' => ['outputs.0.amps' => 18.55]]],
            'B18 in the night' => ['B18', 'pump', ['charger:c1' => ['outputs.0.amps' => 6]]],
            'B20' => ['B20', 'parallel', ['battery:h1' => ['continuous_a' => 4.5, 'peak_a' => 4.5]]],
            'B21' => ['B21', 'parallel', ['battery:h1' => ['max_parallel' => 2]]],
            'B22 a single string' => ['B22', 'pump', []],
            'B25' => ['B25', 'pump', ['plan' => ['boat.engine' => (object) $engine], 'battery:b1' => ['cca_a' => 500]]],
            'B26 at the limit' => ['B26', 'pump', ['bank:house' => ['switch' => false], 'battery:b1' => ['cca_a' => 800]]],
            'B26 a fused and switched bank' => ['B26', 'series', ['battery:b1' => ['cca_a' => 900], 'battery:b2' => ['cca_a' => 900], 'battery:b3' => ['cca_a' => 900]]],
            'B27 the right jumpers' => ['B27', 'series', ['bank:thrust' => ['jumpers' => [
                (object) ['id' => 'j1', 'from' => 'b1+', 'to' => 'b2-'], (object) ['id' => 'j2', 'from' => 'b3-', 'to' => 'b2+'],
            ]]]],
        ];
    }

    public static function unknowns(): array
    {
        $unknown = static fn (string ...$fields): array => array_fill_keys($fields, Plans::UNKNOWN);
        $engine = ['battery' => 'b1', 'cranking_a' => 300, 'min_cca_a' => 500];

        return [
            'B03 age' => ['B03', 'battery:b2', 'commissioned', 'series', ['battery:b2' => $unknown('commissioned')]],
            'B03 volts' => ['B03', 'battery:b2', 'rested_v', 'series', ['battery:b2' => $unknown('rested_v')]],
            'B05' => ['B05', 'plan', 'trip.phases', 'series', ['feed:main' => ['from.plus' => 'tap:1']]],
            'B07 size' => ['B07', 'battery:b1', 'size_mm', 'pump', ['battery:b1' => $unknown('size_mm')]],
            'B07 tray' => ['B07', 'battery:b1', 'tray_mm', 'pump', ['battery:b1' => $unknown('tray_mm')]],
            'B08' => ['B08', 'battery:b1', 'restrained', 'pump', ['battery:b1' => $unknown('restrained')]],
            'B08 boot' => ['B08', 'battery:b1', 'booted', 'pump', ['battery:b1' => $unknown('booted')]],
            'B10' => ['B10', 'battery:b1', 'its maker\'s charging volts', 'pump', ['battery:b1' => ['chemistry' => 'other-lithium']]],
            'B11' => ['B11', 'charger:charger-b1', 'isolated_outputs', 'series', ['charger:charger-b1' => ['outputs' => [
                (object) ['battery' => 'b1', 'amps' => 10, 'profile' => 'agm'], (object) ['battery' => 'b2', 'amps' => 10, 'profile' => 'agm'],
            ]]]],
            'B12' => ['B12', 'charger:c1', 'outputs.0.fuse_at', 'pump', ['charger:c1' => $unknown('outputs.0.fuse_at')]],
            'B13' => ['B13', 'battery:b1', 'space', 'pump', ['battery:b1' => $unknown('space')]],
            'B15' => ['B15', 'bank:house', 'shunt.capacity_set_ah', 'pump', ['bank:house' => ['shunt' => (object) ['stud' => '3/8']]]],
            'B16' => ['B16', 'plan', 'boat.engine.cranking_a', 'pump', ['plan' => ['boat.engine' => (object) ['battery' => 'b1']], 'device:d1' => ['kind' => 'display']]],
            'B18 input' => ['B18', 'charger:c1', 'input', 'pump', ['charger:c1' => $unknown('input')]],
            'B18 rate' => ['B18', 'battery:b1', 'its maker\'s highest charging current', 'pump', ['battery:b1' => ['chemistry' => 'gel']]],
            'B20' => ['B20', 'battery:h1', 'continuous_a', 'parallel', ['battery:h1' => $unknown('continuous_a')]],
            'B20 peak' => ['B20', 'battery:h1', 'peak_a', 'parallel', ['battery:h1' => $unknown('peak_a')]],
            'B21' => ['B21', 'battery:h1', 'max_parallel', 'parallel', ['battery:h1' => $unknown('max_parallel')]],
            'B23' => ['B23', 'charger:charger-h1', 'input', 'parallel', ['charger:charger-h1' => $unknown('input')]],
            'B25 engine' => ['B25', 'plan', 'boat.engine.min_cca_a', 'pump', ['plan' => ['boat.engine' => (object) ['battery' => 'b1']]]],
            'B25 battery' => ['B25', 'battery:b1', 'cca_a', 'pump', ['plan' => ['boat.engine' => (object) $engine]]],
            'B26' => ['B26', 'bank:house', 'the cold cranking amps of its batteries', 'pump', ['bank:house' => ['switch' => false]]],
        ];
    }

    /** Counted over the turn of years and of decades of months: December 2025 to September 2027. */
    public function test_ages_are_told_in_months(): void
    {
        $finding = self::found(Plans::changed(Plans::series(3), ['battery:b1' => ['commissioned' => '2025-12'], 'battery:b2' => ['commissioned' => '2027-09'], 'battery:b3' => ['commissioned' => '2026-02']]), 'B03');
        self::assertStringContainsString('ages 21 months apart', $finding->says ?? '');
        self::assertSame(21.0, $finding?->figures['months']);
        self::assertStringNotContainsString('volts', $finding->says);
    }

    /** Batteries lift to 12 V from 36 V: what the tap takes is set against what the whole bank gives. */
    public function test_a_tap_that_takes_more_than_a_twentieth_of_the_day(): void
    {
        $tapped = static fn (float $hours): PlanDocument => Plans::changed(Plans::series(3), ['plan' => [
            'feeds' => [...(array) Plans::series(3)->root()->feeds, (object) [
                'id' => 'lift', 'class' => 'general', 'from' => (object) ['bank' => 'thrust', 'plus' => 'tap:1'],
                'protection' => [(object) ['family' => 'breaker-80', 'rating_a' => 10, 'from_source_m' => 0.1, 'resets_itself' => false, 'trip_free' => true]],
                'run' => (object) ['length_m' => 5, 'gauge' => '12 AWG', 'plus_colour' => 'orange'], 'to' => (object) ['device' => 'lift-motor'],
            ]],
            'devices' => [...(array) Plans::series(3)->root()->devices, (object) ['id' => 'lift-motor', 'kind' => 'other', 'v_min' => 10, 'v_max' => 16, 'typical_a' => 4, 'peak_a' => 6]],
            // 56 A at full speed for one hour; the limit is a twentieth of it, 2.8 Ah, at 4 A: 42 minutes.
            'chargers' => [(object) ['id' => 'whole', 'input' => 'mains', 'outputs' => [(object) ['battery' => 'b1', 'across' => ['b1', 'b2', 'b3'], 'volts' => 36, 'amps' => 15, 'profile' => 'agm', 'fuse_at' => 'battery']]]],
            'trip' => (object) ['phases' => [(object) ['hours' => 1, 'on' => (object) ['m1' => 1]], (object) ['hours' => $hours, 'on' => (object) ['lift-motor' => 1]]]],
        ]]);

        self::assertNull(self::found($tapped(0.7), 'B05'));
        $finding = self::found($tapped(0.71), 'B05');
        self::assertSame(Level::Warn, $finding?->level);
        self::assertEqualsWithDelta(2.84, $finding->figures['imbalance_ah'], 1e-9);
        self::assertSame(17.0, $finding->figures['trips'], '50 Ah to the floor, 2.84 Ah a trip');
        $red = self::found(Plans::changed($tapped(0.1), ['feed:lift' => ['run.plus_colour' => 'red']]), 'W12');
        self::assertStringContainsString('tapped positive is red', $red->says ?? '');
    }

    public function test_mixed_banks_are_named(): void
    {
        self::assertStringContainsString('Battery 2 of thrust is gel', self::found(Plans::changed(Plans::series(3), ['battery:b2' => ['chemistry' => 'gel']]), 'B01')->says ?? '');
    }

    public function test_a_wrong_jumper_says_which_post_reads_what(): void
    {
        $finding = self::found(Plans::changed(Plans::series(3), ['bank:thrust' => ['jumpers' => [
            (object) ['id' => 'j1', 'from' => 'b1+', 'to' => 'b2+'], (object) ['id' => 'j2', 'from' => 'b2-', 'to' => 'b3-'],
        ]]]), 'B27');

        self::assertStringContainsString('Battery 3 + reads 12.7 V from the common negative, not 38.1 V', $finding->says ?? '');
    }

    protected static function withoutRemedy(): array
    {
        return ['B01', 'B02', 'B03 capacity', 'B03 age', 'B03 rested volts, lead', 'B03 rested volts, lithium', 'B04 too many volts', 'B04 too few volts', 'B05 too high', 'B07 too long', 'B07 under the lid', 'B11 the whole bank as one', 'B28 strings of other chemistry', 'B15 upper blocks', 'B16', 'B19', 'B20 for long', 'B20 at all', 'B23', 'B25'];
    }
}
