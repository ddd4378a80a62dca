<?php

declare(strict_types=1);

namespace Dinghy\Tests\Rule;

use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\Area\StandardAreas;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanDocument;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** What the solved network knows is judged: banks that drive each other, fuses and wires that are in no run, what several feeds put through one jumper. */
final class SolvedNetworkTest extends TestCase
{
    /** Two banks of one 12 V block each on one block: alike they are silent, 0.5 V apart they drive some 5 A for ever. */
    public function test_banks_joined_by_a_block(): void
    {
        self::assertNull(self::found(self::joined(12.7), 'B28'));
        $found = self::found(self::joined(13.4), 'B28');
        self::assertSame([Level::Stop, 'bank:house'], [$found?->level, $found?->on]);
        self::assertStringContainsString('the spare bank drives the house bank backwards', $found->says ?? '');
        // 0.7 V over twice 15 mΩ, blades of 4 mΩ and 3 m and 2 m of 10 AWG, 3.4765 mΩ/m, each way with two rings.
        self::assertEqualsWithDelta(0.7 / (0.03 + 0.008 + 2 * (5 * 0.0034765 + 0.0008)), $found->figures['current_a'] ?? 0.0, 0.01);
    }

    /** The limit is 0.05 A for each Ah of the smallest battery passed: 5 A of 100 Ah, 1 A of 20 Ah. */
    public function test_the_smallest_battery_passed_sets_the_limit(): void
    {
        self::assertNull(self::found(self::joined(12.95), 'B28'));
        self::assertEqualsWithDelta(1.0, self::found(Plans::changed(self::joined(12.95), ['battery:b2' => ['capacity_ah' => 20]]), 'B28')->figures['limit_a'] ?? 0.0, 1e-9);
    }

    /** A 12 V bank and a 24 V bank on one block. */
    public function test_banks_of_other_volts_joined(): void
    {
        $found = self::found(Plans::changed(self::joined(25.4), ['battery:b2' => ['nominal_v' => 24]]), 'B28');

        self::assertGreaterThan(100.0, $found->figures['current_a'] ?? 0.0);
    }

    /** A device fed from two banks joins them as a block does. */
    public function test_banks_joined_by_a_device_fed_twice(): void
    {
        $root = self::joined(13.4)->root();
        $root->feeds[0]->to = $root->feeds[1]->to = (object) ['device' => 'd1'];
        $root->blocks = [];

        self::assertSame(Level::Stop, self::found(self::document($root), 'B28')?->level);
    }

    /** Taps: a block fed from 12 V and from 24 V of one bank. */
    public function test_a_bank_shorted_over_a_block(): void
    {
        $root = Plans::series(2)->root();
        $feed = clone $root->feeds[0];
        [$feed->id, $feed->from] = ['tap', (object) ['bank' => 'thrust', 'plus' => 'tap:1']];
        $root->feeds[] = $feed;

        self::assertSame(Level::Stop, self::found(self::document($root), 'B28')?->level);
    }

    /** Outputs that share a minus short the block between the posts they are landed on: B28 says through what, B29 whose fault it is. */
    public function test_a_charger_whose_outputs_are_not_isolated(): void
    {
        $charger = static fn (?bool $isolated): PlanDocument => Plans::changed(Plans::series(2), ['plan' => ['chargers' => [(object) ['id' => 'two', 'input' => 'mains', ...($isolated === null ? [] : ['isolated_outputs' => $isolated]),
            'outputs' => array_map(static fn (string $id): \stdClass => (object) ['battery' => $id, 'amps' => 10, 'profile' => 'agm', 'fuse_at' => 'battery', 'lead' => (object) ['gauge' => '12 AWG', 'length_m' => 1]], ['b1', 'b2'])]]]]);

        self::assertSame([null, null], [self::found($charger(true), 'B28'), self::found($charger(true), 'B29')]);
        self::assertSame([Level::Stop, Level::Stop], [self::found($charger(false), 'B28')?->level, self::found($charger(false), 'B29')?->level]);
        self::assertStringContainsString('the two charger: Battery 1 of thrust is shorted', self::found($charger(false), 'B28')->says ?? '');
        // On two banks that share a negative, and on two that share nothing, one minus is what there ought to be.
        self::assertNull(self::found(Plans::changed(self::joined(12.7), ['plan' => ['chargers' => [(object) ['id' => 'two', 'input' => 'mains', 'isolated_outputs' => false,
            'outputs' => [(object) ['battery' => 'b1', 'amps' => 10, 'profile' => 'agm'], (object) ['battery' => 'b2', 'amps' => 10, 'profile' => 'agm']]]]]]), 'B29'));
    }

    /** Two motors of 56 A behind 60 A each: a jumper that bears 70 A is right for one and not for both. */
    public function test_a_jumper_carries_what_all_feeds_let_through(): void
    {
        $two = self::twoMotors('8 AWG');
        $found = self::found($two, 'F06');
        self::assertSame([Level::Stop, 'bank:thrust'], [$found?->level, $found?->on]);
        self::assertEqualsWithDelta(120.0, $found->figures['rating_a'] ?? 0.0, 1e-6);
        self::assertSame(80.0, $found->figures['ampacity_a'] ?? 0.0);
        self::assertSame(Level::Stop, self::found($two, 'W02')?->level, 'and 112 A flow in it');
        self::assertNull(self::found(self::twoMotors('6 AWG'), 'F06'));
        self::assertNull(self::found($two->with(Plans::remedy($two, 'F06')->patch ?? self::fail('It takes thicker jumpers.')), 'F06'));
        // A tap's amps flow in the jumpers below it only.
        $tapped = Plans::changed($two, ['feed:second' => ['from.plus' => 'tap:1']]);
        self::assertNull(self::found($tapped, 'F06'));
    }

    /** A fuse in the jumper lets through no more than itself. */
    public function test_a_fuse_in_a_jumper_bounds_what_flows_in_it(): void
    {
        $fused = static fn (int $rating): PlanDocument => Plans::changed(self::twoMotors('8 AWG'), ['bank:thrust' => ['jumpers' => array_map(static fn (int $i): \stdClass => (object) [
            'id' => "j{$i}", 'from' => "b{$i}+", 'to' => 'b'.($i + 1).'-', 'gauge' => '8 AWG', 'length_m' => 0.3, 'protection' => (object) ['family' => 'strip-small-58', 'rating_a' => $rating, 'from_source_m' => 0.1]], [1, 2])]]);

        self::assertNull(self::found($fused(80), 'F06'));
        self::assertSame('bank:thrust', self::found($fused(80), 'F03')?->on, 'and opens at what both motors draw');
        self::assertSame('bank:thrust', self::found($fused(125), 'F02')?->on, 'it is larger than 8 AWG bears');
        self::assertSame('bank:thrust', self::found($fused(77), 'F07')?->on);
    }

    public function test_every_rule_of_fuses_holds_for_strings(): void
    {
        $string = static fn (array $fuse): PlanDocument => Plans::changed(Plans::parallel(), ['bank:house' => ['string_protection' => (object) $fuse]]);

        self::assertSame('bank:house', self::found($string(['family' => 'battery-post', 'rating_a' => 300]), 'F02')?->on);
        self::assertSame('bank:house', self::found($string(['family' => 'blade', 'rating_a' => 3]), 'F03')?->on);
        self::assertSame('bank:house', self::found($string(['family' => 'blade', 'rating_a' => 30]), 'F05')?->on, 'a lithium block drives 1.9 kA');
        self::assertSame('bank:house', self::found($string(['family' => 'battery-post', 'rating_a' => 65]), 'F07')?->on);
        self::assertSame('bank:house', self::found(Plans::changed($string(['family' => 'strip-large', 'rating_a' => 60]), ['battery:h1' => ['nominal_v' => 36, 'rested_v' => 39.6], 'battery:h2' => ['nominal_v' => 36, 'rested_v' => 39.6]]), 'F09')?->on);
        // Eleven batteries of 500 Ah would feed it; two of 7 mΩ behind 150 mΩ do not open 60 A twice over.
        self::assertSame('bank:house', self::found(Plans::changed($string(['family' => 'battery-post', 'rating_a' => 60]), ['battery:h1' => ['internal_mohm' => 150], 'battery:h2' => ['internal_mohm' => 150]]), 'F11')?->on);
    }

    public function test_every_rule_of_fuses_holds_for_chargers_and_bonds(): void
    {
        $fuse = static fn (string $family, float $rating): array => ['family' => $family, 'rating_a' => $rating, 'from_source_m' => 0.1];
        $charger = static fn (array $fuse): PlanDocument => Plans::pump(['charger:c1' => ['outputs.0.protection' => [(object) $fuse]]]);

        self::assertSame([], self::codes(Plans::pump(['charger:c1' => ['outputs.0.protection' => [(object) [...$fuse('blade', 20), 'breaking_a' => 2000]]]])));
        self::assertSame('charger:c1', self::found($charger($fuse('blade', 15)), 'F03')?->on, '15 A for long');
        self::assertSame('charger:c1', self::found($charger($fuse('battery-post', 60)), 'F02')?->on, '12 AWG bears 45 A');
        self::assertSame('charger:c1', self::found($charger([...$fuse('blade', 20), 'from_source_m' => 0.5]), 'F04')?->on);
        self::assertSame('charger:c1', self::found($charger([...$fuse('blade', 20), 'breaking_a' => 100]), 'F05')?->on);
        self::assertSame('charger:c1', self::found($charger($fuse('blade', 21)), 'F07')?->on);
        self::assertSame('charger:c1', self::found($charger([...$fuse('blade', 20), 'max_v' => 14.6]), 'F09')?->on);
        $thin = Plans::pump(['charger:c1' => ['outputs.0.amps' => 19, 'outputs.0.lead' => (object) ['gauge' => '18 AWG', 'length_m' => 12], 'outputs.0.protection' => [(object) [...$fuse('blade', 25), 'breaking_a' => 2000]]]]);
        self::assertSame('charger:c1', self::found($thin, 'F11')?->on, 'twelve metres of 18 AWG let through 25 A');
        $bonded = static fn (float $rating): PlanDocument => Plans::changed(self::joined(12.7), ['plan' => ['bonds' => [(object) ['id' => 'bond', 'from' => 'house', 'to' => 'spare', 'gauge' => '16 AWG', 'protection' => (object) $fuse('blade', $rating)]]]]);
        self::assertSame('bond:bond', self::found($bonded(40), 'F02')?->on);
    }

    /** A lead too thin for what its charger gives, a bond too thin for what comes home through it. */
    public function test_every_conductor_is_held_to_its_ampacity(): void
    {
        $lead = self::found(Plans::pump(['charger:c1' => ['outputs.0.amps' => 25, 'outputs.0.lead' => (object) ['gauge' => '18 AWG', 'length_m' => 1]]]), 'W02');
        self::assertSame('charger:c1', $lead?->on);
        self::assertEqualsWithDelta(25.0, $lead->figures['current_a'], 0.01);
        $jumper = self::found(Plans::changed(Plans::series(2), ['bank:thrust' => ['jumper.gauge' => '10 AWG'], 'feed:main' => ['protection.0.rating_a' => 60], 'device:m1' => ['peak_a' => 65]]), 'W02');
        self::assertSame('bank:thrust', $jumper?->on);
    }

    /** Two lengths of one gauge to one block share by their lengths, whichever stands first in the file; each is sized for its share. */
    public function test_feeds_to_one_block_share(): void
    {
        $shared = static function (bool $turned): Evaluation {
            $root = Plans::parallel()->root();
            $second = clone $root->feeds[0];
            [$second->id, $second->run] = ['second', (object) ['length_m' => 1.5, 'gauge' => '6 AWG']];
            $root->feeds = $turned ? [$second, $root->feeds[0]] : [$root->feeds[0], $second];

            return Plans::evaluate(self::document($root));
        };
        [$one, $other] = [$shared(false), $shared(true)];
        // The plus sides: breaker 2 mΩ, 3 m or 1.5 m of 1.3751 mΩ and two rings of 0.2 mΩ.
        $ohms = static fn (float $metres): float => 0.002 + $metres * 0.0013751 + 0.0004;
        self::assertEqualsWithDelta(7 * $ohms(1.5) / ($ohms(3) + $ohms(1.5)), $one->boat->runs['main']->amps, 1e-4);
        self::assertEqualsWithDelta(7.0, $one->boat->runs['main']->amps + $one->boat->runs['second']->amps, 1e-9);
        foreach (['main', 'second', 'to-screen'] as $run) {
            self::assertEqualsWithDelta($one->boat->runs[$run]->drop, $other->boat->runs[$run]->drop, 1e-9, $run);
        }
        self::assertEqualsWithDelta($one->boat->figures(PowerFigures::class)->devices[0]->pathDrop, $other->boat->figures(PowerFigures::class)->devices[0]->pathDrop, 1e-9);
        self::assertSame(array_map(static fn (Finding $finding): string => $finding->says, $one->findings), array_map(static fn (Finding $finding): string => $finding->says, $other->findings));
    }

    /** Where gauges are chosen, both get the one that the longer needs, and neither is sized for everything. */
    public function test_feeds_that_share_are_not_each_sized_for_all(): void
    {
        $root = Plans::series(1, ['internal_mohm' => 5])->root();
        $root->devices[0]->v_max = 16;
        $root->feeds[0]->run = (object) ['length_m' => 5.9];
        $alone = Plans::evaluate(self::document($root))->boat->runs['main']->gauge;
        $second = clone $root->feeds[0];
        $second->id = 'second';
        $root->feeds[] = $second;
        $shared = Plans::evaluate(self::document($root));

        self::assertTrue($shared->boat->runs['main']->gauge->isThinnerThan($alone));
        self::assertSame($shared->boat->runs['main']->gauge->name, $shared->boat->runs['second']->gauge->name);
        self::assertEqualsWithDelta(28.0, $shared->boat->runs['main']->amps, 1e-6);
        self::assertSame([], array_values(array_intersect(['W01', 'W02', 'F02', 'F03', 'B28'], array_map(static fn (Finding $finding): string => $finding->rule->code, $shared->findings))));
    }

    /** Three pairs that carry all they may lie in one tube: six conductors, 0.60, though each plan says two; idle ones do not count. */
    public function test_what_lies_in_a_tube_is_counted(): void
    {
        $filled = static function (float $amps): Evaluation {
            $root = Plans::routed()->root();
            foreach ([1, 2] as $i) {
                $root->feeds[] = (object) ['id' => "more{$i}", 'class' => 'general', 'from' => (object) ['bank' => 'house'], 'run' => (object) ['route' => ['stern', 'bow'], 'gauge' => '10 AWG'], 'to' => (object) ['device' => "heater{$i}"],
                    'protection' => [(object) ['family' => 'breaker-80', 'rating_a' => 40, 'from_source_m' => 0.15]]];
                $root->devices[] = (object) ['id' => "heater{$i}", 'kind' => 'other', 'station' => 'bow', 'v_min' => 9, 'v_max' => 16, 'typical_a' => $amps, 'peak_a' => $amps, 'load' => 'current'];
            }

            return Plans::evaluate(self::document($root));
        };
        $warm = $filled(36.5);
        self::assertEqualsWithDelta(0.60 * 60, $warm->boat->runs['more1']->ampacity, 1e-9, 'two pairs that carry much: four conductors');
        self::assertSame(4, $warm->boat->bundles->together['more1']);
        self::assertSame(2, $warm->boat->bundles->idle['more1'], 'the block of light, sensor and antenna is idle: 3 A in 6 AWG');
        $found = array_values(array_filter($warm->findings, static fn (Finding $finding): bool => $finding->rule->code === 'W02'))[0] ?? null;
        self::assertStringContainsString('4 warm conductors together in a tube (its plan says 2)', $found->says ?? '');
        self::assertEqualsWithDelta(60.0, $filled(10)->boat->runs['more1']->ampacity, 1e-9, '10 A in 10 AWG are under 30 % of 36 A: idle');
    }

    /** A maker's fuse is asked of the circuit that leads to the device, not of a main because one branch hangs on it. */
    public function test_a_main_is_not_held_to_a_makers_fuse(): void
    {
        $root = Plans::parallel()->root();
        array_pop($root->blocks[0]->branches);
        array_pop($root->devices);
        $root->devices[0]->fuse_a = 5;

        self::assertNotContains('F08', self::codes(self::document($root)));
        self::assertContains('F08', self::codes(Plans::changed(self::document($root), ['branch:to-screen' => ['fuse_a' => 7.5]])));
    }

    /** The maker allows 4.57 m of 10 AWG: 3 m of it behind 3 m of 6 AWG resist as 4.19 m would, behind 3 m of 10 AWG it is 6 m. */
    public function test_a_makers_table_holds_for_the_whole_path(): void
    {
        $path = static fn (string $feeder): PlanDocument => Plans::changed(Plans::parallel(), ['feed:main' => ['run.gauge' => $feeder],
            'branch:to-screen' => ['run' => (object) ['length_m' => 3, 'gauge' => '10 AWG']],
            'device:screen' => ['longest_runs' => [(object) ['gauge' => '10 AWG', 'length_m' => 4.57], (object) ['gauge' => '8 AWG', 'length_m' => 7.01]]]]);

        self::assertNull(self::found($path('6 AWG'), 'W03'));
        $found = self::found($path('10 AWG'), 'W03');
        self::assertSame('branch:to-screen', $found?->on);
        self::assertEqualsWithDelta(6.0, $found->figures['length_m'], 1e-9);
        self::assertNull(self::found($path('10 AWG')->with(Plans::remedy($path('10 AWG'), 'W03')->patch ?? self::fail('A thicker branch would do.')), 'W03'));
    }

    /** One charger across a string charges all strings: what each takes is its part. */
    public function test_a_charger_across_strings_in_parallel(): void
    {
        $charger = static fn (float $amps): PlanDocument => self::fourBlocks([(object) ['id' => 'c', 'input' => 'mains', 'isolated_outputs' => true,
            'outputs' => [(object) ['battery' => 's1', 'across' => ['s1', 's2'], 'volts' => 24, 'amps' => $amps, 'profile' => 'agm', 'fuse_at' => 'battery']]]]);

        self::assertNull(self::found($charger(59), 'B18'), '0.3 C of 200 Ah');
        self::assertEqualsWithDelta(60.0, self::found($charger(61), 'B18')->figures['limit_a'] ?? 0.0, 1e-9);
        self::assertSame([Level::Note], array_map(static fn (Finding $finding): Level => $finding->level, array_values(array_filter(Plans::evaluate($charger(30))->findings, static fn (Finding $finding): bool => $finding->rule->code === 'B11'))));
    }

    public function test_outputs_that_do_not_fit_what_they_stand_across(): void
    {
        $output = static fn (array $fields): PlanDocument => Plans::changed(Plans::series(3), ['charger:charger-b1' => array_combine(array_map(static fn (string $key): string => "outputs.0.{$key}", array_keys($fields)), $fields)]);

        self::assertSame('charger:charger-b1', self::found($output(['volts' => 24]), 'B29')?->on);
        self::assertNull(self::found($output(['across' => ['b1', 'b2'], 'volts' => 24]), 'B29'));
        self::assertStringContainsString('not neighbours', self::found($output(['across' => ['b1', 'b3'], 'volts' => 24]), 'B29')->says ?? '');
        self::assertStringContainsString('not neighbours', self::found($output(['across' => ['b2', 'b1'], 'volts' => 24]), 'B29')->says ?? '');
        // A charger for 12 V on a battery that is labelled 12.8 V: the same four cells.
        self::assertNull(self::found(Plans::changed(Plans::parallel(), ['battery:h1' => ['nominal_v' => 12.8], 'battery:h2' => ['nominal_v' => 12.8], 'charger:charger-h1' => ['outputs.0.volts' => 12]]), 'B29'));
    }

    /** The management system of the block below a tap passes the tap's amps too; that of the upper ones does not. */
    public function test_a_taps_amps_do_not_pass_the_upper_blocks(): void
    {
        $lithium = ['chemistry' => 'lifepo4', 'rested_v' => 13.3, 'internal_mohm' => 7, 'continuous_a' => 57, 'peak_a' => 200, 'max_series' => 4, 'max_parallel' => 4];
        $root = self::twoMotors('4 AWG')->root();
        foreach ($root->batteries as $battery) {
            foreach ($lithium as $key => $value) {
                $battery->{$key} = $value;
            }
        }
        $root->feeds[1]->from = (object) ['bank' => 'thrust', 'plus' => 'tap:1'];
        $spoken = array_map(static fn (Finding $finding): string => $finding->on, array_values(array_filter(Plans::evaluate(self::document($root))->findings, static fn (Finding $finding): bool => $finding->rule->code === 'B20')));

        self::assertSame(['battery:b1'], $spoken);
    }

    /** All feeds count: one taken off diagonally does not hide another taken off at one end. */
    public function test_the_busiest_string_is_that_of_all_feeds(): void
    {
        $root = Plans::parallel()->root();
        $root->banks[0]->jumper = (object) ['gauge' => '10 AWG', 'length_m' => 0.6];
        $second = clone $root->feeds[0];
        [$second->id, $second->to, $second->from] = ['heavy', (object) ['device' => 'heater'], (object) ['bank' => 'house', 'plus' => 'pos@1', 'minus' => 'neg@1']];
        $root->devices[] = (object) ['id' => 'heater', 'kind' => 'other', 'v_min' => 10, 'v_max' => 16, 'typical_a' => 20, 'peak_a' => 20];
        $root->feeds[] = $second;
        $found = self::found(self::document($root), 'B06');

        self::assertSame('bank:house', $found?->on);
        self::assertSame(['feed:heavy'], array_map(static fn (\stdClass $step): string => $step->on, Plans::remedy(self::document($root), 'B06')?->patch->toJson() ?? []), 'only what is taken off at one end moves');
    }

    /** With one jumper off nobody would measure what two blocks share with nothing: 25.4 V are meant. */
    public function test_what_a_wrong_bank_should_read_is_what_its_blocks_rest_at(): void
    {
        $found = self::found(Plans::changed(Plans::series(2), ['bank:thrust' => ['jumpers' => [(object) ['id' => 'j', 'from' => 'b1-', 'to' => 'b2-']]]]), 'B27');

        self::assertStringContainsString('not 25.4 V', $found->says ?? '');
    }

    public function test_an_open_bank_is_not_told_of_its_shorts(): void
    {
        self::assertNotContains('F11', self::codes(Plans::changed(Plans::series(3), ['bank:thrust' => ['jumpers' => []]])));
    }

    public function test_an_alternator_on_the_starters_cables_is_no_lug_more(): void
    {
        $engine = static fn (bool $lead): PlanDocument => Plans::pump([
            'plan' => ['boat.engine' => (object) ['battery' => 'b1', 'cranking_a' => 100, 'min_cca_a' => 500], 'feeds' => array_map(static function (int $i): \stdClass {
                $feed = clone Plans::pump()->root()->feeds[0];
                $feed->id = "f{$i}";

                return $feed;
            }, [1, 2])],
            'charger:c1' => ['input' => 'alternator', 'outputs.0.lead' => $lead ? (object) ['gauge' => '6 AWG', 'length_m' => 2] : null], 'battery:b1' => ['cca_a' => 600],
        ]);
        $lugs = static fn (PlanDocument $document): int => count(array_filter(\Dinghy\Wiring\Landings::of($document->plan()), static fn ($landing): bool => (string) $landing->post === 'b1+'));

        self::assertSame([3, 4], [$lugs($engine(false)), $lugs($engine(true))]);
    }

    public function test_a_pumps_positive_may_be_brown(): void
    {
        self::assertNotContains('W12', self::codes(Plans::pump(['feed:f1' => ['run.plus_colour' => 'brown']])));
        self::assertContains('W12', self::codes(Plans::pump(['feed:f1' => ['run.plus_colour' => 'brown'], 'device:d1' => ['kind' => 'radio']])));
    }

    /**
     * Worked by hand: AGM at half its charge rests at 12.30 V, behind 15 mΩ, a blade of 4 mΩ, four rings of 0.2 mΩ and six metres of
     * tinned 10 AWG, 3.4096 mΩ at 20 °C, at 105 °C × (1 + 0.00393 · 85).
     */
    public function test_the_least_a_far_short_draws(): void
    {
        $evaluation = Plans::evaluate(Plans::pump());
        $ohms = 0.015 + 0.004 + 0.0008 + 6 * 0.0034096 * (1 + 0.00393 * 85);

        self::assertEqualsWithDelta(12.30 / $ohms, $evaluation->boat->states->leastShortAtFarEnd($evaluation->boat->runs['f1']), 0.1);
        self::assertLessThan($evaluation->boat->states->shortAtFarEnd($evaluation->boat->runs['f1']), $evaluation->boat->states->leastShortAtFarEnd($evaluation->boat->runs['f1']));
    }

    /**
     * 40 A in 10 AWG that bears 60: (T − 30) · 339/75 = (40/60)² (T + 234) gives 58.8 °C, where the wire resists 1.1302 times what
     * it does at 25 °C: of its 20.86 mΩ that is 2.72 mΩ, 0.109 V, more than a twentieth of the 1.63 V lost in all.
     */
    public function test_volts_with_warm_wires(): void
    {
        $warm = static fn (float $amps): array => [($evaluation = Plans::evaluate(Plans::pump(['device:d1' => ['typical_a' => $amps, 'peak_a' => $amps, 'load' => 'current']])))->boat->figures(PowerFigures::class)->devices[0]->loaded, $evaluation->boat->warm->at($evaluation->boat->plan->devices['d1'])];
        [$loaded, $hot] = $warm(40);

        self::assertEqualsWithDelta($loaded - 40 * 0.020859 * 0.13023, $hot, 0.001);
        self::assertNull($warm(8)[1], 'barely warm: nothing to tell');
    }

    private static function joined(float $volts): PlanDocument
    {
        $root = Plans::pump()->root();
        [$battery, $feed] = [clone $root->batteries[0], clone $root->feeds[0]];
        [$battery->id, $battery->rested_v, $feed->id] = ['b2', $volts, 'f2'];
        $feed->from = (object) ['bank' => 'spare'];
        $feed->run = (object) ['length_m' => 2, 'gauge' => '10 AWG'];
        $feed->to = $root->feeds[0]->to = (object) ['block' => 'k'];
        $root->batteries[] = $battery;
        $root->banks[] = (object) ['id' => 'spare', 'strings' => [['b2']]];
        $root->feeds[] = $feed;
        $root->blocks = [(object) ['id' => 'k', 'circuits' => 4, 'rating_a' => 100, 'branches' => [(object) ['id' => 'br', 'class' => 'electronics', 'fuse_a' => 15, 'run' => (object) ['length_m' => 1, 'gauge' => '10 AWG'], 'to' => (object) ['device' => 'd1']]]]];

        return self::document($root);
    }

    private static function twoMotors(string $jumpers): PlanDocument
    {
        $root = Plans::series(3)->root();
        [$feed, $motor] = [clone $root->feeds[0], clone $root->devices[0]];
        [$feed->id, $feed->to, $motor->id] = ['second', (object) ['device' => 'm2'], 'm2'];
        $root->feeds[] = $feed;
        $root->devices[] = $motor;
        $root->banks[0]->jumper = (object) ['gauge' => $jumpers];

        return self::document($root);
    }

    /** @param  list<\stdClass>  $chargers */
    private static function fourBlocks(array $chargers): PlanDocument
    {
        $root = Plans::series(2)->root();
        $blocks = [];
        foreach (['s1', 's2', 's3', 's4'] as $id) {
            $block = clone $root->batteries[0];
            $block->id = $id;
            $blocks[] = $block;
        }
        [$root->batteries, $root->chargers] = [$blocks, $chargers];
        $root->banks = [(object) ['id' => 'thrust', 'strings' => [['s1', 's2'], ['s3', 's4']], 'jumper' => (object) ['gauge' => '2 AWG'], 'string_protection' => (object) ['family' => 'battery-post', 'rating_a' => 60]]];
        $root->feeds[0]->from = (object) ['bank' => 'thrust', 'plus' => 'pos@1', 'minus' => 'neg@2'];

        return self::document($root);
    }

    private static function document(\stdClass $root): PlanDocument
    {
        return StandardAreas::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR));
    }

    /** @return list<string> */
    private static function codes(PlanDocument $document): array
    {
        return array_map(static fn (Finding $finding): string => $finding->rule->code, Plans::evaluate($document)->findings);
    }

    private static function found(PlanDocument $document, string $code): ?Finding
    {
        return array_values(array_filter(Plans::evaluate($document)->findings, static fn (Finding $finding): bool => $finding->rule->code === $code))[0] ?? null;
    }
}
