<?php

declare(strict_types=1);

namespace Dinghy\Tests\Diagnosis;

use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Metal;
use Dinghy\Conductor\Resistance;
use Dinghy\Diagnosis\Cause;
use Dinghy\Diagnosis\PathDiagnosis;
use Dinghy\Diagnosis\PathWords;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
use Dinghy\Tests\Circuit\Ngspice;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Circuits with one fault planted, measured in ngspice as a meter of two decimals would show them, and given to the path
 * check without what was planted: it is to find the kind and, where points between were measured, the place.
 */
final class PathDiagnosisTest extends TestCase
{
    /** Ω of each joint in order along plus: fuse, switch, and the same again for their minus */
    private const SOUND = ['battery' => 0.002, 'console' => 0.001, 'block' => 0.001, 'device' => 0.001];

    /**
     * @param  array<string, float>  $joints  Ω added at a joint, of minus with a "-"
     */
    #[DataProvider('faults')]
    public function test_a_planted_fault_is_found_by_kind_and_place(string $gauge, float $metres, float $amps, float $source, array $joints, Cause $cause, ?string $place): void
    {
        $diagnosis = self::diagnose(self::measured($gauge, $metres, $amps, 12.7, $source, $joints), $gauge, $metres, $amps);

        self::assertSame($cause, $diagnosis->cause);
        self::assertSame($place, ($diagnosis->faults[0] ?? null)?->where);
        if ($cause === Cause::BadJoint) {
            // Volts of two decimals, amps as planted: within the meter's doubt of what was planted.
            self::assertEqualsWithDelta(array_sum($joints), $diagnosis->faults[0]->ohms ?? 0.0, 0.02 / $amps + 0.004);
            // The load is a resistance: it draws less than at full volts.
            $drawn = $diagnosis->amps ?? 0.0;
            self::assertEqualsWithDelta($drawn ** 2 * array_sum($joints), $diagnosis->faults[0]->watts ?? 0.0, $drawn * 0.02 + 0.004 * $drawn ** 2);
        }
    }

    /** @return array<string, array{string, float, float, float, array<string, float>, Cause, string|null}> */
    public static function faults(): array
    {
        $sound = 0.006;

        return [
            'sound, short and heavy' => ['10 AWG', 3.0, 5.0, $sound, [], Cause::NothingWrong, null],
            'sound, long and heavy' => ['6 AWG', 7.0, 10.0, $sound, [], Cause::NothingWrong, null],
            'sound, light load' => ['14 AWG', 4.0, 1.5, $sound, [], Cause::NothingWrong, null],
            'sound, metric' => ['6 mm2', 4.0, 8.0, $sound, [], Cause::NothingWrong, null],
            'too thin for its length' => ['16 AWG', 6.0, 5.0, $sound, [], Cause::ThinWire, null],
            'too thin for its load' => ['14 AWG', 4.0, 9.0, $sound, [], Cause::ThinWire, null],
            'much too thin' => ['18 AWG', 7.0, 4.0, $sound, [], Cause::ThinWire, null],
            'metric, too thin' => ['1.5 mm2', 5.0, 5.0, $sound, [], Cause::ThinWire, null],
            'corroded at the battery' => ['10 AWG', 4.0, 6.0, $sound, ['battery' => 0.08], Cause::BadJoint, 'the battery and console'],
            'corroded console' => ['10 AWG', 4.0, 13.0, $sound, ['console' => 0.11], Cause::BadJoint, 'console and block'],
            'corroded block' => ['10 AWG', 4.0, 8.0, $sound, ['block' => 0.06], Cause::BadJoint, 'block and the device'],
            'corroded at the plug' => ['12 AWG', 3.0, 5.0, $sound, ['device' => 0.15], Cause::BadJoint, 'block and the device'],
            'a minus that is bad at the battery' => ['10 AWG', 4.0, 8.0, $sound, ['-battery' => 0.07], Cause::BadJoint, 'the battery and console'],
            'a minus that is bad at the console' => ['8 AWG', 5.0, 12.0, $sound, ['-console' => 0.05], Cause::BadJoint, 'console and block'],
            'a minus that is bad at the plug' => ['10 AWG', 5.0, 6.0, $sound, ['-device' => 0.09], Cause::BadJoint, 'block and the device'],
            'a light load through a very bad joint' => ['14 AWG', 3.0, 1.8, $sound, ['console' => 0.2], Cause::BadJoint, 'console and block'],
            'bad on plus and minus of one place' => ['10 AWG', 4.0, 8.0, $sound, ['console' => 0.04, '-console' => 0.04], Cause::BadJoint, 'console and block'],
            'a heavy load through a middling joint' => ['6 AWG', 5.0, 20.0, $sound, ['battery' => 0.03], Cause::BadJoint, 'the battery and console'],
            'a weak battery' => ['10 AWG', 4.0, 8.0, 0.120, [], Cause::WeakBattery, null],
            'a very weak battery, light load' => ['14 AWG', 3.0, 3.0, 0.300, [], Cause::WeakBattery, null],
            'a weak battery behind heavy wire' => ['6 AWG', 4.0, 15.0, 0.080, [], Cause::WeakBattery, null],
            'plus broken at the console' => ['10 AWG', 4.0, 6.0, $sound, ['console' => 1e6], Cause::Interrupted, 'console and block'],
            'minus broken at the plug' => ['10 AWG', 4.0, 6.0, $sound, ['-device' => 1e6], Cause::Interrupted, 'block and the device'],
        ];
    }

    /** Two faults at once: both are told, the one that takes most first. */
    public function test_two_faults_are_told_in_their_order(): void
    {
        $diagnosis = self::diagnose(self::measured('16 AWG', 5.0, 5.0, 12.7, 0.006, ['console' => 0.03]), '16 AWG', 5.0, 5.0);

        self::assertSame([Cause::ThinWire, Cause::BadJoint], array_map(static fn ($fault): Cause => $fault->cause, $diagnosis->faults));
        // The gauge that it names does hold the limit of 3 %, by physics.
        $mends = $diagnosis->faults[0]->mends;
        self::assertNotNull($mends);
        self::assertLessThanOrEqual(0.36, 2 * 5.0 * 5.0 * Resistance::perMetre($mends, Metal::Copper, 25.0));
    }

    /** The complaint that everybody knows: 12.6 V at the battery, under 11 at the screen. Common practice, no source: a bad connection, not a bad battery. */
    public function test_under_eleven_volts_at_the_screen(): void
    {
        $diagnosis = self::diagnose(['battery_rest_v' => 12.65, 'battery_loaded_v' => 12.6, 'device_loaded_v' => 10.85], '6 mm2', 3.4, 13.4);
        $words = new QuantityFormatter(Units::Metric);

        self::assertSame(Cause::BadJoint, $diagnosis->cause);
        self::assertStringContainsString('A bad joint of', PathWords::of($diagnosis, $words));
        self::assertStringContainsString('1.75 V are lost', PathWords::of($diagnosis, $words));
        self::assertStringContainsString('direct fused feed', PathWords::remedy($diagnosis->faults[0], $words));
    }

    public function test_what_is_missing_is_named_and_nothing_is_guessed(): void
    {
        $bare = self::diagnose(['battery_loaded_v' => 12.6, 'device_loaded_v' => 11.0], null, null, null);
        self::assertSame(Cause::Unknown, $bare->cause);
        self::assertSame(['battery_rest_v', 'amps_a', 'length_m', 'gauge'], $bare->needs);
        self::assertStringContainsString('still to be measured: volts at the battery, at rest, amps', PathWords::of($bare, new QuantityFormatter(Units::Metric)));
        self::assertSame(Cause::NothingWrong, self::diagnose(['battery_loaded_v' => 12.6, 'device_loaded_v' => 12.5], null, null, null)->cause);
        self::assertSame(Cause::WrongWayRound, self::diagnose(['battery_loaded_v' => 12.6, 'device_loaded_v' => -12.5], null, null, null)->cause);
        self::assertSame(Cause::WeakBattery, self::diagnose(['battery_rest_v' => 11.6, 'battery_loaded_v' => 11.5, 'device_loaded_v' => 11.4], '10 AWG', 2.0, 2.0)->cause, 'flat');
    }

    /** Nothing is known of the wire: what it is cannot be told, and yet where to look can. */
    public function test_where_it_is_lost_is_told_without_the_wire(): void
    {
        foreach (['battery' => 'the battery and console', 'console' => 'console and block', 'device' => 'block and the device'] as $joint => $place) {
            $readings = self::measured('10 AWG', 4.0, 8.0, 12.7, 0.006, [$joint => 0.1]);
            $diagnosis = self::diagnose([...$readings, 'amps_a' => null], null, null, null);

            self::assertSame([Cause::Unknown, $place], [$diagnosis->cause, $diagnosis->where]);
            self::assertStringContainsString("Most of it between {$place}: look there first.", PathWords::of($diagnosis, new QuantityFormatter(Units::Metric)));
        }
    }

    /**
     * A lamp that hangs on the block draws while the device is off. With the device's own amps the joint is still found at
     * its size, and the lamp's amps are told; ngspice has both circuits.
     *
     * @param  float  $lamp  A at 12.6 V
     */
    #[DataProvider('lamps')]
    public function test_another_load_on_the_path_is_told_apart(float $lamp, float $joint, Cause $first): void
    {
        $other = ['Rlamp bpb bmb '.(12.6 / $lamp)];
        $loaded = self::measured('10 AWG', 4.0, 6.0, 12.7, 0.006, ['console' => $joint], $other);
        $atRest = self::measured('10 AWG', 4.0, 0.0001, 12.7, 0.006, ['console' => $joint], $other);
        $plan = Plans::changed(Plans::pump(), ['device:d1' => ['typical_a' => 6 * 12 / 12.6, 'peak_a' => 6, 'load' => 'resistance'], 'plan' => ['survey' => (object) ['path_checks' => [(object) [
            'id' => 'c', 'device' => 'd1', 'gauge' => '10 AWG', 'length_m' => 4, 'battery_rest_v' => $atRest['battery_loaded_v'], 'device_rest_v' => $atRest['device_loaded_v'],
            'battery_loaded_v' => $loaded['battery_loaded_v'], 'device_loaded_v' => $loaded['device_loaded_v'], 'between' => $loaded['between'],
        ]]]]])->plan();
        $diagnosis = PathDiagnosis::of($plan->survey->pathChecks['c'] ?? self::fail(), $plan);
        $byCause = [];
        foreach ($diagnosis->faults as $fault) {
            $byCause[$fault->cause->value] = $fault;
        }

        self::assertSame($first, $diagnosis->cause);
        // A third of the wire lies behind the block, where the lamp's amps do not flow: what is told is the least that it draws.
        $told = $byCause['already-loaded']->amps ?? 0.0;
        self::assertLessThanOrEqual(1.02 * $lamp, $told);
        self::assertGreaterThan(0.65 * $lamp, $told);
        if ($joint > 0.0) {
            self::assertEqualsWithDelta($joint, $byCause['bad-joint']->ohms ?? 0.0, 0.012);
            self::assertSame('console and block', $byCause['bad-joint']->where ?? null);
        }
    }

    /** @return array<string, array{float, float, Cause}> */
    public static function lamps(): array
    {
        return [
            'a lamp behind a corroded console' => [2.0, 0.11, Cause::BadJoint],
            'a heavy lamp behind a corroded console' => [7.0, 0.08, Cause::AlreadyLoaded],
            'a heater on a sound path' => [8.0, 0.0, Cause::AlreadyLoaded],
        ];
    }

    /** Volts that rise on the way out are no path's doing: nothing is made of them. */
    public function test_readings_that_contradict_one_another(): void
    {
        $wire = ['battery_rest_v' => 12.7, 'battery_loaded_v' => 12.2];
        self::assertSame(Cause::Contradictory, self::diagnose([...$wire, 'device_loaded_v' => 12.5], '10 AWG', 3.0, 5.0)->cause);
        self::assertSame(Cause::Contradictory, self::diagnose([...$wire, 'device_loaded_v' => 11.9, 'between' => [(object) ['name' => 'block', 'loaded_v' => 11.7]]], '10 AWG', 3.0, 5.0)->cause);
        self::assertSame(Cause::Contradictory, self::diagnose([...$wire, 'device_rest_v' => 13.1], '10 AWG', 3.0, 5.0)->cause);
        self::assertNotSame(Cause::Contradictory, self::diagnose([...$wire, 'device_loaded_v' => 12.28], '10 AWG', 3.0, 5.0)->cause, 'it recovered a little in between');
        self::assertStringContainsString('Measure again', PathWords::of(self::diagnose([...$wire, 'device_loaded_v' => 12.5], '10 AWG', 3.0, 5.0), new QuantityFormatter(Units::Metric)));
    }

    /** 6 AWG is 1.33 mΩ/m: over 5 m and back 13.3 mΩ, 0.27 V at 20 A; joints of 12 mΩ take 0.24 V, none of them bad: 0.51 V in all of 0.36 V. */
    public function test_wire_and_joints_that_only_together_lose_too_much(): void
    {
        $diagnosis = self::diagnose(['battery_rest_v' => 12.7, 'battery_loaded_v' => 12.5, 'device_loaded_v' => 11.99], '6 AWG', 5.0, 20.0);
        $mends = $diagnosis->faults[0]->mends ?? self::fail();

        self::assertSame([Cause::ThinWire], array_map(static fn ($fault): Cause => $fault->cause, $diagnosis->faults));
        self::assertLessThanOrEqual(0.36 - 0.24, 2 * 5.0 * 20.0 * Resistance::perMetre($mends, Metal::Copper, 25.0));
        self::assertStringContainsString('too thin for what its joints lose', PathWords::of($diagnosis, new QuantityFormatter(Units::Metric)));
    }

    /** At rest alone a dead plug shows as well; a plug that is dead at rest and alive when it is on was switched off. */
    public function test_what_readings_at_rest_show(): void
    {
        self::assertSame(Cause::Interrupted, self::diagnose(['battery_rest_v' => 12.7, 'device_rest_v' => 0.02], null, null, null)->cause);
        self::assertSame(Cause::WrongWayRound, self::diagnose(['battery_rest_v' => 12.7, 'device_rest_v' => -12.6], null, null, null)->cause);
        self::assertSame(Cause::Unknown, self::diagnose(['battery_rest_v' => 12.7, 'device_rest_v' => 12.7], '10 AWG', 3.0, 5.0)->cause);
    }

    /** What may be lost is what the device's class may lose: 3 % of 12 V are 0.36 V to electronics, 10 % to a light, 5 % of 36 V 1.8 V to a motor. */
    public function test_the_limit_is_that_of_the_device(): void
    {
        $limit = static function (array $check, array $device): float {
            $plan = Plans::changed(Plans::pump(), [
                'plan' => ['feeds' => [], 'survey' => (object) ['path_checks' => [(object) ['id' => 'c', ...$check]]]], ...($device === [] ? [] : ['device:d1' => $device]),
            ])->plan();

            return PathDiagnosis::of($plan->survey->pathChecks['c'] ?? self::fail(), $plan)->limitVolts;
        };

        self::assertEqualsWithDelta(0.36, $limit([], []), 1e-9, 'nobody has said what it feeds');
        self::assertEqualsWithDelta(0.36, $limit(['device' => 'd1'], ['kind' => 'display']), 1e-9);
        self::assertEqualsWithDelta(1.2, $limit(['device' => 'd1'], ['kind' => 'light']), 1e-9);
        self::assertEqualsWithDelta(1.8, $limit(['device' => 'd1', 'nominal_v' => 36], ['kind' => 'motor']), 1e-9);
    }

    /** Of a battery whose size nobody knows: it may give way by a twentieth of 12 V, 0.6 V. */
    public function test_a_battery_of_unknown_size_gives_way_too_far(): void
    {
        $cause = static fn (float $loaded): Cause => self::diagnose(['battery_rest_v' => 12.7, 'battery_loaded_v' => $loaded, 'device_rest_v' => 12.7, 'device_loaded_v' => $loaded - 0.1], '6 AWG', 3.0, 5.0)->cause;

        self::assertSame(Cause::WeakBattery, $cause(12.09));
        self::assertNotSame(Cause::WeakBattery, $cause(12.11));
    }

    /** 0.36 V may be lost, and a meter of two readings errs by up to 0.035 V: within that nothing is said to be wrong. */
    public function test_a_loss_at_its_limit_is_no_fault(): void
    {
        $cause = static fn (float $lost): Cause => self::diagnose(['battery_loaded_v' => 12.6, 'device_loaded_v' => round(12.6 - $lost, 3)], null, null, null)->cause;

        self::assertSame(Cause::NothingWrong, $cause(0.34));
        self::assertSame(Cause::NothingWrong, $cause(0.39));
        self::assertSame(Cause::Unknown, $cause(0.40));
    }

    /** The device's own figure stands in for amps that nobody measured: 8 A at 12 V are 96 W, and those 8.28 A at 11.6 V. */
    public function test_amps_of_the_device(): void
    {
        $document = Plans::changed(Plans::pump(), ['plan' => ['survey' => (object) ['path_checks' => [(object) ['id' => 'c', 'device' => 'd1', 'battery_loaded_v' => 12.6, 'device_loaded_v' => 11.6, 'length_m' => 3, 'gauge' => '10 AWG']]]]]);
        $plan = $document->plan();

        self::assertEqualsWithDelta(96 / 11.6, PathDiagnosis::of($plan->survey->pathChecks['c'] ?? self::fail(), $plan)->amps, 1e-9);
    }

    /**
     * Battery, console, block and device in a row; the wire in three stretches of one third, plus and minus.
     *
     * @param  array<string, float>  $joints  Ω more at a joint; of minus with a "-"
     * @param  list<string>  $others  elements more
     * @return array<string, mixed> readings of two decimals
     */
    private static function measured(string $gauge, float $metres, float $amps, float $rest, float $source, array $joints, array $others = []): array
    {
        $third = $metres / 3 * Resistance::perMetre(Gauge::of($gauge), Metal::Copper, 25.0);
        $joint = static fn (string $at): float => (self::SOUND[ltrim($at, '-')] / (str_starts_with($at, '-') ? 2 : 1)) + ($joints[$at] ?? 0.0);
        // A load of so many amps at 12.6 V, by its resistance: what is broken draws nothing.
        $elements = ['V1 emf 0 '.$rest, "Rs emf bp {$source}", 'Rload dp dm '.(12.6 / $amps), ...$others];
        foreach (['p' => '', 'm' => '-'] as $side => $sign) {
            $battery = $side === 'p' ? 'bp' : '0';
            $elements[] = "R{$side}1 {$battery} c{$side}a ".($joint("{$sign}battery") + $third);
            $elements[] = "R{$side}2 c{$side}a c{$side}b ".$joint("{$sign}console");
            $elements[] = "R{$side}3 c{$side}b b{$side}a {$third}";
            $elements[] = "R{$side}4 b{$side}a b{$side}b ".$joint("{$sign}block");
            $elements[] = "R{$side}5 b{$side}b d{$side} ".($third + $joint("{$sign}device"));
        }
        $volts = Ngspice::operatingPoint($elements);
        $between = static fn (string $plus, string $minus): float => round(($volts[$plus] ?? 0.0) - ($volts[$minus] ?? 0.0), 2);

        return [
            'battery_rest_v' => $rest, 'battery_loaded_v' => round($volts['bp'] ?? 0.0, 2), 'device_loaded_v' => $between('dp', 'dm'),
            'amps_a' => round($between('dp', 'dm') / (12.6 / $amps), 2) > 0.05 ? $between('dp', 'dm') / (12.6 / $amps) : $amps,
            // Measured on the battery's side of each.
            'between' => [(object) ['name' => 'console', 'loaded_v' => $between('cpa', 'cma'), 'along_m' => $metres / 3], (object) ['name' => 'block', 'loaded_v' => $between('bpa', 'bma'), 'along_m' => 2 * $metres / 3]],
        ];
    }

    /** @param  array<string, mixed>  $readings */
    private static function diagnose(array $readings, ?string $gauge, ?float $metres, ?float $amps): PathDiagnosis
    {
        $check = array_filter(['id' => 'c', 'gauge' => $gauge, 'length_m' => $metres, 'amps_a' => $amps, ...$readings], static fn (mixed $value): bool => $value !== null);
        $plan = Plans::changed(Plans::pump(), ['plan' => ['survey' => (object) ['path_checks' => [(object) $check]]]])->plan();

        return PathDiagnosis::of($plan->survey->pathChecks['c'] ?? self::fail(), $plan);
    }
}
