<?php

declare(strict_types=1);

namespace Dinghy\Tests\Evaluation;

use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\Area\Power\Figure\VoltProfile;
use Dinghy\Area\StandardAreas;
use Dinghy\Evaluation\EvaluationDocument;
use Dinghy\Evaluation\Verdict;
use Dinghy\Evaluation\Why;
use Dinghy\Plan\Plan;
use Dinghy\Quantity\Units;
use Dinghy\Rule\Finding;
use Dinghy\Tests\Plans;
use Dinghy\Wiring\SizedRun;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EvaluationTest extends TestCase
{
    /** Common practice: three 12 V blocks at 13.2 V rested read 13.2, 26.4 and 39.6 V, spoken of as 13, 26 and 39. */
    public function test_a_full_series_bank_reads_13_26_39(): void
    {
        $points = array_column(Plans::evaluate(Plans::series(3, ['rested_v' => 13.2]))->boat->figures(PowerFigures::class)->meterPoints, null, 'id');

        self::assertEqualsWithDelta(13.2, $points['thrust:tap:1']->expect, 1e-9);
        self::assertEqualsWithDelta(26.4, $points['thrust:tap:2']->expect, 1e-9);
        self::assertEqualsWithDelta(39.6, $points['thrust:pos']->expect, 1e-9);
        self::assertSame(['b1+', 'b1-'], [(string) $points['thrust:tap:1']->plus, (string) $points['thrust:tap:1']->minus]);
        self::assertSame(['b3+', 'b1-'], [(string) $points['thrust:pos']->plus, (string) $points['thrust:pos']->minus]);
        self::assertEqualsWithDelta(39.6, $points['m1:plug']->expect, 1e-9);
    }

    /** ± (0.5 % + 0.02 V), and ± 0.1 V for each block not measured: as docs/plan-format.md has it. */
    public function test_tolerance_of_a_reading(): void
    {
        $measured = array_column(Plans::evaluate(Plans::series(3, ['rested_v' => 12.6]))->boat->figures(PowerFigures::class)->meterPoints, null, 'id')['thrust:pos'];
        self::assertEqualsWithDelta(0.005 * 37.8 + 0.02, $measured->high - $measured->expect, 1e-9);
        $estimated = array_column(Plans::evaluate(Plans::series(3, ['rested_v' => Plans::UNKNOWN]))->boat->figures(PowerFigures::class)->meterPoints, null, 'id')['thrust:pos'];
        self::assertEqualsWithDelta(0.005 * $estimated->expect + 0.02 + 0.3, $estimated->expect - $estimated->low, 1e-9);
        self::assertTrue($measured->accepts(37.6));
        self::assertFalse($measured->accepts(37.5));
    }

    /** E-11 by hand: 10.75 · 56 · 2 · 5.9/0.3048 / 41 741 cmil = 0.558 V, 1.55 % of 36 V. */
    public function test_drop_of_the_main_run(): void
    {
        $run = Plans::evaluate(Plans::series(3))->boat->runs['main'];

        self::assertEqualsWithDelta(0.558, $run->drop, 0.001);
        self::assertEqualsWithDelta(1.55, $run->dropPercent, 0.005);
        $rung = array_values(array_filter($run->options(), static fn ($rung): bool => $rung->gauge->name === '6 AWG'))[0];
        self::assertEqualsWithDelta(2.47, $rung->dropPercent, 0.005);
        self::assertEqualsWithDelta(5.9 * 5 / (float) $rung->dropPercent, $rung->longest, 1e-6);
    }

    /** A motor feed whose gauge and rating are both open: every thinner gauge must fail, the chosen one must not. */
    public function test_a_chosen_gauge_is_the_first_that_fits(): void
    {
        $document = Plans::changed(Plans::series(3), ['feed:main' => ['run.gauge' => null, 'protection.0.rating_a' => null]]);
        $run = Plans::evaluate($document)->boat->runs['main'];

        self::assertTrue($run->gaugeChosen);
        foreach ($run->options() as $rung) {
            if ($rung->gauge->isThinnerThan($run->gauge)) {
                self::assertFalse($rung->fits, $rung->gauge->name);
            }
        }
        self::assertSame('8 AWG', $run->gauge->name); // 3.9 % of 5 %; 80 A; 60 A breaker
        self::assertSame(60.0, $run->protection[0]->rating);
    }

    public function test_runs_of_one_path_share_the_limit_and_together_keep_it(): void
    {
        $open = ['run.gauge' => null];
        $document = Plans::changed(Plans::skiff(), [
            'feed:house' => $open, 'branch:br-bow-display' => $open, 'branch:br-tiller-display' => $open + ['run.extra_mohm' => 0], 'branch:br-live-sonar' => $open, 'branch:br-hub' => $open,
        ]);
        $evaluation = Plans::evaluate($document);

        foreach ($evaluation->boat->figures(PowerFigures::class)->devices as $device) {
            if ($device->device->id !== 'motor') {
                self::assertLessThanOrEqual(3.0 + 1e-9, $device->pathDropPercent, $device->device->id);
            }
        }
        self::assertSame([], array_filter($evaluation->findings, static fn ($finding): bool => $finding->rule->code === 'W01'));
    }

    public function test_a_rating_to_be_chosen_takes_the_wires_side(): void
    {
        $thin = Plans::changed(Plans::series(3), ['feed:main' => ['protection.0.rating_a' => null, 'run.gauge' => '8 AWG', 'run.bundled' => 4]]);
        self::assertSame(40.0, Plans::evaluate($thin)->boat->runs['main']->protection[0]->rating); // 80 A · 0.6 = 48 A
        $thick = Plans::changed($thin, ['feed:main' => ['run.gauge' => '6 AWG']]);
        self::assertSame(60.0, Plans::evaluate($thick)->boat->runs['main']->protection[0]->rating);
    }

    public function test_length_is_the_shortest_way_and_slack_at_both_ends(): void
    {
        $length = static fn (array $run): ?float => Plans::evaluate(Plans::changed(Plans::skiff(), ['feed:bow-motor' => $run]))->boat->runs['bow-motor']->length;

        self::assertEqualsWithDelta(1.1 + 1.6 + 1.7 + 0.9 + 0.6, $length([]), 1e-9);
        self::assertEqualsWithDelta(5.9, $length(['run.route' => null]), 1e-9);
        self::assertSame(7.5, $length(['run.route' => null, 'run.length_m' => 7.5]));
        // There and back again: stern, bow, midship.
        self::assertEqualsWithDelta(5.3 + 2.6 + 0.6, $length(['run.route' => ['stern', 'bow', 'midship']]), 1e-9);
    }

    public function test_volts_fall_from_rest_to_loaded_to_lowest(): void
    {
        foreach (Plans::evaluate(Plans::skiff())->boat->figures(PowerFigures::class)->devices as $device) {
            self::assertGreaterThan($device->loaded, $device->rest, $device->device->id);
            self::assertGreaterThan($device->lowest, $device->loaded, $device->device->id);
        }
    }

    public function test_a_profile_loses_what_lies_between_bank_and_plug(): void
    {
        $evaluation = Plans::evaluate(Plans::skiff());
        $profiles = VoltProfile::allOf($evaluation->boat);
        self::assertCount(5, $profiles);
        foreach ($profiles as $profile) {
            $points = $profile->points;
            $last = $points[count($points) - 1];
            self::assertEqualsWithDelta($points[0]->volts - $last->volts, array_sum(array_column($points, 'lost')), 1e-9);
            $device = array_values(array_filter($evaluation->boat->figures(PowerFigures::class)->devices, static fn ($volts): bool => $volts->device === $profile->device))[0];
            self::assertEqualsWithDelta($device->loaded, $last->volts, 1e-9);
        }
    }

    /** 5 m of feed, 1.5 m of branch, 1.8 m of factory lead: fuses and the bank take none of the way; areas by the AWG definition, ASTM B258. */
    public function test_where_along_the_way_a_profile_loses_it(): void
    {
        $profile = array_values(array_filter(VoltProfile::allOf(Plans::evaluate(Plans::skiff())->boat), static fn (VoltProfile $one): bool => $one->device->id === 'bow-display'))[0];
        $told = array_map(static fn ($point): string => sprintf('%.1f m %s, %.1f mm², %s', $point->metres, $point->label, $point->areaMm2, $point->run), $profile->points);

        self::assertSame([
            '0.0 m bank at rest, 0.0 mm², ', '0.0 m batteries and jumpers, 0.0 mm², ', '0.0 m 30 A magnetic breaker, 0.0 mm², house', '5.0 m 6 AWG, 13.3 mm², house',
            '5.0 m 5 A blade fuse, 0.0 mm², br-bow-display', '6.5 m 12 AWG, 3.3 mm², br-bow-display', '8.3 m lead 16 AWG, 1.3 mm², bow-display',
        ], $told);
    }

    public function test_the_document_meets_its_schema(): void
    {
        $schema = json_decode((string) file_get_contents(__DIR__.'/../../../docs/schema/evaluation-1.json'), false, 512, JSON_THROW_ON_ERROR);
        self::assertInstanceOf(\stdClass::class, $schema);
        unset($schema->{'$id'});
        foreach ([Plans::skiff(), Plans::pump(), Plans::pump(['battery:b1' => ['chemistry' => 'other-lithium']]), Plans::pump(['feed:f1' => ['run.length_m' => null, 'protection' => []]])] as $document) {
            $json = json_encode(EvaluationDocument::of(Plans::evaluate($document)), JSON_THROW_ON_ERROR);
            $result = (new Validator)->validate(json_decode($json), $schema);
            self::assertTrue($result->isValid(), (string) json_encode($result->error()?->args()).$json);
        }
    }

    public function test_a_bank_that_gives_out_leaves_the_others_their_volts(): void
    {
        $wrong = Plans::changed(Plans::skiff(), ['bank:thrust' => ['jumpers' => [(object) ['id' => 'j1', 'from' => 'b1+', 'to' => 'b2+'], (object) ['id' => 'j2', 'from' => 'b2-', 'to' => 'b3-']]]]);
        $evaluation = Plans::evaluate(Plans::changed($wrong, ['device:motor' => ['load' => 'power']]));
        $volts = $evaluation->boat->figures(PowerFigures::class)->devices;

        self::assertNull($volts[0]->loaded, 'the motor asks 2 kW of 12 V');
        self::assertEqualsWithDelta(Plans::evaluate(Plans::skiff())->boat->figures(PowerFigures::class)->devices[1]->loaded, $volts[1]->loaded, 1e-6);
        self::assertNull($evaluation->boat->figures(PowerFigures::class)->banks[0]->shares);
        self::assertNotNull($evaluation->boat->figures(PowerFigures::class)->banks[1]->shares);
        self::assertCount(4, \Dinghy\Area\Power\Figure\VoltProfile::allOf($evaluation->boat));
    }

    public function test_the_verdict_is_a_sentence(): void
    {
        self::assertSame('1 stop, 3 to decide. Lowest screen 12.7 V. Motor 35.7 V at 56 A.', Verdict::of(Plans::evaluate(Plans::skiff())));
        self::assertSame('No stops, nothing to decide.', Verdict::of(Plans::evaluate(Plans::pump())));
    }

    /** Every figure that the page offers a reason for has one, in either unit system, with no empty value. */
    #[DataProvider('units')]
    public function test_every_figure_answers_why(Units $units): void
    {
        $evaluation = StandardAreas::areas()->evaluate(Plans::skiff()->plan(), $units);
        $why = new Why($evaluation);
        $figures = [];
        foreach ($evaluation->boat->circuits() as $run) {
            foreach (['drop_v', 'drop_pct', 'gauge', 'length_m', 'current_a', 'ampacity_a', 'protection_a', 'far_short_a'] as $field) {
                $figures[] = "run:{$run->id}:{$field}";
            }
        }
        foreach ($evaluation->boat->figures(PowerFigures::class)->devices as $device) {
            array_push($figures, ...array_map(static fn (string $field): string => "device:{$device->device->id}:{$field}", ['volts_rest', 'volts_loaded', 'volts_lowest', 'path_drop_pct']));
        }
        array_push($figures, 'bank:thrust:rested_v', 'bank:thrust:short_circuit_a', 'meter:thrust:tap:2', 'meter:motor:plug', 'finding:W02:feed:bow-motor', 'finding:W01:device:tiller-display');
        foreach ($figures as $figure) {
            $explanation = $why->of($figure);
            self::assertNotNull($explanation, $figure);
            self::assertNotSame('', $explanation->formula->says.$explanation->formula->source);
            self::assertMatchesRegularExpression('/[0-9]/', $explanation->value, $figure);
        }
        foreach (['', 'run', 'run:x:drop_v', 'run:house:weight', 'device:x:volts_rest', 'bank:x:rested_v', 'meter:x', 'finding:W01', 'a:b:c'] as $unknown) {
            self::assertNull($why->of($unknown), $unknown);
        }
    }

    /** @return list<array{Units}> */
    public static function units(): array
    {
        return [[Units::Imperial], [Units::Metric]];
    }

    public function test_why_fills_the_formula_with_the_runs_own_figures(): void
    {
        $explanation = (new Why(StandardAreas::areas()->evaluate(Plans::skiff()->plan(), Units::Metric)))->of('run:bow-motor:drop_v');

        self::assertSame('1.41 V, 3.9 %', $explanation?->value);
        self::assertSame('56 A', $explanation->inputs[0]['value']);
        self::assertStringContainsString('11.8 m', $explanation->inputs[1]['value']);
        self::assertStringContainsString('6 AWG: 2.5 %', (string) $explanation->lever);
    }

    public function test_a_device_that_nothing_feeds_has_no_volts_and_is_said_to(): void
    {
        $document = Plans::pump(['plan' => ['feeds' => []]]);
        $evaluation = Plans::evaluate($document);

        self::assertNull($evaluation->boat->figures(PowerFigures::class)->devices[0]->loaded);
        self::assertSame(['D08'], array_map(static fn (Finding $finding): string => $finding->rule->code, $evaluation->findings));
        self::assertSame([], array_filter($evaluation->boat->runs, static fn (SizedRun $run): bool => $run->circuit !== null));
    }
}
