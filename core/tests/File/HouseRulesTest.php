<?php

declare(strict_types=1);

namespace Dinghy\Tests\File;

use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\Area\StandardAreas;
use Dinghy\File\HouseRulesFormat;
use Dinghy\File\HouseRuleText;
use Dinghy\File\Patch;
use Dinghy\File\PatchWords;
use Dinghy\File\PlanRefused;
use Dinghy\Plan\LoadClass;
use Dinghy\Plan\Plan;
use Dinghy\Quantity\NumberingEnd;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
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
        $skiff = Plans::skiff();
        $words = new PatchWords($skiff->words(new QuantityFormatter(Units::Imperial)));
        foreach ([
            'feed to Bow motor 36 V: gauge 6 AWG, length, one way 19 ft 8 in' => Patch::set('feed:bow-motor', ['run.gauge' => '6 AWG', 'run.length_m' => 6.0]),
            'Battery 1 of thrust: held down yes, mass 60 lb' => Patch::set('battery:b1', ['restrained' => true, 'mass_kg' => 27.2]),
            'branch X put in Bow block' => Patch::put('branch:x', (object) ['id' => 'x'], 'block:bow-block'),
            'Device d taken out; Device e put in' => Patch::remove('device:d')->and(Patch::put('device:e', (object) ['id' => 'e'])),
            'Thrust bank: jumpers, as they are landed changed' => Patch::set('bank:thrust', ['jumpers' => []]),
            'the plan: house rules not given' => Patch::of([['on' => 'plan', 'unset' => ['house_rules']]]),
            'feed to Bow motor 36 V: fuse or breaker: rating 50 A, taken from: bank Electronics bank' => Patch::set('feed:bow-motor', ['protection.0.rating_a' => 50, 'from.bank' => 'electronics']),
            'Bow motor 36 V: draws at peak not given' => Patch::set('device:motor', ['peak_a' => null]),
        ] as $says => $patch) {
            self::assertSame(str_replace('branch X', 'branch to X', $says), $words->of($patch));
        }
        $many = Patch::all(array_fill(0, 5, Patch::remove('device:d')));
        self::assertSame('Device d taken out; Device d taken out; Device d taken out; and 2 more', $words->of($many));

        $set = static fn (int $fields): Patch => Patch::all(array_map(
            static fn (string $id): Patch => Patch::set("battery:{$id}", ['soc' => 0.5]),
            array_slice(['b1', 'b2', 'b3', 'e1'], 0, $fields),
        )) ?? self::fail('Nothing was set.');
        $three = 'Battery 1 of thrust: charged to 100 % → 50 %; Battery 2 of thrust: charged to 100 % → 50 %; Battery 3 of thrust: charged to 100 % → 50 %';
        foreach ([3 => $three, 4 => "{$three}; and 1 more"] as $fields => $says) {
            self::assertSame($says, $words->between($set($fields), $skiff, $skiff->with($set($fields))));
        }
    }

    public function test_a_refusal_names_part_and_field_as_the_page_does(): void
    {
        $skiff = Plans::skiff();
        foreach ([
            'Feed to Bow motor 36 V, length, one way: expected a number from 0.05 to 60 m of run, one way, found 100.' => Patch::set('feed:bow-motor', ['run.route' => null, 'run.length_m' => 100]),
            'Bow motor 36 V, works up to: expected more than “works from”, 30 V, found 20 V.' => Patch::set('device:motor', ['v_max' => 20]),
            'Electronics bank, shunt: stud: expected one of' => Patch::set('bank:electronics', ['shunt' => (object) ['stud' => 'M99']]),
            'Charger c, outputs: gives up to is not given.' => Patch::put('charger:c', (object) ['id' => 'c', 'outputs' => [(object) ['battery' => 'e1', 'profile' => 'agm']]]),
            'The plan, boat: length: expected a number' => Patch::set('plan', ['boat.length_m' => 'long']),
        ] as $says => $patch) {
            try {
                $skiff->with($patch)->plan();
                self::fail("Not refused: {$says}");
            } catch (PlanRefused $refused) {
                self::assertStringStartsWith($says, $refused->problems[0]->sentence());
            }
        }
    }
}
