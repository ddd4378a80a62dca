<?php

declare(strict_types=1);

namespace Dinghy\Tests\Wiring;

use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\Area\Power\Figure\ShortCircuitSequence;
use Dinghy\Area\Power\Figure\VoltProfile;
use Dinghy\Area\StandardAreas;
use Dinghy\Evaluation\Why;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\ProposalRefused;
use Dinghy\Proposal\TakeOut;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Tests\Plans;
use Dinghy\Wiring\ConnectionOrder;
use Dinghy\Wiring\Landings;
use PHPUnit\Framework\TestCase;

/** A converter from a 36 V bank to a 12 V block: what hangs behind it is judged as behind a bank, and its own wires too. */
final class ConverterTest extends TestCase
{
    /** 5 A over 2 m of 12 AWG and 1.2 m of 10 AWG, K = 10.75 (ABYC E-11, from memory): of 12 V, not of 36. */
    public function test_the_path_begins_at_the_converter(): void
    {
        $evaluation = Plans::evaluate(Plans::converted());
        $lost = 10.75 * 5 * 2 / 0.3048 * (2 / 6530 + 1.2 / 10380);

        self::assertEqualsWithDelta($lost, $evaluation->boat->figures(PowerFigures::class)->devices[0]->pathDrop, 0.001);
        self::assertEqualsWithDelta(100 * $lost / 12, $evaluation->boat->figures(PowerFigures::class)->devices[0]->pathDropPercent, 0.01);
        self::assertEqualsWithDelta(12.0, $evaluation->boat->figures(PowerFigures::class)->devices[0]->rest, 1e-6);
        self::assertSame('converter', VoltProfile::allOf($evaluation->boat)[0]->points[1]->label);
        self::assertSame([], array_map(static fn (Finding $finding): string => $finding->rule->code, array_values(array_filter($evaluation->findings, static fn (Finding $finding): bool => $finding->rule->code !== 'B14'))));
    }

    public function test_what_it_makes_must_suit_what_it_feeds(): void
    {
        $set = static fn (float $volts): PlanDocument => Plans::changed(Plans::converted(), ['charger:conv' => ['outputs.0.volts' => $volts]]);

        self::assertSame([Level::Stop, 'device:screen'], [self::found($set(24), 'B04')?->level, self::found($set(24), 'B04')?->on]);
        self::assertSame('device:screen', self::found($set(24), 'D01')?->on);
        self::assertStringContainsString('while the conv converter works', self::found($set(24), 'D01')->says ?? '');
        self::assertSame('device:screen', self::found(Plans::changed($set(12), ['charger:conv' => ['outputs.0.lead' => (object) ['gauge' => '18 AWG', 'length_m' => 6]]]), 'W01')?->on);
    }

    /** Its standby empties the bank day and night: 50 Ah to the floor, 0.1 A, 20 days. */
    public function test_its_standby_drains_the_bank(): void
    {
        $found = self::found(Plans::converted(), 'B14');

        self::assertSame([Level::Warn, 'bank:thrust'], [$found?->level, $found?->on]);
        self::assertStringContainsString('the conv converter still draws', $found->says);
        self::assertEqualsWithDelta(50 / 0.1 / 24, $found->figures['days'], 1e-9);
        self::assertNull(self::found(Plans::converted()->with(Plans::remedy(Plans::converted(), 'B14')->patch ?? self::fail('A battery switch stops it.')), 'B14'));
    }

    /** Its lead is fused at its own end: sheathed within 40 in, 1.02 m, since it is no battery post. */
    public function test_a_converter_is_a_source_of_its_own(): void
    {
        $fused = static fn (float $metres, bool $sheathed): ?Level => self::found(Plans::changed(Plans::converted(), ['charger:conv' => ['outputs.0.protection' => [(object) ['family' => 'blade', 'rating_a' => 25, 'from_source_m' => $metres, 'sheathed' => $sheathed]]]]), 'F04')?->level;

        self::assertSame([null, Level::Stop], [$fused(1.01, true), $fused(1.03, true)]);
        self::assertSame([null, Level::Warn], [$fused(0.17, false), $fused(0.5, false)]);
    }

    public function test_its_wires_are_landed_and_in_their_order(): void
    {
        $plan = Plans::converted()->plan();
        $posts = array_map(static fn ($landing): string => "{$landing->what} {$landing->post}", Landings::of($plan));
        self::assertContains('input of the conv converter b3+', $posts);
        self::assertContains('input of the conv converter b1-', $posts);
        $says = array_map(static fn ($step): string => $step->says, ConnectionOrder::of($plan, $plan->banks['thrust'], new QuantityFormatter(Units::Metric), true));
        [$plus, $minus] = [array_search('Input of the conv converter: plus on Battery 3 +.', $says, true), array_search('Input of the conv converter: minus on Battery 1 −.', $says, true)];
        self::assertIsInt($plus);
        self::assertIsInt($minus);
        self::assertLessThan($minus, $plus);
    }

    /** A short behind it draws its limit and no more: 20 A open no 15 A blade within a minute, and spoil no 12 AWG. */
    public function test_what_burns_behind_a_converter(): void
    {
        $short = ShortCircuitSequence::at(Plans::evaluate(Plans::changed(Plans::converted(), ['branch:to-screen' => ['fuse_a' => 15]]))->boat, 'to-screen', 1.0);

        self::assertSame(20.0, $short?->amps);
    }

    public function test_taking_out_what_it_feeds_or_draws_on(): void
    {
        $document = Plans::converted();
        $taken = static fn (PlanDocument $from, string $on): Plan => $from->with(TakeOut::of($from->plan(), $on))->plan();

        self::assertArrayNotHasKey('conv', $taken($document, 'block:fuses')->chargers);
        self::assertArrayNotHasKey('conv', $taken($document, 'bank:thrust')->chargers);
        $two = Plans::changed($document, ['charger:conv' => ['outputs' => [(object) ['block' => 'fuses', 'amps' => 20], (object) ['battery' => 'b1', 'amps' => 5, 'profile' => 'agm']]]]);
        $this->expectException(ProposalRefused::class);
        $this->expectExceptionMessage('feeds the fuses block and something else');
        TakeOut::of($two->plan(), 'block:fuses');
    }

    /** A block that hangs on another goes with the branch that leads to it, and what hung on it stays, unfed. */
    public function test_taking_out_a_block_behind_a_block(): void
    {
        $root = Plans::parallel()->root();
        $root->blocks[0]->branches[] = (object) ['id' => 'to-next', 'class' => 'general', 'fuse_a' => 10, 'run' => (object) ['length_m' => 1, 'gauge' => '10 AWG'], 'to' => (object) ['block' => 'next']];
        $root->blocks[] = (object) ['id' => 'next', 'branches' => []];
        $document = StandardAreas::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR));
        $plan = $document->with(TakeOut::of($document->plan(), 'block:next'))->plan();

        self::assertSame(['to-screen', 'to-light'], array_map(static fn ($branch): string => $branch->id, $plan->blocks['fuses']->branches));
    }

    public function test_why_says_what_a_load_holds_and_what_lies_together(): void
    {
        $why = static fn (PlanDocument $document, string $figure): array => array_column((new Why(Plans::evaluate($document)))->of($figure)->inputs ?? [], 'value', 'name');

        self::assertStringContainsString('it keeps its watts', $why(Plans::converted(), 'device:screen:volts_loaded')['as its volts change'] ?? '');
        self::assertStringContainsString('it keeps its ohms', $why(Plans::series(3), 'device:m1:volts_loaded')['as its volts change'] ?? '');
        $tube = $why(Plans::skiff(), 'run:bow-motor:ampacity_a');
        self::assertArrayHasKey('counted in its tubes', $tube);
        self::assertStringContainsString('idle ones', $tube['counted in its tubes']);
    }

    /** It takes from its bank what its loads draw, 5 A here, or what it can give at most, beside 0.1 A of its own. */
    public function test_what_it_takes_from_its_bank_is_limited_by_what_it_can_give(): void
    {
        $taken = static function (float $most): float {
            $boat = Plans::evaluate(Plans::changed(Plans::converted(), ['charger:conv' => ['outputs.0.amps' => $most]]))->boat;

            return $boat->throughput->atPeak($boat->plan->banks['thrust']) - 0.1;
        };

        self::assertGreaterThan(0.5, $taken(2));
        self::assertEqualsWithDelta(3 / 2, $taken(3) / $taken(2), 1e-9);
        self::assertEqualsWithDelta(5 / 2, $taken(5) / $taken(2), 1e-9);
        self::assertEqualsWithDelta($taken(5), $taken(20), 1e-9);
    }

    private static function found(PlanDocument $document, string $code): ?Finding
    {
        return array_values(array_filter(Plans::evaluate($document)->findings, static fn (Finding $finding): bool => $finding->rule->code === $code))[0] ?? null;
    }
}
