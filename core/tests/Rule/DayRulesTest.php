<?php

declare(strict_types=1);

namespace Dinghy\Tests\Rule;

use Dinghy\Area\StandardAreas;
use Dinghy\Evaluation\Remedies;
use Dinghy\File\PlanDocument;
use Dinghy\Quantity\Units;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
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

    /** 40 % of 100 Ah of AGM at 2 A: 8 h at 25 °C leave much missing; with 15 A it is full. Its remedy is a charger that fills it in the night. */
    public function test_a_night_that_does_not_fill_it(): void
    {
        $charged = static fn (float $amps, array $trip = []): PlanDocument => Plans::changed(self::pump([['hours' => 10, 'on' => ['d1' => 1]]], ['typical_a' => 4, 'load' => 'current'], $trip), [
            'charger:c1' => ['outputs' => [(object) ['battery' => 'b1', 'amps' => $amps, 'profile' => 'agm', 'fuse_at' => 'battery']]],
            'plan' => ['house_rules' => (object) ['floor_soc' => (object) ['agm' => 0.9]]],
        ]);
        $boat = $charged(2.5);
        $finding = self::closer($boat)['B18 battery:b1'];
        self::assertEqualsWithDelta(0.6 + 25 / 115, $finding->figures['morning_soc'], 0.001);
        self::assertStringContainsString('comes in at 60 % and has 82 % after a night of 10 h 00; full takes ', $finding->says);
        self::assertSame([], self::closer($charged(15)));
        $remedy = (new Remedies($boat, StandardAreas::areas()->evaluate($boat->plan(), whole: true)))->of($finding) ?? self::fail('no charger is offered');
        self::assertArrayNotHasKey('B18 battery:b1', self::closer($boat->with($remedy->patch)));
    }

    public function test_lithium_that_is_too_cold_for_any_charger(): void
    {
        $boat = static fn (float $celsius): PlanDocument => Plans::changed(self::pump([['hours' => 2, 'on' => ['d1' => 1]]], [], ['ambient_c' => $celsius]), [
            'battery:b1' => ['chemistry' => 'lifepo4'],
            'charger:c1' => ['outputs' => [(object) ['battery' => 'b1', 'amps' => 20, 'profile' => 'lifepo4', 'fuse_at' => 'battery']]],
        ]);
        self::assertStringContainsString('takes no charge below 0 °C', self::closer($boat(-3))['B18 battery:b1']->says);
        self::assertSame([], self::closer($boat(3)));
    }

    /** What the rule says at once is not said again of the same part. */
    public function test_a_part_is_spoken_of_once(): void
    {
        $boat = Plans::changed(self::pump([['hours' => 10, 'on' => ['d1' => 1]]], ['typical_a' => 4, 'load' => 'current']), [
            'charger:c1' => ['outputs' => [(object) ['battery' => 'b1', 'amps' => 2, 'profile' => 'agm', 'fuse_at' => 'battery']]],
        ]);
        $both = array_filter(StandardAreas::areas()->evaluate($boat->plan(), whole: true)->findings, static fn (Finding $finding): bool => $finding->rule->code === 'B18');
        self::assertSame([false], array_values(array_map(static fn (Finding $finding): bool => $finding->rule->isCloser, $both)));
    }

    /** A tap whose device is off all day but for 0.3 A on standby: the estimate by phases does not know of it, the blocks do. */
    public function test_a_tap_that_draws_on_standby(): void
    {
        $boat = static fn (float $standby): PlanDocument => Plans::tapped(['standby_a' => $standby, 'load' => 'current'], [['hours' => 8, 'on' => ['m1' => 0.4]]]);
        $finding = self::closer($boat(0.6))['B05 feed:tap'] ?? self::fail('the tap is silent');
        self::assertEqualsWithDelta(8 * 0.6, $finding->figures['imbalance_ah'], 1e-6);
        self::assertSame([], self::closer($boat(0.05)));
        self::assertArrayNotHasKey('B05 feed:tap', self::closer(Plans::changed($boat(0.6), ['plan' => ['chargers' => Plans::series(3)->root()->chargers]])), 'each block has an output of its own');
    }

    /** Rested it bears the starter; after a day of fishing on it, it does not: 12.3 V at half charge less 170 A through 15 mΩ are 9.75 V. */
    public function test_a_screen_that_restarts_when_the_engine_starts_for_home(): void
    {
        $boat = static fn (float $hours): PlanDocument => Plans::changed(self::pump([
            ['hours' => $hours, 'on' => ['d1' => 1]], ['hours' => 0.5, 'engine' => true, 'home' => true, 'on' => ['d1' => 1]],
        ], ['kind' => 'display', 'typical_a' => 4, 'v_min' => 9.9, 'load' => 'current']), ['plan' => ['boat.engine' => (object) ['battery' => 'b1', 'cranking_a' => 170, 'min_cca_a' => 400]]]);
        $finding = self::closer($boat(10))['B16 device:d1'] ?? self::fail('the screen is silent');
        self::assertEqualsWithDelta(12.42 - 0.015 * 174 - 4 * 0.026, $finding->figures['volts'], 0.02, '26 mΩ from post to plug and back');
        self::assertStringContainsString('when the engine is started at 16:00', $finding->says);
        self::assertArrayNotHasKey('B16 device:d1', self::closer($boat(1)));
    }

    /** 0.064 A take half of 100 Ah in 32.6 days: the drain alone lasts the month, with 2 % that AGM loses by itself it does not. */
    public function test_a_month_that_self_discharge_makes_too_long(): void
    {
        $boat = static fn (float $amps, array $feed = []): PlanDocument => Plans::changed(Plans::pump(), ['bank:house' => ['switch' => false], 'device:d1' => ['standby_a' => $amps], 'feed:f1' => $feed]);
        $finding = self::closer($boat(0.0675))['B14 bank:house'] ?? self::fail('it lasts');
        self::assertEqualsWithDelta(0.5 / (24 * 0.0675 / 96 + 0.02 / 30), $finding->figures['days'], 1e-6);
        self::assertSame(Level::Warn, $finding->level);
        self::assertStringContainsString('Fit a switch in', $finding->remedy);
        self::assertSame([], self::closer($boat(0.0675, ['switch' => true])));
        self::assertSame([], self::closer($boat(0.005)));
        // Over the winter at 5 °C: 10.6 mA are half of 84 Ah in 165 days.
        self::assertSame(Level::Note, (self::closer($boat(0.0106))['B14 bank:house'] ?? self::fail('it lasts the winter'))->level);
    }

    /** @return array<string, Finding> by rule and part: what judges more closely what is judged at once too */
    private static function closer(PlanDocument $boat): array
    {
        $closer = array_filter(StandardAreas::areas()->evaluate($boat->plan(), whole: true)->findings, static fn (Finding $finding): bool => $finding->rule->isCloser);

        return array_combine(array_map(static fn (Finding $finding): string => "{$finding->rule->code} {$finding->on}", $closer), $closer);
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
