<?php

declare(strict_types=1);

namespace Dinghy\Tests\Rule;

use Dinghy\Area\StandardAreas;
use Dinghy\File\PlanDocument;
use Dinghy\Rule\Level;
use Dinghy\Tests\Plans;

/** Rules of devices and of what feeds them. */
final class DeviceRulesTest extends RuleTestCase
{
    public static function speaking(): array
    {
        return [
            'D01' => ['D01', Level::Stop, 'device:d1', 'pump', ['device:d1' => ['v_max' => 14.69]]],
            'D02' => ['D02', Level::Stop, 'device:d1', 'pump', ['device:d1' => ['v_min' => 11.9]]],
            'D02 more than the bank can give' => ['D02', Level::Stop, 'device:d1', 'pump', ['battery:b1' => ['internal_mohm' => 500]]],
            'D03' => ['D03', Level::Warn, 'device:screen', 'parallel', ['device:light' => ['typical_a' => 34, 'peak_a' => 34]]],
            'D04' => ['D04', Level::Warn, 'device:d1', 'pump', ['bank:house' => ['switch' => false], 'device:d1' => ['standby_a' => 0.001]]],
            'D05' => ['D05', Level::Note, 'device:d1', 'pump', ['device:d1' => ['keyed_plug' => true]]],
            'D08' => ['D08', Level::Note, 'device:d1', 'pump', ['plan' => ['feeds' => []]]],
            'D07 two joins' => ['D07', Level::Warn, 'plan', 'pump', ['plan' => ['boat.hull' => 'aluminium', 'boat.hull_carries_current' => false, 'boat.hull_joins' => 'bond strap at the console', 'boat.engine' => (object) ['battery' => 'b1', 'joins_hull' => true]]]],
            'D07' => ['D07', Level::Stop, 'plan', 'pump', ['plan' => ['boat.hull' => 'aluminium', 'boat.hull_carries_current' => true]]],
        ];
    }

    public static function silent(): array
    {
        return [
            'D01 at the limit' => ['D01', 'pump', ['device:d1' => ['v_max' => 14.7]]],
            'D02' => ['D02', 'pump', ['device:d1' => ['v_min' => 11.7]]],
            'D03' => ['D03', 'parallel', ['device:light' => ['typical_a' => 20, 'peak_a' => 20]]],
            'D04 behind the battery switch' => ['D04', 'pump', ['device:d1' => ['standby_a' => 0.1]]],
            'D04 behind a switch' => ['D04', 'pump', ['bank:house' => ['switch' => false], 'device:d1' => ['standby_a' => 0.1], 'feed:f1' => ['switch' => true]]],
            'D04 an alarm' => ['D04', 'pump', ['bank:house' => ['switch' => false], 'device:d1' => ['standby_a' => 0.1, 'always_on' => true]]],
            'D07 joined at the engine alone' => ['D07', 'pump', ['plan' => ['boat.hull' => 'aluminium', 'boat.hull_carries_current' => false, 'boat.engine' => (object) ['battery' => 'b1', 'joins_hull' => true]]]],
            'D07 a wire of its own' => ['D07', 'pump', ['plan' => ['boat.hull' => 'aluminium', 'boat.hull_carries_current' => false]]],
        ];
    }

    public static function unknowns(): array
    {
        return [
            'D01' => ['D01', 'device:d1', 'the charging volts of the house bank', 'pump', ['battery:b1' => ['chemistry' => 'other-lithium']]],
            'D02' => ['D02', 'device:d1', 'the internal resistance of the batteries of the house bank', 'pump', ['battery:b1' => ['chemistry' => 'other-lithium', 'internal_mohm' => Plans::UNKNOWN]]],
            'D07 at the engine' => ['D07', 'plan', 'boat.engine.joins_hull', 'pump', ['plan' => ['boat.hull' => 'aluminium', 'boat.hull_carries_current' => false, 'boat.engine' => (object) ['battery' => 'b1']]]],
            'D07' => ['D07', 'plan', 'boat.hull_carries_current', 'pump', ['plan' => ['boat.hull' => 'aluminium']]],
        ];
    }

    public function test_low_volts_are_mended_by_a_thicker_wire(): void
    {
        $document = Plans::pump(['feed:f1' => ['run.gauge' => '16 AWG', 'run.length_m' => 6], 'device:d1' => ['v_min' => 11]]);
        self::assertSame('Run 8 AWG in house to D1.', Plans::remedy($document, 'D02')?->says);
    }

    public function test_what_cannot_be_fed_says_what_can_be_had(): void
    {
        $finding = self::found(Plans::pump(['battery:b1' => ['internal_mohm' => 500]]), 'D02');

        // At 12.3 V behind some 0.52 Ω, V²/4R are 72 W: 6 A at 12 V nominal.
        self::assertEqualsWithDelta(12.3 ** 2 / 4 / 0.5253, 12 * ($finding->figures['most_a'] ?? 0), 0.4);
        self::assertStringContainsString('at most', $finding->says ?? '');
    }

    public function test_data_cables_want_a_common_negative(): void
    {
        $two = static fn (array $bonds): PlanDocument => self::twoBanks($bonds);
        $none = self::found($two([]), 'D06');
        self::assertSame('bank:spare', $none?->on);
        self::assertSame('Join the negatives of both banks with 10 AWG.', Plans::remedy($two([]), 'D06')?->says);
        $thin = self::found($two([(object) ['id' => 'bond', 'from' => 'spare', 'to' => 'house', 'gauge' => '12 AWG']]), 'D06');
        self::assertStringContainsString('thinner than the largest feeder, 10 AWG', $thin->says ?? '');
        self::assertNull(self::found($two([(object) ['id' => 'bond', 'from' => 'spare', 'to' => 'house', 'gauge' => '10 AWG']]), 'D06'));
    }

    /** What joins them is any data cable: a name they share, a network cable, a backbone, a serial line. */
    public function test_any_data_cable_joins(): void
    {
        $apart = Plans::changed(self::twoBanks([]), ['device:d1' => ['data' => Plans::UNKNOWN], 'device:d2' => ['data' => Plans::UNKNOWN]]);
        self::assertNull(self::found($apart, 'D06'));
        foreach ([
            ['cables' => [['id' => 'n', 'from' => 'd1', 'to' => 'd2']]],
            ['backbones' => [['id' => 'bus', 'length_m' => 3, 'terminators' => ['start', 'end'], 'power' => [['at_m' => 1, 'volts' => 12]], 'nodes' => [['device' => 'd1', 'at_m' => 1], ['device' => 'd2', 'at_m' => 2]]]]],
            ['serial' => [['id' => 'line', 'talker' => 'd2', 'listeners' => ['d1']]]],
        ] as $network) {
            self::assertSame('bank:spare', self::found(Plans::changed($apart, ['plan' => ['network' => $network]]), 'D06')?->on);
        }
    }

    public function test_plans_of_good_work_have_no_finding_and_nothing_unknown(): void
    {
        foreach (['pump', 'series', 'parallel', 'routed', 'sounding'] as $plan) {
            $evaluation = Plans::evaluate(Plans::named($plan));
            self::assertSame([], array_map(static fn ($finding): string => $finding->says, $evaluation->findings), $plan);
            self::assertSame([], array_map(static fn ($unchecked): string => "{$unchecked->rule->code} {$unchecked->on} {$unchecked->needs}", $evaluation->unchecked), $plan);
        }
    }

    public function test_every_rule_has_its_words_a_code_of_its_own_and_a_test_that_makes_it_speak(): void
    {
        $codes = [];
        foreach (StandardAreas::areas()->rulebook->rules as $rule) {
            $text = $rule->text();
            $text->isCloser || $codes[] = $text->code;
            self::assertNotSame('', $text->speaksWhen.$text->because.$text->source);
        }
        self::assertSame(array_unique($codes), $codes);
        $driven = array_column([...BankRulesTest::speaking(), ...ProtectionRulesTest::speaking(), ...WireRulesTest::speaking(), ...LayoutRulesTest::speaking(), ...SonarRulesTest::speaking(), ...self::speaking()], 0);
        self::assertSame(['B17', 'B30', 'D06'], array_values(array_diff($codes, $driven)), 'D06 has a test of its own, B17, B30 and what judges more closely have DayRulesTest.');
    }

    /** @param  list<\stdClass>  $bonds */
    private static function twoBanks(array $bonds): PlanDocument
    {
        $root = Plans::pump(['device:d1' => ['data' => 'net']])->root();
        [$battery, $feed, $device] = [clone $root->batteries[0], clone $root->feeds[0], clone $root->devices[0]];
        [$battery->id, $feed->id, $device->id] = ['b2', 'f2', 'd2'];
        $feed->from = (object) ['bank' => 'spare'];
        $feed->to = (object) ['device' => 'd2'];

        return Plans::pump(['plan' => [
            'batteries' => [...$root->batteries, $battery], 'banks' => [...$root->banks, (object) ['id' => 'spare', 'strings' => [['b2']]]],
            'feeds' => [...$root->feeds, $feed], 'devices' => [$root->devices[0], $device], 'bonds' => $bonds,
        ]]);
    }

    protected static function withoutRemedy(): array
    {
        return ['D01', 'D02 more than the bank can give', 'D05'];
    }
}
