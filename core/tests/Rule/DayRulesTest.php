<?php

declare(strict_types=1);

namespace Dinghy\Tests\Rule;

use Dinghy\Area\StandardAreas;
use Dinghy\Evaluation\Remedies;
use Dinghy\File\PlanDocument;
use Dinghy\Quantity\Units;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Unchecked;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** What is said of a day once it was simulated, and only then. */
final class DayRulesTest extends TestCase
{
    /** 4 A of 100 AGM Ah at 25 °C, below its rated current: its floor of 50 % is reached after 12.5 h, at half past six in the evening. */
    public function test_a_bank_that_is_run_to_its_floor(): void
    {
        $boat = self::pump([['hours' => 13, 'on' => ['d1' => 1]]], ['typical_a' => 4, 'load' => 'current']);
        $said = self::said($boat);
        self::assertSame(['B17 bank:house'], array_keys($said));
        self::assertStringContainsString('down to its floor of 50 % at 18:30, 12 h 30 out; D1 draws most of it.', $said['B17 bank:house']->says);
        self::assertStringContainsString('at 6:30 pm', self::said($boat, Units::Imperial)['B17 bank:house']->says);
        self::assertSame([], self::said(self::pump([['hours' => 12.4, 'on' => ['d1' => 1]]], ['typical_a' => 4, 'load' => 'current'])));
        self::assertStringContainsString('at 03:00, the day after', self::said(self::pump([['hours' => 13, 'on' => ['d1' => 1]]], ['typical_a' => 4, 'load' => 'current'], ['starts_at' => '14:30']))['B17 bank:house']->says);
    }

    public function test_a_bank_that_begins_at_its_floor(): void
    {
        $boat = Plans::changed(self::pump([['hours' => 1, 'on' => []]], []), ['battery:b1' => ['soc' => 0.5]]);
        self::assertStringContainsString('50 % as the day begins', self::said($boat)['B17 bank:house']->says);
    }

    /** Turned home earlier, each on its own: what was over is gone, and the day is shorter by no more than it has to be. */
    public function test_an_earlier_way_home_mends_it(): void
    {
        // Its floor is reached after 12.5 h, an hour of it on the way home; the pump's 12.2 V with what 4 A lose are 54 to 56 % of charge, after some 11 h.
        foreach (['B17 bank:house' => [11.0, 11.5], 'B30 device:d1' => [12.2, 10.4]] as $which => [$minVolts, $most]) {
            $day = self::pump([['hours' => 13, 'on' => ['d1' => 1]], ['hours' => 1, 'home' => true, 'on' => ['d1' => 1]]], ['typical_a' => 4, 'load' => 'current', 'v_min' => $minVolts]);
            $remedies = new Remedies($day, StandardAreas::areas()->evaluate($day->plan(), whole: true));
            $remedy = $remedies->of(self::said($day)[$which] ?? self::fail("{$which} is silent")) ?? self::fail("nothing mends {$which}");
            $after = $day->with($remedy->patch);
            self::assertArrayNotHasKey($which, self::said($after));
            $hours = $after->plan()->trip[0]->hours ?? 0.0;
            self::assertThat($hours, self::logicalAnd(self::greaterThan($most - 0.5), self::lessThanOrEqual($most)), $which);
            self::assertStringStartsWith('Turn home at ', $remedy->says);
        }
    }

    /** What rested volts do not tell is asked for, and nothing is asked of lead. */
    public function test_a_charge_that_volts_do_not_tell_is_not_checked(): void
    {
        $unchecked = static fn (string $chemistry, float $volts): array => array_map(
            static fn (Unchecked $one): string => "{$one->rule->code} {$one->on} {$one->needs}",
            array_filter(
                StandardAreas::areas()->evaluate(Plans::changed(self::pump([['hours' => 1, 'on' => []]], []), ['battery:b1' => ['soc' => Plans::UNKNOWN, 'chemistry' => $chemistry, 'rested_v' => $volts]])->plan(), whole: true)->unchecked,
                static fn (Unchecked $one): bool => $one->rule->code === 'B17',
            ),
        );
        self::assertSame(['B17 battery:b1 soc'], array_values($unchecked('lifepo4', 13.2)));
        self::assertSame([], $unchecked('lifepo4', 13.5));
        self::assertSame([], $unchecked('agm', 12.4));
    }

    public function test_nothing_of_it_is_said_with_every_edit(): void
    {
        $boat = self::pump([['hours' => 24, 'on' => ['d1' => 1]]], []);
        self::assertNotSame([], self::said($boat));
        self::assertSame([], array_filter(Plans::evaluate($boat)->findings, static fn (Finding $finding): bool => $finding->rule->code === 'B17'));
    }

    /** The pump goes out some time after eleven hours: that matters only where the way home asks for it then. */
    public function test_what_gives_out_before_the_boat_is_home(): void
    {
        $day = static fn (float $homeFrom, bool $on): PlanDocument => self::pump([
            ['hours' => $homeFrom, 'on' => ['d1' => 1]],
            ['hours' => 1, 'home' => true, 'on' => $on ? ['d1' => 1] : []],
        ], ['v_min' => 11.9]);
        self::assertArrayHasKey('B30 device:d1', self::said($day(13, true)));
        self::assertStringContainsString('and the way home asks for it until 20:00.', self::said($day(13, true))['B30 device:d1']->says);
        self::assertArrayNotHasKey('B30 device:d1', self::said($day(13, false)));
        self::assertArrayNotHasKey('B30 device:d1', self::said($day(5, true)));
    }

    /** 180 A through 15 mΩ and what a third of its charge leaves, by hand: 12.10 − 2.7 V is 9.4 V, and 9.6 V are needed. */
    public function test_an_engine_that_would_not_start(): void
    {
        $day = static fn (float $charge, float $amps): PlanDocument => Plans::changed(self::pump([
            ['hours' => 1, 'on' => []], ['hours' => 1, 'engine' => true, 'on' => []],
        ], ['typical_a' => 0.001]), [
            'battery:b1' => ['soc' => $charge, 'rested_v' => Plans::UNKNOWN],
            'plan' => ['boat.engine' => (object) ['battery' => 'b1', 'cranking_a' => $amps, 'min_cca_a' => 400]],
        ]);
        $stop = self::said($day(1 / 3, 180))['B30 battery:b1'];
        self::assertEqualsWithDelta(12.10 - 180 * 0.015, $stop->figures['volts'], 0.01);
        self::assertStringContainsString('at 07:00', $stop->says);
        self::assertArrayNotHasKey('B30 battery:b1', self::said($day(1 / 3, 165)));
        self::assertArrayNotHasKey('B30 battery:b1', self::said($day(1, 180)));
    }

    /** @return array<string, Finding> by rule and part: what only the simulation of the day can say */
    private static function said(PlanDocument $boat, Units $units = Units::Metric): array
    {
        $late = array_filter(
            StandardAreas::areas()->evaluate($boat->plan(), $units, whole: true)->findings,
            static fn (Finding $finding): bool => in_array($finding->rule->code, ['B17', 'B30'], true),
        );

        return array_combine(array_map(static fn (Finding $finding): string => "{$finding->rule->code} {$finding->on}", $late), $late);
    }

    /**
     * @param  list<array<string, mixed>>  $phases
     * @param  array<string, mixed>  $device
     * @param  array<string, mixed>  $trip
     */
    private static function pump(array $phases, array $device, array $trip = []): PlanDocument
    {
        $written = array_map(static fn (array $phase): \stdClass => (object) [...$phase, 'on' => (object) $phase['on']], $phases);

        return Plans::changed(Plans::pump(), [
            'battery:b1' => ['soc' => 1.0],
            'device:d1' => $device,
            'plan' => ['trip' => (object) ['ambient_c' => 25, ...$trip, 'phases' => $written]],
        ]);
    }
}
