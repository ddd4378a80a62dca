<?php

declare(strict_types=1);

namespace Dinghy\Tests\Proposal;

use Dinghy\Area\StandardAreas;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\AddBank;
use Dinghy\Proposal\AddBlock;
use Dinghy\Proposal\AddCharger;
use Dinghy\Proposal\AddDevice;
use Dinghy\Proposal\ProposalRefused;
use Dinghy\Proposal\TakeOut;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Parts added as a rigger would add them, from nothing. */
final class ProposalTest extends TestCase
{
    private const EMPTY = '{"format": "dinghy-plan", "version": 1, "boat": {"hull": "fibreglass", "fuel": "none", "stations": [
        {"id": "stern", "x_m": 0.5, "y_m": 0, "petrol_vapour": false}, {"id": "console", "x_m": 2.5, "y_m": 0, "petrol_vapour": false}, {"id": "bow", "x_m": 5, "y_m": 0, "petrol_vapour": false}],
        "ways": [{"id": "w1", "from": "stern", "to": "console", "length_m": 2.1}, {"id": "w2", "from": "console", "to": "bow", "length_m": 2.6}]}}';

    public function test_a_boat_from_nothing_has_no_stop(): void
    {
        $document = StandardAreas::areas()->format->document(self::EMPTY);
        $add = static function (\Closure $part) use (&$document): void {
            $document = $document->with($part($document->plan()));
        };
        $add(static fn (Plan $plan): Patch => AddBank::to($plan, self::agm(), 'thrust', 3, 1, 'stern', '2026-11'));
        $add(static fn (Plan $plan): Patch => AddBank::to($plan, self::lithium(), 'electronics', 1, 1, 'stern', '2026-11'));
        $add(static fn (Plan $plan): Patch => AddBlock::to($plan, 'bow block', (object) ['circuits' => 6], 'electronics', 'console'));
        $add(static fn (Plan $plan): Patch => AddDevice::to($plan, self::motor(), 'bow'));
        $add(static fn (Plan $plan): Patch => AddDevice::to($plan, self::screen(), 'bow'));
        $add(static fn (Plan $plan): Patch => AddDevice::to($plan, self::screen(), 'console'));
        $add(static fn (Plan $plan): Patch => AddCharger::to($plan, 'charger', 3, 10, true, ['thrust']));
        $add(static fn (Plan $plan): Patch => AddCharger::to($plan, 'charger', 1, 10, true, ['electronics']));
        $evaluation = StandardAreas::areas()->evaluate($document->plan());

        self::assertSame([], array_map(static fn (Finding $finding): string => "{$finding->rule->code} {$finding->says}", array_filter($evaluation->findings, static fn (Finding $finding): bool => $finding->level !== Level::Note)));
        self::assertSame(['feed-bow-block', 'to-bow-motor-36-v', 'to-9-in-display', 'to-9-in-display-2', '9-in-display', '9-in-display-2'], array_keys($evaluation->boat->runs));
        self::assertEqualsWithDelta(36.0, $evaluation->boat->runs['to-bow-motor-36-v']->nominalVolts, 1e-9);
        self::assertSame(['charger', 'charger-2'], array_keys($document->plan()->chargers));
        // And taken apart again, everything goes.
        foreach (['device:9-in-display', 'device:9-in-display-2', 'device:bow-motor-36-v', 'block:bow-block', 'bank:thrust', 'bank:electronics'] as $on) {
            $add(static fn (Plan $plan): Patch => TakeOut::of($plan, $on));
        }
        $plan = $document->plan();
        self::assertSame([[], [], [], [], [], []], [$plan->batteries, $plan->banks, $plan->feeds, $plan->blocks, $plan->devices, $plan->chargers]);
    }

    public function test_the_nearest_block_with_a_free_circuit_of_the_right_volts(): void
    {
        $document = StandardAreas::areas()->format->document(self::EMPTY);
        foreach ([['house', 1, 'stern'], ['thrust', 2, 'stern']] as [$name, $series, $station]) {
            $document = $document->with(AddBank::to($document->plan(), self::agm(), $name, $series, 1, $station, null));
        }
        foreach ([['far', 'stern', 'house'], ['near', 'bow', 'house'], ['wrong', 'bow', 'thrust']] as [$name, $station, $bank]) {
            $document = $document->with(AddBlock::to($document->plan(), $name, (object) ['circuits' => 1], $bank, $station));
        }
        $where = static function (PlanDocument $of): string {
            foreach (AddDevice::to($of->plan(), self::screen(), 'bow')->steps as $step) {
                if (isset($step['in'])) {
                    return $step['in'];
                }
            }

            return 'a feed';
        };
        self::assertSame('block:near', $where($document));
        $document = $document->with(AddDevice::to($document->plan(), self::screen(), 'bow'));
        self::assertSame('block:far', $where($document));
        $document = $document->with(AddDevice::to($document->plan(), self::screen(), 'bow'));
        self::assertSame('a feed', $where($document));
    }

    /** What finds only a 36 V bank and draws little is tapped from Battery 1; what draws much is left without a feed. */
    public function test_a_tap_for_little_and_nothing_for_much(): void
    {
        $series = Plans::series(3)->plan();
        $lift = AddDevice::to($series, (object) ['name' => 'lift', 'kind' => 'other', 'v_min' => 10, 'v_max' => 16, 'typical_a' => 4, 'peak_a' => 6], null);
        self::assertSame('tap:1', $lift->steps[1]['put']->from->plus ?? null);
        self::assertCount(1, AddDevice::to($series, (object) ['name' => 'winch', 'kind' => 'anchor', 'v_min' => 10, 'v_max' => 16, 'typical_a' => 20, 'peak_a' => 40], null)->steps);
    }

    public function test_parallel_strings_are_fused_and_taken_off_diagonally(): void
    {
        $document = StandardAreas::areas()->format->document(self::EMPTY);
        $document = $document->with(AddBank::to($document->plan(), self::lithium(), 'house', 1, 2, 'stern', '2026-11'));
        $document = $document->with(AddBlock::to($document->plan(), 'block', (object) ['circuits' => 6, 'rating_a' => 100, 'stud' => '1/4', 'branch_stud' => '#8', 'ignition_protected' => true], 'house', 'console'));
        $plan = $document->plan();

        // What its maker says of it, its studs with it, so that nobody is asked for them.
        $block = $plan->blocks['block'];
        self::assertSame([6, 100.0, '1/4', '#8', true], [$block->circuits, $block->rating, $block->stud, $block->branchStud, $block->ignitionProtected]);
        self::assertSame(100.0, $plan->banks['house']->stringProtection?->rating);
        self::assertSame(['pos@1', 'neg@2'], [$plan->feeds['feed-block']->supply->plus->name, $plan->feeds['feed-block']->supply->minus->name]);
        $charged = $document->with(AddCharger::to($plan, 'charger', 1, 20, false, ['house']));
        self::assertCount(1, $charged->plan()->chargers['charger']->outputs, 'blocks in parallel are one battery to a charger');
    }

    /** @param  \Closure(Plan): Patch  $ask */
    #[DataProvider('refusals')]
    public function test_what_cannot_be_done_says_why(\Closure $ask, string $words): void
    {
        $this->expectException(ProposalRefused::class);
        $this->expectExceptionMessage($words);
        $ask(Plans::skiff()->plan());
    }

    /** @return array<string, array{\Closure(Plan): Patch, string}> */
    public static function refusals(): array
    {
        return [
            'no station' => [static fn (Plan $plan): Patch => AddDevice::to($plan, self::screen(), 'attic'), 'no attic station'],
            'no bank' => [static fn (Plan $plan): Patch => AddBlock::to($plan, 'x', (object) ['circuits' => 6], 'nowhere', null), 'no nowhere bank'],
            'too many blocks' => [static fn (Plan $plan): Patch => AddBank::to($plan, self::agm(), 'x', 5, 4, null, null), '1 to 16 blocks'],
            'charged already' => [static fn (Plan $plan): Patch => AddCharger::to($plan, 'x', 3, 10, true, ['thrust']), 'charged already'],
            'too few outputs' => [static fn (Plan $plan): Patch => AddCharger::to(Plans::skiff()->with(Patch::remove('charger:c1'))->plan(), 'x', 2, 10, true, ['thrust']), '3 blocks to charge; x has 2 outputs'],
            'a battery alone' => [static fn (Plan $plan): Patch => TakeOut::of($plan, 'battery:b1'), 'cannot be taken out by itself'],
            'what is not there' => [static fn (Plan $plan): Patch => TakeOut::of($plan, 'device:nobody'), 'no nobody device'],
        ];
    }

    /** A device leaves its branch, and the day on the water, behind. */
    public function test_a_device_is_taken_out_of_the_trip_too(): void
    {
        $document = Plans::skiff()->with(TakeOut::of(Plans::skiff()->plan(), 'device:hub'));
        $plan = $document->plan();
        self::assertArrayNotHasKey('hub', $plan->devices);
        self::assertStringNotContainsString('"hub"', $document->toJson());
    }

    private static function agm(): \stdClass
    {
        return (object) ['chemistry' => 'agm', 'nominal_v' => 12, 'capacity_ah' => 100, 'rested_v' => 12.8, 'stud_pos' => '3/8', 'stud_neg' => '5/16', 'group' => '31', 'tray_mm' => [340, 180, 270], 'restrained' => true, 'booted' => true, 'space' => 'ventilated'];
    }

    private static function lithium(): \stdClass
    {
        return (object) ['chemistry' => 'lifepo4', 'nominal_v' => 12, 'capacity_ah' => 50, 'rested_v' => 13.3, 'internal_mohm' => 12, 'stud_pos' => '5/16', 'stud_neg' => '5/16', 'group' => 'U1', 'tray_mm' => [210, 140, 200],
            'restrained' => true, 'booted' => true, 'space' => 'ventilated', 'continuous_a' => 100, 'peak_a' => 200, 'max_series' => 4, 'max_parallel' => 4];
    }

    private static function motor(): \stdClass
    {
        return (object) ['name' => 'Bow motor 36 V', 'kind' => 'motor', 'v_min' => 30, 'v_max' => 45, 'typical_a' => 25, 'peak_a' => 56];
    }

    private static function screen(): \stdClass
    {
        return (object) ['name' => '9 in display', 'kind' => 'display', 'v_min' => 10.5, 'v_max' => 18, 'typical_a' => 1.6, 'peak_a' => 2.2, 'fuse_a' => 5, 'lead' => (object) ['gauge' => '16 AWG', 'length_m' => 1.8]];
    }
}
