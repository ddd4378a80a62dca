<?php

declare(strict_types=1);

namespace Dinghy\Tests\Wiring;

use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanDocument;
use Dinghy\Rule\Finding;
use Dinghy\Tests\Plans;
use Dinghy\Wiring\GaugeOption;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SizingTest extends TestCase
{
    private const OPEN = ['run.gauge' => null, 'protection.0.rating_a' => null];

    /** @param  array<string, array<string, mixed>>  $changes to a pump circuit whose gauge and fuse are open */
    #[DataProvider('choices')]
    public function test_what_is_chosen(array $changes, string $gauge, float $rating): void
    {
        $run = Plans::evaluate(Plans::changed(Plans::pump(['feed:f1' => self::OPEN]), $changes))->boat->runs['f1'];

        self::assertSame([$gauge, $rating], [$run->gauge->name, $run->protection[0]->rating]);
    }

    /**
     * Worked by hand from E-11's arithmetic: 8 A, limit 3 % of 12 V = 0.36 V, so CM ≥ 10.75 · 8 · 2 · L/0.3048 / 0.36.
     *
     * @return array<string, array{array<string, array<string, mixed>>, string, float}>
     */
    public static function choices(): array
    {
        return [
            '3 m: 4703 cmil, 12 AWG' => [[], '12 AWG', 15],
            '6 m: 9405 cmil, 10 AWG' => [['feed:f1' => ['run.length_m' => 6]], '10 AWG', 15],
            '7 m: 10 973 cmil, over 10 AWG' => [['feed:f1' => ['run.length_m' => 7]], '8 AWG', 15],
            'a wider class' => [['feed:f1' => ['class' => 'general']], '16 AWG', 15],
            'a house rule of 5 %' => [['plan' => ['house_rules' => (object) ['drop_pct' => (object) ['electronics' => 5]]]], '14 AWG', 15],
            'only what is in stock' => [['plan' => ['house_rules' => (object) ['stock_gauges' => ['2 AWG', '16 mm2', '6 AWG']]]], '6 AWG', 15],
            'metric stock' => [['plan' => ['house_rules' => (object) ['stock_gauges' => ['1.5 mm2', '2.5 mm2', '4 mm2', '6 mm2']]]], '4 mm2', 15], // 2.5 mm² by IEC 60228, 8.21 mΩ/m at 20 °C, loses 0.40 V; 0.36 V are 3 %
            'copper-clad resists more' => [['feed:f1' => ['run.metal' => 'cca']], '10 AWG', 15],
            'a bundle: 16 AWG would do for drop' => [['feed:f1' => ['class' => 'general', 'run.bundled' => 7]], '14 AWG', 15],
            'extra resistance takes of the share' => [['feed:f1' => ['run.extra_mohm' => 15]], '10 AWG', 15],
            'the makers fuse' => [['device:d1' => ['fuse_a' => 20]], '12 AWG', 20],
            'a given rating asks for wire that it protects' => [['feed:f1' => ['class' => 'general', 'protection.0.rating_a' => 30]], '14 AWG', 30],
            'nothing in stock is thick enough' => [['feed:f1' => ['run.length_m' => 60], 'plan' => ['house_rules' => (object) ['stock_gauges' => ['16 AWG', '10 AWG']]]], '10 AWG', 15],
            'no length known: what carries the current' => [['feed:f1' => ['run.length_m' => null]], '16 AWG', 15],
        ];
    }

    public function test_a_factory_lead_takes_of_the_share(): void
    {
        $with = Plans::evaluate(Plans::pump(['feed:f1' => self::OPEN, 'device:d1' => ['lead' => (object) ['gauge' => '14 AWG', 'length_m' => 1.2]]]));

        self::assertSame('10 AWG', $with->boat->runs['f1']->gauge->name);
        self::assertLessThanOrEqual(3.0, $with->boat->figures(PowerFigures::class)->devices[0]->pathDropPercent);
    }

    public function test_an_engine_space_on_the_way_lowers_what_a_wire_carries(): void
    {
        $ampacity = static fn (bool $engine): ?float => Plans::evaluate(Plans::changed(Plans::skiff(), ['way:w-tiller-midship' => ['engine_space' => $engine]]))->boat->runs['bow-motor']->ampacity;

        self::assertEqualsWithDelta(sqrt(55 / 75) * (float) $ampacity(false), $ampacity(true), 1e-9);
    }

    public function test_every_rung_says_how_far_it_reaches_and_reaching_it_meets_the_limit(): void
    {
        $run = Plans::evaluate(Plans::pump())->boat->runs['f1'];
        foreach ($run->options() as $rung) {
            self::assertInstanceOf(GaugeOption::class, $rung);
            $length = min(60.0, max(0.05, (float) $rung->longest));
            $there = Plans::evaluate(Plans::pump(['feed:f1' => ['run.length_m' => $length, 'run.gauge' => $rung->gauge->name]]));
            if ($length === $rung->longest) {
                self::assertEqualsWithDelta(3.0, $there->boat->figures(PowerFigures::class)->devices[0]->pathDropPercent, 1e-6, $rung->gauge->name);
            }
        }
    }

    /** What W01 speaks of is the figure of the device, and its limit is met just below it: 3 % at the ladder's own longest way, a centimetre more is too far. */
    public function test_the_rule_of_drop_begins_where_the_ladder_ends(): void
    {
        $longest = Plans::evaluate(Plans::pump())->boat->runs['f1']->option('10 AWG')->longest ?? 0.0;
        $at = static fn (float $metres): Evaluation => Plans::evaluate(Plans::pump(['feed:f1' => ['run.length_m' => $metres]]));

        self::assertNull(self::finding($at($longest - 0.001), 'W01', 'device:d1'));
        self::assertEqualsWithDelta($at($longest + 0.01)->boat->figures(PowerFigures::class)->devices[0]->pathDropPercent, self::finding($at($longest + 0.01), 'W01', 'device:d1')?->figures['drop_pct'], 1e-9);
    }

    /**
     * Two runs of 0.4 m, both to be chosen, 10 A and 1 % of 12 V: each may lose half of it, 0.06 V: 10.75 · 10 · 2.62/0.06 = 4700 circular
     * mils ask for 12 AWG, where the whole would let 16 AWG pass. The first loses 0.043 V then, and leaves 0.077 V, 3660 mils: 14 AWG.
     */
    public function test_short_runs_share_what_may_be_lost_too(): void
    {
        $open = ['run' => (object) ['length_m' => 0.4]];
        $document = Plans::changed(Plans::parallel(), [
            'plan' => ['house_rules' => (object) ['drop_pct' => (object) ['electronics' => 1, 'general' => 1, 'thrust' => 5]]], 'feed:main' => [...$open, 'protection.0.rating_a' => 15],
            'block:fuses' => ['branches' => [(object) ['id' => 'to-light', 'class' => 'general', 'fuse_a' => 15, ...$open, 'to' => (object) ['device' => 'light']]]], 'device:light' => ['typical_a' => 10, 'peak_a' => 10],
        ]);
        $runs = Plans::evaluate($document)->boat->runs;

        self::assertSame('12 AWG', $runs['main']->gauge->name);
        self::assertSame('14 AWG', $runs['to-light']->gauge->name);
    }

    /** The remedy thickens what loses most, and as many runs as it takes. */
    public function test_a_remedy_over_two_runs(): void
    {
        $document = Plans::changed(Plans::skiff(), ['feed:house' => ['run.gauge' => '14 AWG', 'run.bundled' => 2], 'branch:br-tiller-display' => ['run.extra_mohm' => 0]]);
        $remedy = Plans::remedy($document, 'W01', 'device:tiller-display');
        self::assertSame(['feed:house', 'branch:br-tiller-display'], array_column($remedy?->patch->fields() ?? [], 'on'));
    }

    public function test_the_second_of_two_fuses_guards_what_lies_behind_it(): void
    {
        $fuse = static fn (float $rating): \stdClass => (object) ['family' => 'blade', 'rating_a' => $rating, 'from_source_m' => 0.1];
        $lead = ['device:d1' => ['lead' => (object) ['gauge' => '18 AWG', 'length_m' => 0.3]]];
        $document = static fn (float $second): PlanDocument => Plans::pump([...$lead, 'feed:f1' => ['protection' => [$fuse(30), $fuse($second)]]]);

        self::assertNull(self::finding(Plans::evaluate($document(15)), 'F06', 'feed:f1'));
        $finding = self::finding(Plans::evaluate($document(25)), 'F06', 'feed:f1');
        self::assertStringContainsString('The factory lead of D1, 18 AWG, carries 20 A', $finding->says ?? '');
        self::assertSame([['on' => 'feed:f1', 'path' => 'protection.1.rating_a']], Plans::remedy($document(25), 'F06', 'feed:f1')?->patch->fields());
    }

    public function test_an_empty_block_does_not_ask_for_the_thickest_wire(): void
    {
        $document = Plans::changed(Plans::skiff(), ['block:bow-block' => ['branches' => []], 'feed:house' => ['run.gauge' => null]]);

        // The given 30 A breaker asks for 30 A; four wires together leave 10 AWG 36 A and 12 AWG 27 A.
        self::assertSame('10 AWG', Plans::evaluate($document)->boat->runs['house']->gauge->name);
    }

    private static function finding(Evaluation $evaluation, string $code, string $on): ?Finding
    {
        foreach ($evaluation->findings as $finding) {
            if ($finding->rule->code === $code && $finding->on === $on) {
                return $finding;
            }
        }

        return null;
    }
}
