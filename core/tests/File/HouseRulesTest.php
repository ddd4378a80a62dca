<?php

declare(strict_types=1);

namespace Dinghy\Tests\File;

use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\Area\StandardAreas;
use Dinghy\File\HouseRulesFormat;
use Dinghy\File\HouseRuleText;
use Dinghy\File\Patch;
use Dinghy\File\PatchWords;
use Dinghy\Plan\LoadClass;
use Dinghy\Plan\Plan;
use Dinghy\Quantity\NumberingEnd;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

final class HouseRulesTest extends TestCase
{
    public function test_every_rule_of_the_format_is_told_and_none_beside(): void
    {
        $fields = [];
        foreach (get_object_vars(HouseRulesFormat::shape()->withDefaults(new \stdClass)) as $key => $default) {
            array_push($fields, ...($default instanceof \stdClass ? array_map(static fn (string $inner): string => "{$key}.{$inner}", array_keys(get_object_vars($default))) : [$key]));
        }
        // The end that blocks are counted from is display: a rule of the shop that no file holds.
        self::assertEqualsCanonicalizing([...$fields, 'numbering_end'], array_column(HouseRuleText::all(), 'field'));
    }

    /** What the description of the file says that a house rule is where none is given, is what a plan without any is judged by. */
    public function test_defaults_are_those_of_the_description(): void
    {
        $text = (string) file_get_contents(__DIR__.'/../../../docs/plan-format.md');
        self::assertSame(1, preg_match('/"house_rules": (\{.*?\n\s*"joint".*?\})/s', $text, $match));
        $described = json_decode((string) preg_replace('/"([a-z-]+)\|[a-z|-]+"/', '"$1"', (string) preg_replace('#//.*#', '', $match[1])), false, 8, JSON_THROW_ON_ERROR);
        self::assertInstanceOf(\stdClass::class, $described);
        $held = HouseRulesFormat::shape()->withDefaults(new \stdClass);
        foreach (get_object_vars($described) as $rule => $value) {
            self::assertEquals($value, $held->{$rule} ?? null, $rule);
        }
        self::assertGreaterThan(10, count(get_object_vars($described)));
    }

    public function test_a_shops_rules_hold_where_the_plan_brings_none(): void
    {
        $shop = (object) ['drop_pct' => (object) ['thrust' => 4, 'electronics' => 2], 'layup_days' => 14];
        $own = Plans::changed(Plans::pump(), ['plan' => ['house_rules.drop_pct.thrust' => 7]]);
        $rules = $own->underHouseRules($shop)->plan()->houseRules;
        self::assertSame([7.0, 2.0, 10.0, 14.0], [$rules->dropLimit(LoadClass::Thrust), $rules->dropLimit(LoadClass::Electronics), $rules->dropLimit(LoadClass::General), $rules->layUpDays]);
        self::assertSame($own, $own->underHouseRules(new \stdClass), 'without any the document is the same');
        self::assertEquals((object) ['thrust' => 4, 'electronics' => 2], $shop->drop_pct, 'what was handed in is not changed');
    }

    public function test_blocks_are_counted_from_the_end_that_the_shop_counts_from(): void
    {
        $bank = Plans::series(3)->plan()->banks['thrust'];
        foreach ([[NumberingEnd::Negative, [1, 2, 3]], [NumberingEnd::Positive, [3, 2, 1]]] as [$end, $numbers]) {
            self::assertSame($numbers, array_map(static fn ($battery): int => $bank->numberOf($battery, $end), $bank->batteries()));
        }
        $labels = array_column(StandardAreas::areas()->evaluate(Plans::series(2)->plan(), null, NumberingEnd::Positive)->boat->figures(PowerFigures::class)->meterPoints, 'label', 'id');
        self::assertSame('thrust: across Battery 2', $labels['b1']);
        self::assertSame('thrust: Battery 1 + to common negative', $labels['thrust:pos']);
    }

    public function test_changes_as_lines_of_a_log(): void
    {
        foreach ([
            'feed main: gauge 6 AWG, length left to Dinghy' => Patch::set('feed:main', ['run.gauge' => '6 AWG', 'run.length_m' => null]),
            'battery b1: restrained yes' => Patch::set('battery:b1', ['restrained' => true]),
            'branch x put in block b' => Patch::put('branch:x', (object) ['id' => 'x'], 'block:b'),
            'device d taken out; device e put in' => Patch::remove('device:d')->and(Patch::put('device:e', (object) ['id' => 'e'])),
            'bank a: jumpers changed' => Patch::set('bank:a', ['jumpers' => []]),
            'plan: house rules not given' => Patch::of([['on' => 'plan', 'unset' => ['house_rules']]]),
        ] as $says => $patch) {
            self::assertSame($says, PatchWords::of($patch));
        }
        $many = Patch::all(array_fill(0, 5, Patch::remove('device:d')));
        self::assertSame('device d taken out; device d taken out; device d taken out; and 2 more', PatchWords::of($many));

        $skiff = Plans::skiff();
        $set = static fn (int $fields): Patch => Patch::all(array_map(
            static fn (string $id): Patch => Patch::set("battery:{$id}", ['soc' => 0.5]),
            array_slice(['b1', 'b2', 'b3', 'e1'], 0, $fields),
        )) ?? self::fail('Nothing was set.');
        $three = 'battery b1: soc not given → 0.5; battery b2: soc not given → 0.5; battery b3: soc not given → 0.5';
        foreach ([3 => $three, 4 => "{$three}; and 1 more"] as $fields => $says) {
            self::assertSame($says, PatchWords::between($set($fields), $skiff, $skiff->with($set($fields))));
        }
    }
}
