<?php

declare(strict_types=1);

namespace Dinghy\Tests\Diagnosis;

use Dinghy\Diagnosis\Cause;
use Dinghy\Diagnosis\PathDiagnosis;
use Dinghy\Diagnosis\PathFault;
use Dinghy\Diagnosis\PathWords;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a path check says, figures worked by hand: 10 AWG is 3.4 mΩ/m of copper at 25 °C, two ways over 3 m some 20 mΩ. */
final class PathWordsTest extends TestCase
{
    /** @param  array<string, mixed>  $readings */
    #[DataProvider('checks')]
    public function test_a_check_in_words(array $readings, Cause $cause, string $says, string $remedy): void
    {
        $check = (object) ['id' => 'c', 'battery_rest_v' => 12.7, 'battery_loaded_v' => 12.6, 'amps_a' => 5, 'length_m' => 3, 'gauge' => '10 AWG', ...$readings];
        $plan = Plans::changed(Plans::pump(), ['plan' => ['survey' => (object) ['path_checks' => [$check]]]])->plan();
        $diagnosis = PathDiagnosis::of($plan->survey->pathChecks['c'] ?? self::fail(), $plan);
        $words = new QuantityFormatter(Units::Metric);

        self::assertSame($cause, $diagnosis->cause);
        self::assertNotSame('', $diagnosis->cause->label());
        self::assertStringContainsString($says, PathWords::of($diagnosis, $words));
        self::assertSame($remedy, $diagnosis->faults === [] ? '' : PathWords::remedy($diagnosis->faults[0], $words));
    }

    public function test_what_was_measured_in_words(): void
    {
        $said = static function (array $readings): string {
            $plan = Plans::changed(Plans::pump(), ['plan' => ['survey' => (object) ['path_checks' => [(object) ['id' => 'c', ...$readings]]]]])->plan();

            return PathWords::readings(PathDiagnosis::of($plan->survey->pathChecks['c'] ?? self::fail(), $plan), new QuantityFormatter(Units::Metric));
        };

        self::assertSame('Battery 12.65 V at rest, 12.6 V loaded; inlet (2.4 m) 12.4 V loaded; device 10.85 V loaded; 13.4 A; 3.4 m one way; 6 mm².', $said([
            'battery_rest_v' => 12.65, 'battery_loaded_v' => 12.6, 'device_loaded_v' => 10.85, 'amps_a' => 13.4, 'length_m' => 3.4, 'gauge' => '6 mm2',
            'between' => [(object) ['name' => 'inlet', 'loaded_v' => 12.4, 'along_m' => 2.4]],
        ]));
        self::assertSame('8 A by its maker’s figure.', $said(['device' => 'd1']));
        self::assertSame('Nothing was measured yet.', $said([]));
    }

    public function test_what_to_measure_next(): void
    {
        $next = static function (array $readings): ?string {
            $check = (object) ['id' => 'c', 'battery_rest_v' => 12.7, 'battery_loaded_v' => 12.6, 'device_loaded_v' => 11.6, 'amps_a' => 5, 'length_m' => 3, 'gauge' => '10 AWG', ...$readings];
            $plan = Plans::changed(Plans::pump(), ['plan' => ['survey' => (object) ['path_checks' => [$check]]]])->plan();

            return PathWords::next(PathDiagnosis::of($plan->survey->pathChecks['c'] ?? self::fail(), $plan));
        };

        self::assertStringContainsString('halfway', $next([]) ?? '');
        self::assertStringContainsString('from plus to plus between the block and the device, then from minus to minus', $next(['between' => [(object) ['name' => 'the block', 'loaded_v' => 12.5]]]) ?? '');
        self::assertStringContainsString('halfway', $next(['device_loaded_v' => 0.0]) ?? '');
        self::assertNull($next(['device_loaded_v' => 12.5]), 'nothing is wrong');
        self::assertNull($next(['battery_loaded_v' => 11.0, 'device_loaded_v' => 10.9]), 'it is the battery');
    }

    public function test_a_fault_in_figures_alone(): void
    {
        $words = new QuantityFormatter(Units::Metric);

        self::assertSame('102 mΩ, 1.36 V, 18.3 W', PathWords::figures(new PathFault(Cause::BadJoint, 1.361, ohms: 0.10157, watts: 18.26), $words));
        self::assertSame('0.4 V, 2.1 A at least', PathWords::figures(new PathFault(Cause::AlreadyLoaded, 0.4, amps: 2.08), $words));
        self::assertSame('0.4 V', PathWords::figures(new PathFault(Cause::AlreadyLoaded, 0.4), $words));
        self::assertSame('1.5 V', PathWords::figures(new PathFault(Cause::WeakBattery, 1.5), $words));
        self::assertNull(PathWords::figures(new PathFault(Cause::Interrupted, 12.6), $words));
    }

    /** @return array<string, array{array<string, mixed>, Cause, string, string}> */
    public static function checks(): array
    {
        $points = static fn (float $volts): array => [(object) ['name' => 'the block', 'loaded_v' => $volts, 'along_m' => 1.5]];

        return [
            'in order' => [['device_loaded_v' => 12.48], Cause::NothingWrong, '0.12 V are lost between battery and device at 5 A. Nothing is wrong with this path.', ''],
            'a bad joint' => [['device_loaded_v' => 11.6], Cause::BadJoint, '1 V are lost between battery and device at 5 A. A bad joint of 174 mΩ',
                'Run a direct fused feed from the battery past the old joints, or clean and renew them one by one.'],
            'a bad joint behind the block' => [['device_loaded_v' => 11.6, 'between' => $points(12.54)], Cause::BadJoint, 'It sits between the block and the device.',
                'Run a direct fused feed from the battery past the old joints, or clean and renew them one by one, those between the block and the device first.'],
            'too thin' => [['device_loaded_v' => 11.9, 'gauge' => '16 AWG'], Cause::ThinWire, 'The wire is too thin: 16 AWG alone loses 0.4', 'Run a direct fused feed of 14 AWG.'],
            'thinner than anything in stock would mend' => [['device_loaded_v' => 2.0, 'amps_a' => 300, 'length_m' => 20, 'gauge' => '4/0 AWG', 'battery_rest_v' => 12.7, 'battery_loaded_v' => 12.65], Cause::BadJoint, 'The wire is too thin: 4/0 AWG alone loses',
                'Run a direct fused feed from the battery past the old joints, or clean and renew them one by one.'],
            'sound, but of the wrong metal' => [['device_loaded_v' => 12.4, 'metal' => 'cca'], Cause::WrongMetal, 'Its wire is copper-clad aluminium, which has no place on a boat', 'Run a direct fused feed of tinned copper.'],
            // 16 AWG clad loses 0.61 V; the new run is copper, and 14 AWG of it does.
            'too thin, and of the wrong metal' => [['device_loaded_v' => 11.9, 'gauge' => '16 AWG', 'metal' => 'cca'], Cause::ThinWire, 'has no place on a boat', 'Run a direct fused feed of 14 AWG.'],
            'a weak battery' => [['battery_loaded_v' => 11.2, 'device_loaded_v' => 11.08], Cause::WeakBattery, 'The battery is weak: it gives way by 1.5 V.', 'Charge it fully and measure again after a rest; replace it if it sags again.'],
            'broken' => [['device_loaded_v' => 0.0, 'between' => $points(12.6)], Cause::Interrupted, 'The path is interrupted: nothing arrives. It sits between the block and the device.',
                'Measure each fuse, then each joint between the block and the device; a direct fused feed leaves them behind.'],
            'broken, nobody knows where' => [['device_loaded_v' => 0.0], Cause::Interrupted, 'nothing arrives.', 'Measure each fuse, then each joint from the battery outward; a direct fused feed leaves them behind.'],
            'swapped' => [['device_loaded_v' => -12.4], Cause::WrongWayRound, 'Plus and minus are swapped.', 'Swap plus and minus at the plug before anything is plugged in.'],
        ];
    }
}
