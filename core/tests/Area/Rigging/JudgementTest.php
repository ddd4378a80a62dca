<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Rigging;

use Dinghy\Area\Rigging\Probing;
use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\StepKind;
use Dinghy\Area\Rigging\Steps;
use Dinghy\File\PlanDocument;
use Dinghy\Metering\HandMeter;
use Dinghy\Metering\Judgement;
use Dinghy\Metering\Verdict;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a reading is taken for: by hand, on three blocks of 12.7 V in series (12.7, 25.4, 38.1 V from the common negative). */
final class JudgementTest extends TestCase
{
    private const PLUS = 'connect:bank:thrust:feed:bow-motor+@b3+'; // of the motor's feed, on block 3 +

    /** @return array<string, array{string, list<float>, Verdict, string}> */
    public static function readings(): array
    {
        $open = HandMeter::OVER;

        return [
            'gap open, post at the top of the bank' => [self::PLUS, [0.0, 38.1], Verdict::Inside, '38.1 V: right.'],
            'within ½ % and 20 mV' => [self::PLUS, [0.0, 38.3], Verdict::Inside, 'right'],
            'beyond it' => [self::PLUS, [0.0, 38.33], Verdict::Outside, '38.33 V where 38.1 V should be'],
            'one block too low' => [self::PLUS, [0.0, 25.4], Verdict::Outside, 'this is Battery 2 of thrust +, not Battery 3 of thrust +'],
            'two blocks too low' => [self::PLUS, [0.0, 12.7], Verdict::Outside, 'this is Battery 1 of thrust +'],
            'a volt across what nothing joins' => [self::PLUS, [12.7, 38.1], Verdict::Outside, 'Do not land it'],
            'probes swapped' => [self::PLUS, [0.0, -38.1], Verdict::Asks, 'are the probes swapped? Red goes on Battery 3 of thrust +'],
            'millivolts' => [self::PLUS, [0.0, 38_100.0], Verdict::Asks, 'As millivolts it would be right: 38.1 V'],
            'a thousandth' => [self::PLUS, [0.0, 0.0381], Verdict::Asks, 'look at the unit, and set 200 V DC'],
            'over the range' => [self::PLUS, [0.0, $open], Verdict::Asks, 'More than its range: set 200 V DC'],
            'on AC' => [self::PLUS, [0.0, 84.6], Verdict::Asks, 'is the meter on AC?'],
            'black on the other bank, or nowhere' => [self::PLUS, [0.0, 0.02], Verdict::Asks, 'black on this bank and not on the electronics bank'],
            'a low block' => ['connect:bank:thrust:jumper:b1+b2-@b2-', [0.0, 11.9], Verdict::Outside, 'Battery 2 of thrust is low by 0.8 V'],
            'low somewhere' => [self::PLUS, [0.0, 37.3], Verdict::Outside, 'one block between the probes is low by 0.8 V'],
            'charged just now' => ['connect:bank:thrust:jumper:b1+b2-@b2-', [0.0, 13.5], Verdict::Outside, 'charged just now and has not rested'],
            'nothing joins plus to minus' => ['off:feed:bow-motor', [$open, $open], Verdict::Inside, 'Open: right.'],
            'damp is no short' => ['off:feed:bow-motor', [$open, 47_000.0], Verdict::Inside, '47 kΩ: right.'],
            'a short to the hull' => ['off:feed:bow-motor', [$open, 0.6], Verdict::Outside, 'That is a short: no power until it is found. Somewhere plus touches the hull'],
            'leakage to the hull' => ['off:feed:bow-motor', [$open, 900.0], Verdict::Outside, '900 Ω where it should be open. Somewhere plus touches the hull'],
            'ohms or kilohms' => ['off:feed:bow-motor', [$open, 4.7], Verdict::Asks, '4.7 of what? Look at the unit'],
            'ohms on what is live' => ['off:feed:bow-motor', [$open, -3.0], Verdict::Asks, 'Ohms have no sign'],
            'right at the plug' => ['rest:feed:bow-motor', [38.1], Verdict::Inside, 'right'],
            'a tap instead of the top' => ['rest:feed:bow-motor', [25.4], Verdict::Outside, 'its plus sits on Battery 2 of thrust +, not on Battery 3 of thrust +'],
        ];
    }

    /** @param  list<float>  $values */
    #[DataProvider('readings')]
    public function test_what_a_reading_is_taken_for(string $step, array $values, Verdict $verdict, string $says): void
    {
        $last = self::last($step, $values);
        self::assertSame([$verdict, true], [$last->verdict, str_contains($last->says, $says)], $last->says);
    }

    /** @return array<string, array{string, list<float>, string}> */
    public static function lookedAtAgain(): array
    {
        return [
            'plus and minus swapped at the plug' => ['rest:feed:bow-motor', [-38.1], 'plus and minus are swapped on the way'],
            'a block the wrong way round' => ['connect:bank:thrust:jumper:b1+b2-@b2-', [0.0, -12.7], 'Battery 2 of thrust stands the wrong way round'],
            'a breaker that is open' => ['rest:feed:bow-motor', [0.0], 'its fuse is out, or its breaker open'],
            'lithium that sleeps' => ['connect:bank:electronics:charger:c2+@e1+', [0.0, 0.0], 'Battery 1 of electronics is asleep'],
            'ohms after all' => ['off:feed:bow-motor', [4.7, HandMeter::OVER], 'what is still plugged in (Bow motor 36 V reads about 0.64 Ω)'],
        ];
    }

    /** @param  list<float>  $values */
    #[DataProvider('lookedAtAgain')]
    public function test_what_it_is_when_nothing_was_read_wrong(string $step, array $values, string $says): void
    {
        $judgements = self::judge($step, $values, checked: true);
        $outside = array_values(array_filter($judgements, static fn (Judgement $one): bool => $one->verdict === Verdict::Outside));
        self::assertCount(1, $outside);
        self::assertStringContainsString($says, $outside[0]->says);
    }

    /** A meter of low battery shows the same share too much of everything; one reading of many does not make it so. */
    public function test_a_meter_whose_own_battery_is_low(): void
    {
        $boat = Plans::evaluate(self::boat())->boat;
        $steps = $boat->figures(Steps::class);
        $probing = new Probing($boat);
        $step = $steps->find('connect:bank:thrust:jumper:b1+b2-@b2-') ?? self::fail('no such step');
        $landed = self::landedBefore($steps, $step);
        $earlier = static fn (float ...$values): array => array_map(static fn (float $value): \Dinghy\Metering\Reading => new \Dinghy\Metering\Reading($probing->of($step, $probing->after($landed))[1], $value), $values);
        $judge = static fn (array $before): string => $probing->judge($step, $landed, [0.0, 1.08 * 12.7], $before, false)[1]->says ?? '';
        self::assertStringContainsString('Everything reads 8 % high', $judge($earlier(1.08 * 12.7, 1.08 * 12.7)));
        self::assertStringNotContainsString('Everything', $judge($earlier(1.08 * 12.7, 12.7)));
        self::assertStringNotContainsString('Everything', $judge([]));
    }

    /** A converter that stays on its block has ohms of its own: it is no short, and no lower than what divides its volts. */
    public function test_a_converter_stays_across_its_block(): void
    {
        $low = static function (array $chargers): float {
            $boat = Plans::evaluate(Plans::changed(Plans::parallel(), ['plan' => ['chargers' => $chargers]]))->boat;
            $probing = new Probing($boat);

            return $probing->of($boat->figures(Steps::class)->find('off:feed:main') ?? self::fail('no such step'), $probing->after([]))[0]->low;
        };
        self::assertSame(HandMeter::OPEN, $low([]));
        self::assertSame(HandMeter::OPEN_WITH_CONVERTER, $low([['id' => 'converter', 'input' => 'dc-dc', 'input_from' => ['bank' => 'house'], 'efficiency' => 0.9, 'outputs' => [['block' => 'fuses', 'amps' => 10, 'volts' => 13, 'lead' => ['gauge' => '10 AWG', 'length_m' => 1]]]]]));
    }

    /** Of two that would show the same, the reading that tells one from the other: its figures are those of the two circuits. */
    public function test_what_to_measure_next(): void
    {
        $last = self::judge(self::PLUS, [0.0, 0.0], checked: true)[1];
        self::assertSame(Verdict::Outside, $last->verdict);
        self::assertMatchesRegularExpression('/^Measure next: red on Battery \d of (thrust|electronics) [+−], black on Battery \d of (thrust|electronics) [+−]\. -?[\d.]+ V means the first, -?[\d.]+ V the second\.$/u', (string) $last->next);
    }

    /** The first is judged while the second is not taken yet; more than the step asks for are of another step. */
    public function test_readings_one_by_one(): void
    {
        $boat = Plans::evaluate(self::boat())->boat;
        $steps = $boat->figures(Steps::class);
        $step = $steps->find(self::PLUS) ?? self::fail('no such step');
        self::assertCount(1, (new Probing($boat))->judge($step, self::landedBefore($steps, $step), [0.0], [], false) ?? []);
        self::assertNull((new Probing($boat))->judge($step, self::landedBefore($steps, $step), [0.0, 38.1, 1.0], [], false));
    }

    /** A block that was read takes the place of what the plan expects, and narrows what is right. */
    public function test_what_was_read_of_the_blocks_is_what_they_stack_up_to(): void
    {
        $unmeasured = Plans::changed(self::boat(), array_combine(['battery:b1', 'battery:b2', 'battery:b3'], array_fill(0, 3, ['rested_v' => Plans::UNKNOWN])));
        $boat = Plans::evaluate($unmeasured)->boat;
        $steps = $boat->figures(Steps::class);
        $step = $steps->find(self::PLUS) ?? self::fail('no such step');
        $post = static fn (Probing $probing): array => [$probing->of($step, $probing->after(self::landedBefore($steps, $step)))[1]->expect, $probing->of($step, $probing->after(self::landedBefore($steps, $step)))[1]->high];
        [$expected, $high] = $post(new Probing($boat));
        self::assertEqualsWithDelta(0.005 * $expected + 0.02 + 3 * 0.1, $high - $expected, 1e-6);
        [$expected, $high] = $post(new Probing($boat, ['b1' => 12.5, 'b2' => 12.6, 'b3' => 12.55]));
        self::assertEqualsWithDelta(37.65, $expected, 1e-4);
        self::assertEqualsWithDelta(0.005 * 37.65 + 0.02, $high - $expected, 1e-4);
    }

    private static function boat(): PlanDocument
    {
        return Plans::changed(Plans::demo('boats/skiff'), array_combine(['battery:b1', 'battery:b2', 'battery:b3'], array_fill(0, 3, ['rested_v' => 12.7])));
    }

    /** @return list<Step> */
    private static function landedBefore(Steps $steps, Step $step): array
    {
        $before = array_slice($steps->all, 0, (int) array_search($step, $steps->all, true));

        return array_values(array_filter($before, static fn (Step $one): bool => $one->kind === StepKind::Connect));
    }

    /**
     * @param  list<float>  $values
     * @return list<Judgement>
     */
    private static function judge(string $id, array $values, bool $checked = false): array
    {
        $boat = Plans::evaluate(self::boat())->boat;
        $steps = $boat->figures(Steps::class);
        $step = $steps->find($id) ?? self::fail('no such step');

        return (new Probing($boat))->judge($step, self::landedBefore($steps, $step), $values, [], $checked) ?? self::fail('not as many as asked for');
    }

    /** @param  list<float>  $values */
    private static function last(string $id, array $values): Judgement
    {
        $judgements = self::judge($id, $values);
        $not = array_values(array_filter($judgements, static fn (Judgement $one): bool => ! $one->isInside()));

        return $not[0] ?? $judgements[count($judgements) - 1];
    }
}
