<?php

declare(strict_types=1);

namespace Dinghy\Tests\Metering;

use Dinghy\Metering\LoadChoice;
use Dinghy\Metering\LoadTest;
use Dinghy\Metering\MeteredPath;
use Dinghy\Metering\Passport;
use Dinghy\Metering\PathPoint;
use Dinghy\Metering\TestLoad;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** What a way was, what it is, and which joint of it has gone bad: by hand. */
final class PassportTest extends TestCase
{
    /** 0.4 V at 40 A are 10 mΩ; copper of 30 °C resists 1 + 0.00393 · 10 times as much as at 20 °C, of 5 °C 0.00393 · 15 less. */
    public function test_ohms_are_carried_to_twenty_degrees(): void
    {
        $test = static fn (float $celsius): LoadTest => new LoadTest('2026-11-29', 'carbon pile', 40.0, $celsius, 'meter', ['a' => 37.5, 'b' => 37.1]);
        self::assertEqualsWithDelta(0.010, $test(20.0)->ohms('a', 'b'), 1e-9);
        self::assertEqualsWithDelta(0.010 / 1.0393, $test(30.0)->ohms('a', 'b'), 1e-9);
        self::assertEqualsWithDelta(0.010 / 0.94105, $test(5.0)->ohms('a', 'b'), 1e-9);
        self::assertNull($test(20.0)->ohms('a', 'c'));
    }

    /** ½ % of 0.4 V and 20 mV for the meter, 1 % of 0.4 V for the amps: 26 mV at 40 A are 0.65 mΩ. */
    public function test_what_a_measured_resistance_may_be_off_by(): void
    {
        self::assertEqualsWithDelta(0.00065, (new LoadTest('2026-11-29', 'carbon pile', 40.0, 20.0, 'meter', ['a' => 37.5, 'b' => 37.1]))->off('a', 'b'), 1e-9);
    }

    /** What the plan predicts, read back, is what the plan expects. */
    public function test_a_sound_way_is_as_planned_and_becomes_the_baseline(): void
    {
        [$path, $first] = self::tested([]);
        $passport = Passport::of($path, [$first]);
        foreach ($passport->stretches as $stretch) {
            self::assertEqualsWithDelta($stretch->expected, $stretch->latest, 0.0005);
            self::assertNull($stretch->excess());
            self::assertNull($stretch->drift());
        }
        self::assertMatchesRegularExpression('/^11\.\d mΩ at 20 °C to Bow motor 36 V: as planned\. This is the baseline\.$/', $passport->says(self::words()));
    }

    /** 10 mΩ more behind the breaker, a year later: 10 mΩ · (56 A)² = 31 W at full thrust. */
    public function test_a_joint_that_has_gone_bad_in_a_year(): void
    {
        [$path, $first, $points] = self::tested([]);
        [, $later] = self::tested([$points[2] => 0.010], day: '2027-11-30');
        $passport = Passport::of($path, [$first, $later]);
        self::assertNull($passport->stretches[0]->drift());
        self::assertEqualsWithDelta(0.010, $passport->stretches[1]->drift(), 1e-6);
        self::assertEqualsWithDelta(31.36, $passport->stretches[1]->watts(0.010), 1e-9);
        self::assertSame('From behind the 60 A magnetic breaker to Bow motor 36 V it has grown by 10 mΩ since 2026-11-29: at 56 A it heats with 31.4 W. A joint there has gone bad: open it, clean it, make it anew, and read again.', $passport->says(self::words()));
    }

    /** A cold day’s reading laid beside a warm day’s is no drift. */
    public function test_a_warm_day_is_no_drift(): void
    {
        [$path, $first] = self::tested([]);
        $warm = new LoadTest('2027-07-01', $first->load, $first->amps, 38.0, 'meter', self::lowered($first->volts, 1 + 0.00393 * 18));
        self::assertNull(Passport::of($path, [$first, $warm])->stretches[1]->drift());
        $unlike = new LoadTest('2027-07-01', $first->load, $first->amps, 20.0, 'meter', self::lowered($first->volts, 1.2));
        self::assertNotNull(Passport::of($path, [$first, $unlike])->stretches[1]->drift());
    }

    /** More than the plan expects at the first reading already: it is said before it becomes what later ones are compared with. */
    public function test_a_bad_crimp_at_the_first_reading(): void
    {
        [$path, , $points] = self::tested([]);
        [, $bad] = self::tested([$points[2] => 0.005]);
        self::assertStringContainsString('there are 5 mΩ more than the plan expects: at 56 A it heats with 15.7 W', Passport::of($path, [$bad])->says(self::words()));
    }

    /** Half of what the plan has: no joint does that. It is asked about, and what comes later is not laid beside it. */
    public function test_less_than_the_plan_has_is_no_baseline(): void
    {
        [$path, $first, $points] = self::tested([]);
        [, $half] = self::tested([$points[2] => -0.005], day: '2026-11-28');
        $asked = Passport::of($path, [$half]);
        self::assertEqualsWithDelta(0.005, $asked->stretches[1]->shortfall(), 1e-6);
        self::assertStringContainsString('were the amps misread, is it another wire than the plan has, or does the meter err?', $asked->says(self::words()));
        self::assertStringNotContainsString('This is the baseline', $asked->says(self::words()));
        $again = Passport::of($path, [$half, $first]);
        self::assertNull($again->stretches[1]->drift(), 'nothing has grown: the first was misread');
        self::assertStringContainsString('as planned. This is the baseline.', $again->says(self::words()));
        [, $later] = self::tested([$points[2] => 0.010], day: '2027-11-30');
        self::assertStringContainsString('it has grown by 10 mΩ since 2026-11-29', Passport::of($path, [$half, $first, $later])->says(self::words()));
    }

    /** A way whose circuit has no solution keeps what was read of it. */
    public function test_a_way_whose_circuit_has_no_solution(): void
    {
        // A converter on a bank of 9 V behind 3 Ω: 7 W at the most, where 13 W are asked for.
        $flat = ['internal_mohm' => 1000, 'rested_v' => 3];
        $boat = Plans::evaluate(Plans::changed(Plans::converted(), ['battery:b1' => $flat, 'battery:b2' => $flat, 'battery:b3' => $flat, 'charger:conv' => ['standby_a' => 2]]))->boat;
        $circuit = $boat->runs['to-screen']->circuit ?? self::fail('It is a circuit.');
        $path = MeteredPath::to($boat, $circuit) ?? self::fail('Something leads there.');
        self::assertNull($path->ohms());
        $read = array_combine(array_map(static fn (PathPoint $point): string => $point->id, $path->points), array_map(static fn (int $at): float => 12 - 0.1 * $at, array_keys($path->points)));
        $passport = Passport::of($path, [new LoadTest('2026-11-29', 'lamp', 5.0, 20.0, 'meter', $read)]);
        self::assertNull($passport->stretches[0]->expected);
        self::assertNull($passport->stretches[0]->excess());
        self::assertEqualsWithDelta(0.02, $passport->stretches[0]->latest, 1e-9);
        self::assertStringContainsString('what it should have is not known, for the circuit of the plan has no solution', $passport->says(self::words()));
    }

    public function test_volts_that_rise_on_the_way_are_read_again(): void
    {
        [$path, $first, $points] = self::tested([]);
        $swapped = new LoadTest('2026-11-29', 'load', $first->amps, 20.0, 'meter', [$points[0] => $first->volts[$points[2]], $points[2] => $first->volts[$points[0]]]);
        self::assertStringContainsString('two readings were swapped', Passport::of($path, [$swapped])->says(self::words()));
    }

    /** The points between were read the first time alone: the whole way is compared. */
    public function test_fewer_points_than_before(): void
    {
        [$path, $first, $points] = self::tested([]);
        [, $later] = self::tested([$points[2] => 0.010], day: '2027-11-30');
        $ends = new LoadTest('2027-11-30', 'load', $later->amps, 20.0, 'meter', array_intersect_key($later->volts, [$points[0] => 1, $points[2] => 1]));
        $passport = Passport::of($path, [$first, $ends]);
        self::assertCount(1, $passport->stretches);
        self::assertEqualsWithDelta(0.010, $passport->stretches[0]->drift(), 1e-6);
    }

    /** A load too large for the fuse opens it in the middle of a reading; one for fewer volts burns. */
    public function test_a_load_that_the_way_bears(): void
    {
        $boat = self::boat();
        $path = self::path($boat);
        $fit = LoadChoice::of($path, [$pile = new TestLoad('pile', 1.0, 48.0), new TestLoad('half an ohm', 0.5, 48.0), new TestLoad('lamp', 2.6, 15.0), $heater = new TestLoad('heater', 2.2, 48.0)]);
        self::assertSame([$pile, $heater], $fit, '36 V · 1.15 / 1 Ω = 41 A, of 60 A · 0.8 = 48 A; 83 A through 0.5 Ω; the lamp bears 15 V');
    }

    /**
     * @param  array<string, float>  $more  Ω in the stretch that ends at a point
     * @return array{MeteredPath, LoadTest, list<string>}
     */
    private static function tested(array $more, string $day = '2026-11-29'): array
    {
        $path = self::path(self::boat());
        $amps = 40.0;
        $lost = 0.0;
        $volts = ['source' => 37.5];
        foreach ($path->ohms() ?? self::fail('The circuit has a solution.') as $at => $ohms) {
            $id = $path->points[$at + 1]->id;
            $lost += $amps * ($ohms + ($more[$id] ?? 0.0));
            $volts[$id] = 37.5 - $lost;
        }

        return [$path, new LoadTest($day, 'carbon pile', $amps, 20.0, 'meter', $volts), array_map(strval(...), array_keys($volts))];
    }

    /**
     * @param  array<string, float>  $volts
     * @return array<string, float> with so many times as much lost
     */
    private static function lowered(array $volts, float $times): array
    {
        return array_map(static fn (float $one): float => 37.5 - $times * (37.5 - $one), $volts);
    }

    private static function boat(): SolvedBoat
    {
        return Plans::evaluate(Plans::demo('boats/skiff'))->boat;
    }

    private static function path(SolvedBoat $boat): MeteredPath
    {
        return MeteredPath::to($boat, $boat->runs['bow-motor']->circuit ?? self::fail('no such run')) ?? self::fail('no such way');
    }

    private static function words(): QuantityFormatter
    {
        return new QuantityFormatter(Units::Metric);
    }
}
