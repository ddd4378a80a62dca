<?php

declare(strict_types=1);

namespace Dinghy\Tests\File;

use Dinghy\Area\StandardAreas;
use Dinghy\File\PlanDocument;
use Dinghy\File\PlanRefused;
use Dinghy\File\Shape\Problem;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlanRefusalTest extends TestCase
{
    /** @param  array<string, array<string, mixed>>  $changes */
    #[DataProvider('refusals')]
    public function test_a_refusal_names_the_place_and_what_was_expected(array $changes, string $pointer, string $expected): void
    {
        $problems = self::problemsOf(Plans::changed(Plans::skiff(), $changes));

        self::assertSame($pointer, $problems[0]->pointer, (string) $problems[0]);
        self::assertStringContainsString($expected, $problems[0]->message);
    }

    /** @return array<string, array{array<string, array<string, mixed>>, string, string}> */
    public static function refusals(): array
    {
        return [
            'a length that names its limit' => [['feed:house' => ['run.length_m' => 5900, 'run.route' => null]], '/feeds/1/run/length_m', 'from 0.05 to 60 m'],
            'amps' => [['device:hub' => ['peak_a' => -1]], '/devices/4/peak_a', 'from 0 to 600 A'],
            'volts as text' => [['battery:b1' => ['rested_v' => '12.7']], '/batteries/0/rested_v', 'a number from 0 to 70 V, found "12.7"'],
            'an unknown key' => [['feed:house' => ['fuze' => 3]], '/feeds/1/fuze', 'unknown key "fuze"'],
            'a gauge that is not made' => [['feed:house' => ['run.gauge' => '7 AWG']], '/feeds/1/run/gauge', 'one of 24 AWG'],
            'a dangling device' => [['feed:bow-motor' => ['to' => (object) ['device' => 'm9']]], '/feeds/0/to/device', 'the id of a device'],
            'a dangling bank' => [['feed:house' => ['from.bank' => 'nowhere']], '/feeds/1/from/bank', 'the id of a bank'],
            'a dangling station' => [['device:hub' => ['station' => 'attic']], '/devices/4/station', 'the id of a station'],
            'a way to itself' => [['way:w-locker-bow' => ['to' => 'bow-locker']], '/boat/ways/3/to', 'another station'],
            'a route that no way walks' => [['way:w-locker-bow' => ['from' => 'stern', 'to' => 'tiller']], '/feeds/0/run/route/2', 'no way leads from "midship" to "bow"'],
            'a route and a length' => [['feed:house' => ['run.length_m' => 5]], '/feeds/1/run/length_m', 'either a route or a length'],
            'a terminal the bank lacks' => [['feed:bow-motor' => ['from.plus' => 'tap:4']], '/feeds/0/from/plus', 'a terminal of bank "thrust"'],
            'plus below minus' => [['feed:bow-motor' => ['from.plus' => 'neg']], '/feeds/0/from/plus', 'stands above'],
            'two things at once' => [['feed:house' => ['to' => (object) ['device' => 'hub', 'block' => 'bow-block']]], '/feeds/1/to', 'exactly one of device, block'],
            'neither of two' => [['feed:house' => ['to' => new \stdClass]], '/feeds/1/to', 'exactly one of device, block'],
            'no resistance' => [['battery:b1' => ['internal_mohm' => 0]], '/batteries/0/internal_mohm', 'from 0.05 to 1000 mΩ'],
            'less than no resistance' => [['feed:house' => ['run.extra_mohm' => -1]], '/feeds/1/run/extra_mohm', 'from 0 to 2000 mΩ'],
            'a jumper from a post to itself' => [['bank:thrust' => ['jumpers' => [(object) ['id' => 'j', 'from' => 'b1+', 'to' => 'b1+']]]], '/banks/0/jumpers/0/to', 'another post'],
            'ten thousand devices' => [['plan' => ['devices' => array_map(static fn (int $n): \stdClass => (object) ['id' => "d{$n}"], range(1, 10_000))]], '/devices', '0 to 512 items'],
            'a bond to itself' => [['plan' => ['bonds' => [(object) ['id' => 'bond', 'from' => 'thrust', 'to' => 'thrust']]]], '/bonds/0/to', 'another bank'],
            'a bond to nothing' => [['plan' => ['bonds' => [(object) ['id' => 'bond', 'from' => 'thrust', 'to' => 'x']]]], '/bonds/0/to', 'the id of a bank'],
            'a string fuse without a rating' => [['bank:thrust' => ['string_protection' => (object) ['family' => 'battery-post']]], '/banks/0/string_protection/rating_a', 'a rating in A'],
            'a block that leads back to itself' => [['plan' => ['blocks' => [
                (object) ['id' => 'bow-block', 'branches' => [(object) ['id' => 'on', 'class' => 'general', 'to' => (object) ['block' => 'far']]]],
                (object) ['id' => 'far', 'branches' => [(object) ['id' => 'back', 'class' => 'general', 'to' => (object) ['block' => 'bow-block']]]],
            ]]], '/blocks/0/branches/0/to/block', 'does not lead back to "bow-block"'],
            'a block on nothing' => [['branch:br-hub' => ['to' => (object) ['block' => 'nowhere']]], '/blocks/0/branches/3/to/block', 'the id of a block'],
            'a jumper\'s fuse without a rating' => [['bank:thrust' => ['jumpers' => [(object) ['id' => 'j', 'from' => 'b1+', 'to' => 'b2-', 'protection' => (object) ['family' => 'battery-post']]]]], '/banks/0/jumpers/0/protection/0/rating_a', 'a rating in A'],
            'a converter on no bank' => [['charger:c2' => ['outputs' => [(object) ['block' => 'bow-block', 'amps' => 10]]]], '/chargers/1', 'missing key "input_from"'],
            'a converter to no block' => [['charger:c2' => ['input_from' => (object) ['bank' => 'thrust'], 'outputs' => [(object) ['block' => 'nowhere', 'amps' => 10]]]], '/chargers/1/outputs/0/block', 'the id of a block'],
            'a converter on no terminal' => [['charger:c2' => ['input_from' => (object) ['bank' => 'thrust', 'plus' => 'tap:7']]], '/chargers/1/input_from/plus', 'a terminal of bank "thrust"'],
            'a charger that is set for no chemistry' => [['charger:c2' => ['outputs' => [(object) ['battery' => 'e1', 'amps' => 10]]]], '/chargers/1/outputs/0', 'missing key "profile"'],
            'an output on no battery' => [['charger:c2' => ['outputs.0.battery' => 'e9']], '/chargers/1/outputs/0/battery', 'the id of a battery'],
            'a device hung in a block that is not there' => [['branch:br-hub' => ['to' => (object) ['device' => 'd9']]], '/blocks/0/branches/3/to/device', 'the id of a device'],
            'a block in no station' => [['block:bow-block' => ['station' => 'attic']], '/blocks/0/station', 'the id of a station'],
            'a battery in no station' => [['battery:b1' => ['station' => 'attic']], '/batteries/0/station', 'the id of a station'],
            'an output to both' => [['charger:c2' => ['outputs.0.block' => 'bow-block']], '/chargers/1/outputs/0', 'exactly one of battery, block'],
            'an output across nothing' => [['charger:c2' => ['outputs.0.across' => ['e1', 'e9']]], '/chargers/1/outputs/0/across/1', 'the id of a battery'],
            'an engine without its battery' => [['plan' => ['boat.engine' => (object) ['battery' => 's1']]], '/boat/engine/battery', 'the id of a battery'],
            'a battery in two banks' => [['bank:electronics' => ['strings' => [['b1']]]], '/banks/1/strings/0/0', 'no other place'],
            'a bank without batteries' => [['bank:electronics' => ['strings' => [[]]]], '/banks/1/strings/0', '1 to 16 items'],
            'too many volts' => [['battery:b1' => ['nominal_v' => 48]], '/banks/0/strings/0', 'adds up to 72 V'],
            'an id used twice' => [['bank:thrust' => ['jumpers' => [(object) ['id' => 'house', 'from' => 'b1+', 'to' => 'b2-']]]], '/feeds/1/id', 'used once'],
            'a jumper to itself' => [['bank:thrust' => ['jumpers' => [(object) ['id' => 'j1', 'from' => 'b1+', 'to' => 'b1+']]]], '/banks/0/jumpers/0/to', 'another post'],
            'an upside-down range' => [['device:hub' => ['v_max' => 8]], '/devices/4/v_max', 'more than v_min'],
            'a peak below typical' => [['device:hub' => ['peak_a' => 0.1]], '/devices/4/peak_a', 'at least typical_a'],
            'a fuse family' => [['branch:br-hub' => ['family' => 'nail']], '/blocks/0/branches/3/family', 'one of blade'],
            'another format' => [['plan' => ['format' => 'plan']], '/format', 'dinghy-plan'],
            'a later version' => [['plan' => ['version' => 2]], '/version', 'one of 1'],
            'an infinite number' => [['battery:b1' => ['capacity_ah' => INF]], '/batteries/0/capacity_ah', 'too large'],
            'a trip with an unknown device' => [['plan' => ['trip' => (object) ['phases' => [(object) ['on' => (object) ['x' => 1]]]]]], '/trip/phases/0/on/x', 'the id of a device'],
        ];
    }

    public function test_what_is_not_a_plan_at_all(): void
    {
        foreach (['', 'null', '[]', '7', '{"format":', "{\"a\":\"\xff\"}", str_repeat('[', 5000).str_repeat(']', 5000), '{"a":'.str_repeat('[', 10_000_000)] as $text) {
            try {
                StandardAreas::areas()->format->document($text)->plan();
                self::fail('Passed: '.substr($text, 0, 20));
            } catch (PlanRefused $e) {
                self::assertSame('', $e->problems[0]->pointer);
                self::assertLessThan(300, strlen((string) $e->problems[0]));
            }
        }
    }

    public function test_every_missing_key_is_told_at_once(): void
    {
        $problems = self::problemsOf(StandardAreas::areas()->format->document('{"format":"dinghy-plan","version":1,"batteries":[{"id":"b1"}],"devices":[{"id":"d~/1"}]}'));

        self::assertContains('/batteries/0: missing key "chemistry"', array_map(strval(...), $problems));
        self::assertContains('/batteries/0: missing key "capacity_ah"', array_map(strval(...), $problems));
        self::assertContains('/devices/0: missing key "v_min"', array_map(strval(...), $problems));
    }

    public function test_a_ring_of_ways_and_an_empty_plan_are_fine(): void
    {
        $plan = StandardAreas::areas()->format->document('{"format":"dinghy-plan","version":1,"boat":{"stations":[{"id":"a","x_m":0,"y_m":0},{"id":"b","x_m":1,"y_m":0},{"id":"c","x_m":2,"y_m":0}],
            "ways":[{"id":"w1","from":"a","to":"b","length_m":1},{"id":"w2","from":"b","to":"c","length_m":1},{"id":"w3","from":"c","to":"a","length_m":1}]}}')->plan();

        self::assertCount(3, $plan->boat->ways);
        self::assertSame([], Plans::evaluate(StandardAreas::areas()->format->document('{"format":"dinghy-plan","version":1}'))->findings);
    }

    public function test_one_protection_object_stands_for_a_list_of_one(): void
    {
        $document = Plans::pump(['feed:f1' => ['protection' => (object) ['family' => 'blade', 'rating_a' => 15, 'from_source_m' => 0.1]]]);
        $again = StandardAreas::areas()->format->document($document->toJson());

        self::assertCount(1, $again->plan()->feeds['f1']->protection);
        self::assertStringContainsString('"protection":[{', $again->toJson());
    }

    /** @return non-empty-list<Problem> */
    private static function problemsOf(PlanDocument $document): array
    {
        try {
            $document->plan();
        } catch (PlanRefused $e) {
            return $e->problems;
        }
        self::fail('The plan passed.');
    }
}
