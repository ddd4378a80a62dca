<?php

declare(strict_types=1);

namespace Dinghy\Tests\Trip;

use Dinghy\Battery\Chemistry;
use Dinghy\Battery\RestingVoltage;
use Dinghy\Circuit\State;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Tests\Circuit\Ngspice;
use Dinghy\Tests\Plans;
use Dinghy\Trip\Day;
use Dinghy\Trip\DeviceUse;
use Dinghy\Trip\Simulation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A day on the water against closed forms and against a finer integration that shares nothing with it but the volts by charge. */
final class SimulationTest extends TestCase
{
    /**
     * Peukert [pub Peukert 1897] at a steady current, in the cold: t = H (C / (I·H))^k · f, with f straight from 1 at 25 °C to 0.80 at 0 °C
     * for lead [mem]: at 10 °C 0.88. 8 A from 100 Ah at 20 h, k = 1.12: 20 · (5/8)^1.12 = 11.82 h.
     */
    public function test_a_steady_current_lasts_as_peukert_says(): void
    {
        $hours = 20 * (5 / 8) ** 1.12;
        self::assertEqualsWithDelta(11.815, $hours, 0.001);
        foreach ([25 => 1.0, 10 => 0.88, 0 => 0.80] as $celsius => $share) {
            $day = self::day(self::pump(14, ['load' => 'current', 'v_min' => 1], ['ambient_c' => $celsius]));
            self::assertEqualsWithDelta(60 * $hours * $share, $day->batteries['b1']->toEmpty ?? 0, 1.01, "{$celsius} °C");
            self::assertEqualsWithDelta(8 * $hours * $share, $day->batteries['b1']->ahOut, 8 / 60 + 1e-9);
        }
    }

    /** Below its rated current a block gives its Ah and no more: 4 A of 100 Ah for ten hours is 40 %. */
    public function test_a_small_current_takes_its_amp_hours(): void
    {
        $day = self::day(self::pump(10, ['load' => 'current', 'typical_a' => 4], ['ambient_c' => 25]));
        self::assertEqualsWithDelta(0.6, $day->batteries['b1']->charge, 1e-9);
        self::assertEqualsWithDelta(40.0, $day->devices['d1']->ah, 1e-9);
        self::assertNull($day->batteries['b1']->toEmpty);
        self::assertEqualsWithDelta(60 * 50 / 4, (self::day(self::pump(14, ['load' => 'current', 'typical_a' => 4], ['ambient_c' => 25]))->batteries['b1']->toFloor ?? 0), 1.01, 'half of it is its floor');
    }

    /** Constant power with sag, integrated here at one-second steps with the quadratic of one source, one resistance and one load. */
    public function test_constant_power_sags_as_a_finer_integration_says(): void
    {
        $day = self::day(self::pump(14, ['v_min' => 11.4], ['ambient_c' => 25]));
        $ohms = self::loop();
        [$charge, $out, $volts] = [1.0, null, INF];
        for ($second = 0; $second < 14 * 3600; $second++) {
            $open = RestingVoltage::at(Chemistry::Agm, $charge, 12.0) ?? 0.0;
            // V² − E·V + P·R = 0, the upper of its two.
            $root = $open ** 2 - 4 * 96 * $ohms;
            $at = ($open + sqrt(max(0.0, $root))) / 2;
            if ($root < 0 || $at < 11.4) {
                $out = $second / 60;
                break;
            }
            $volts = min($volts, $at);
            $amps = 96 / $at;
            $charge = max(0.0, $charge - $amps * max(1.0, $amps * 20 / 100) ** 0.12 / 3600 / 100);
        }
        self::assertNotNull($out);
        self::assertEqualsWithDelta($out, $day->devices['d1']->outAt ?? 0, 2.0);
        self::assertEqualsWithDelta($volts, $day->devices['d1']->leastVolts ?? 0, 0.005);
        self::assertEqualsWithDelta($charge, $day->batteries['b1']->charge, 0.003);
        self::assertEqualsWithDelta(96 * $out / 60, $day->devices['d1']->wh, 3.5);
    }

    /**
     * AGM between 75 and 50 % at less than its rated current is a capacitor: 25 Ah over 0.30 V are 300 kF. Against ngspice's transient.
     */
    public function test_a_battery_on_a_straight_line_is_a_capacitor_to_ngspice(): void
    {
        $boat = Plans::changed(self::pump(3, ['load' => 'resistance', 'typical_a' => 4], ['ambient_c' => 25]), ['battery:b1' => ['soc' => 0.75]]);
        $spice = Ngspice::run(implode("\n", [
            '* a battery on a straight line', 'C1 emf 0 300k ic=12.6', 'R1 emf load '.self::loop(), 'R2 load 0 3', '.control', 'tran 20 10800 uic',
            'let atload = v(load)[length(v(load))-1]', 'let emfend = v(emf)[length(v(emf))-1]', 'set numdgt=9', 'print atload', 'print emfend', '.endc', '.end', '',
        ]));
        $day = self::day($boat);
        self::assertEqualsWithDelta($spice['atload'], self::last(array_filter($day->series->volts['d1'], is_float(...))), 0.001);
        self::assertEqualsWithDelta($spice['emfend'], $day->batteries['b1']->openVolts(), 0.001);
    }

    /** What is off stays off, and says when it went. */
    public function test_a_device_without_enough_volts_is_off_to_the_end(): void
    {
        $boat = self::pump(14, ['v_min' => 12.5], ['ambient_c' => 25]);
        $day = self::day($boat);
        $at = $day->devices['d1']->outAt;
        self::assertNotNull($at);
        self::assertGreaterThan(12.5, $day->devices['d1']->leastVolts);
        self::assertSame($day->batteries['b1']->charge, self::last($day->series->charge['b1']));
        self::assertGreaterThan($at + 60, self::day(Plans::changed($boat, ['device:d1' => ['v_min' => 5]]))->devices['d1']->outAt);
    }

    /** @param  array<string, mixed>  $changes of the battery */
    #[DataProvider('starts')]
    public function test_where_a_battery_begins(array $changes, float $start, bool $isGuessed): void
    {
        $battery = self::day(Plans::changed(self::pump(0.5, [], []), ['battery:b1' => $changes]))->batteries['b1'];
        self::assertEqualsWithDelta($start, $battery->start, 1e-9);
        self::assertSame($isGuessed, $battery->isGuessed);
    }

    /** @return array<string, array{array<string, mixed>, float, bool}> */
    public static function starts(): array
    {
        return [
            'as somebody said' => [['soc' => 0.4, 'rested_v' => 12.85], 0.4, false],
            'as its rested volts mean' => [['soc' => Plans::UNKNOWN, 'rested_v' => 12.45], 0.625, false],
            'full, where nobody said' => [['soc' => Plans::UNKNOWN, 'rested_v' => Plans::UNKNOWN], 1.0, false],
            'where the volts of LiFePO4 say little, by a straight line' => [['chemistry' => 'lifepo4', 'soc' => Plans::UNKNOWN, 'rested_v' => 13.15], 0.55, true],
        ];
    }

    /** Out of the batteries and out of chargers comes what loads and wires take; what wires take is summed up wire by wire. */
    #[DataProvider('boats')]
    public function test_energy_balances(string $boat): void
    {
        $energy = self::day(Plans::demo("boats/{$boat}"))->energy;
        self::assertEqualsWithDelta($energy->batteries + $energy->charged, $energy->loads + $energy->wires, 0.001 * $energy->loads);
        self::assertGreaterThan(0.005 * $energy->loads, $energy->wires);
    }

    #[DataProvider('boats')]
    public function test_steps_half_as_long_change_nothing_that_matters(string $boat): void
    {
        [$day, $finer] = [self::day(Plans::demo("boats/{$boat}")), self::day(Plans::demo("boats/{$boat}"), 30)];
        $first = static fn (Day $day): float => min([60 * $day->hours, ...array_map(static fn (DeviceUse $use): float => $use->outAt ?? INF, array_values($day->devices))]);
        self::assertEqualsWithDelta($first($finer), $first($day), 0.01 * $first($finer), 'the first that gives out');
        self::assertEqualsWithDelta($finer->energy->loads, $day->energy->loads, 0.01 * $finer->energy->loads);
        foreach ($day->batteries as $id => $battery) {
            self::assertEqualsWithDelta($finer->batteries[$id]->charge, $battery->charge, 0.01, $id);
        }
    }

    /** @return array<string, array{string}> */
    public static function boats(): array
    {
        return ['skiff' => ['skiff'], 'console' => ['console'], 'pontoon' => ['pontoon'], 'rowing' => ['rowing'], 'catamaran' => ['catamaran']];
    }

    /** A series bank whose first block is half full: it is empty first, and then nothing flows, whatever the others hold. */
    public function test_a_series_bank_ends_with_its_first_empty_block(): void
    {
        $boat = Plans::changed(Plans::series(3, ['internal_mohm' => 5, 'rested_v' => Plans::UNKNOWN]), [
            'battery:b1' => ['soc' => 0.5],
            'plan' => ['trip' => (object) ['ambient_c' => 25, 'phases' => [(object) ['hours' => 8, 'on' => (object) ['m1' => 0.6]]]]],
        ]);
        $day = self::day($boat);
        $empty = $day->batteries['b1']->toEmpty;
        self::assertNotNull($empty);
        self::assertSame([null, null], [$day->batteries['b2']->toEmpty, $day->batteries['b3']->toEmpty]);
        self::assertEqualsWithDelta(0.5, $day->batteries['b2']->charge, 0.01);
        self::assertEqualsWithDelta($day->batteries['b1']->ahOut, $day->batteries['b3']->ahOut, 1e-6);
        self::assertSame($empty, $day->devices['m1']->outAt);
    }

    /** The tap draws on Battery 1 alone. */
    public function test_a_tap_pulls_the_first_block_down(): void
    {
        $day = self::day(Plans::demo('boats/pontoon'));
        self::assertEqualsWithDelta($day->devices['motor-lift']->ah, $day->batteries['g1']->ahOut - $day->batteries['g2']->ahOut, 1e-6);
        self::assertLessThan($day->batteries['g2']->charge, $day->batteries['g1']->charge);
        self::assertEqualsWithDelta($day->batteries['g2']->charge, $day->batteries['g3']->charge, 1e-9);
    }

    /** 25 A of an alternator for half an hour: 12.5 Ah at its posts, whose 1.15th part stays in lead. */
    public function test_an_alternator_charges_while_the_engine_runs(): void
    {
        $run = static fn (bool $engine, float $celsius, array $battery = []): Day => self::day(Plans::changed(self::pump(0.5, ['typical_a' => 0, 'peak_a' => 1], ['ambient_c' => $celsius], $engine), [
            'battery:b1' => ['soc' => 0.5, ...$battery],
            'charger:c1' => ['input' => 'alternator', 'outputs' => [(object) ['battery' => 'b1', 'amps' => 25, 'profile' => $battery['chemistry'] ?? 'agm', 'fuse_at' => 'battery', 'lead' => (object) ['gauge' => '8 AWG', 'length_m' => 1.5]]]],
        ]));
        $charged = $run(true, 25);
        self::assertEqualsWithDelta(12.5, $charged->batteries['b1']->ahIn, 0.01);
        self::assertEqualsWithDelta(0.5 + 0.125 / 1.15, $charged->batteries['b1']->charge, 1e-4);
        self::assertSame(0.0, $run(false, 25)->batteries['b1']->ahIn);
        self::assertSame(0.0, $run(true, -2, ['chemistry' => 'lifepo4'])->batteries['b1']->ahIn, 'LiFePO4 takes none below freezing');
        self::assertGreaterThan(12.0, $run(true, 1, ['chemistry' => 'lifepo4'])->batteries['b1']->ahIn);
    }

    /** 5 A at 12 V behind a converter of 90 % with 0.1 A of its own: what it draws from the 36 V bank by hand. */
    public function test_a_converter_draws_what_it_gives_and_its_own(): void
    {
        $boat = Plans::changed(Plans::converted(), ['plan' => ['trip' => (object) ['ambient_c' => 25, 'phases' => [(object) ['hours' => 1, 'on' => (object) ['screen' => 1]]]]]]);
        $day = self::day($boat);
        self::assertEqualsWithDelta(60 / 0.9 / 38 + 0.1, $day->batteries['b1']->ahOut, 0.03);
        self::assertEqualsWithDelta($day->batteries['b1']->ahOut, $day->batteries['b3']->ahOut, 1e-6);
        self::assertEqualsWithDelta(60.0, $day->devices['screen']->wh, 1e-6);
    }

    /** A battery that is empty gives nothing, and takes what comes. */
    public function test_an_empty_battery_still_takes_charge(): void
    {
        $boat = Plans::changed(self::pump(3, ['typical_a' => 2, 'load' => 'current', 'v_min' => 1], ['ambient_c' => 25]), ['battery:b1' => ['soc' => 0.02]])
            ->with(Patch::set('charger:c1', ['input' => 'alternator']));
        $phases = [(object) ['hours' => 2, 'on' => (object) ['d1' => 1]], (object) ['hours' => 1, 'engine' => true, 'on' => new \stdClass]];
        $day = self::day(Plans::changed($boat, ['plan' => ['trip' => (object) ['ambient_c' => 25, 'phases' => $phases]]]));
        self::assertEqualsWithDelta(60.0, $day->batteries['b1']->toEmpty ?? 0, 1.01);
        self::assertEqualsWithDelta(2.0, $day->batteries['b1']->ahOut, 0.04);
        self::assertEqualsWithDelta(15.0, $day->batteries['b1']->ahIn, 0.05);
        self::assertEqualsWithDelta(0.15 / 1.15, $day->batteries['b1']->charge, 0.001);
    }

    /**
     * Common practice: the portable box, one 9 in screen (1.6 A) and a live-sonar module (4.8 A) on 18 Ah of LiFePO4, and four 10 in screens
     * (1.8 A each) with a module on a 98 Ah lead battery, "a day on the water". At 20 °C, constant power, down to the floors of the house
     * rules: what they really last lies within a tenth of Peukert's law at the amps of nominal volts, for the volts stand higher at first.
     */
    public function test_the_portable_box_and_four_screens_in_hours(): void
    {
        foreach ([['lifepo4', 18.0, 6.4, 0.1, 2.3, 2.6], ['flooded', 98.0, 12.0, 0.5, 3.0, 3.5]] as [$chemistry, $capacity, $amps, $floor, $least, $most]) {
            $boat = Plans::changed(self::pump(8, ['typical_a' => $amps, 'peak_a' => 15, 'v_min' => 9], ['ambient_c' => 20]), ['battery:b1' => ['chemistry' => $chemistry, 'capacity_ah' => $capacity, 'internal_mohm' => Plans::UNKNOWN]]);
            $hours = (self::day($boat)->batteries['b1']->toFloor ?? 0) / 60;
            self::assertThat($hours, self::logicalAnd(self::greaterThan($least), self::lessThan($most)), $chemistry);
            self::assertEqualsWithDelta($boat->plan()->batteries['b1']->hoursToFloor($amps, $floor, 20), $hours, 0.1 * $hours);
        }
    }

    /** A phase that is no whole number of steps ends with a shorter one. */
    public function test_the_last_step_of_a_phase_is_what_is_left_of_it(): void
    {
        $day = self::day(self::pump(0.51, ['load' => 'current', 'typical_a' => 4], ['ambient_c' => 25]), 600);
        self::assertSame([0.0, 10.0, 20.0, 30.0], $day->series->minutes);
        self::assertEqualsWithDelta(0.51 * 4, $day->devices['d1']->ah, 1e-9);
        self::assertEqualsWithDelta(0.51, $day->hours, 1e-9);
    }

    public function test_what_a_motor_draws_by_its_own_table(): void
    {
        $boat = fn (float $speed): PlanDocument => Plans::changed(Plans::series(3, ['internal_mohm' => 5]), [
            'device:m1' => ['load' => 'current', 'amps_at' => [(object) ['speed' => 1, 'amps' => 50], (object) ['speed' => 0.5, 'amps' => 14]]],
            'plan' => ['trip' => (object) ['ambient_c' => 25, 'phases' => [(object) ['hours' => 0.5, 'on' => (object) ['m1' => $speed]]]]],
        ]);
        foreach ([[0.5, 14.0], [0.75, 32.0], [1.0, 50.0], [0.2, 14.0]] as [$speed, $amps]) {
            self::assertEqualsWithDelta($amps / 2, self::day($boat($speed))->devices['m1']->ah, 1e-6, "at {$speed}");
        }
    }

    public function test_nothing_is_simulated_without_a_day(): void
    {
        self::assertNull(Simulation::of(Plans::evaluate(Plans::pump())->boat));
    }

    /**
     * @param  array<string, mixed>  $device
     * @param  array<string, mixed>  $trip
     */
    private static function pump(float $hours, array $device, array $trip, bool $engine = false): PlanDocument
    {
        return Plans::changed(Plans::pump(), [
            'battery:b1' => ['soc' => 1.0],
            'device:d1' => $device,
            'plan' => ['trip' => (object) [...$trip, 'phases' => [(object) ['hours' => $hours, 'engine' => $engine, 'on' => (object) ['d1' => 1]]]]],
        ]);
    }

    private static function day(PlanDocument $boat, float $step = Simulation::STEP): Day
    {
        $day = Simulation::of(Plans::evaluate($boat)->boat, $step);
        self::assertNotNull($day);

        return $day;
    }

    /** Ω of the pump's circuit, the battery's 15 mΩ among them, with the pump off. */
    private static function loop(): float
    {
        return Plans::evaluate(Plans::pump())->boat->states->network(State::Rest)->resistanceBetween('d1+', 'd1-') ?? 0.0;
    }

    /** @param  array<float>  $values */
    private static function last(array $values): float
    {
        return array_values($values)[count($values) - 1];
    }
}
