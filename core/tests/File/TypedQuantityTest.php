<?php

declare(strict_types=1);

namespace Dinghy\Tests\File;

use Dinghy\File\QuantityRefused;
use Dinghy\File\TypedQuantity;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TypedQuantityTest extends TestCase
{
    #[DataProvider('typed')]
    public function test_reads_both_worlds(string $field, string $typed, Units $units, float|string|null $expected): void
    {
        $read = TypedQuantity::read($field, $typed, $units);

        is_float($expected) ? self::assertEqualsWithDelta($expected, $read, 1e-9) : self::assertSame($expected, $read);
    }

    /** @return list<array{string, string, Units, float|string|null}> */
    public static function typed(): array
    {
        [$imperial, $metric] = [Units::Imperial, Units::Metric];

        return [
            ['run.length_m', '19ft 6in', $metric, 5.9436], ['run.length_m', "19' 6\"", $metric, 5.9436], ['run.length_m', '19 ft 6', $imperial, 5.9436],
            ['run.length_m', '6 m', $imperial, 6.0], ['run.length_m', '6', $imperial, 1.8288], ['run.length_m', '6', $metric, 6.0],
            ['run.length_m', '5,9 m', $metric, 5.9], ['run.length_m', '590cm', $imperial, 5.9], ['run.length_m', '7 1/2 in', $metric, 0.1905],
            ['y_m', '-1 ft 6 in', $imperial, -0.4572], ['at_m.x_m', '−0.5', $metric, -0.5], ['deploy.shaft_mm', '1 1/4 in', $metric, 31.75], ['diameter_mm', '19', $metric, 19.0], ['occupied_mm.0', '3/8 in', $metric, 9.525], ['bore_mm', '3/4', $imperial, 19.05], ['bore_mm', '1 1/4', $imperial, 31.75], ['run.length_m', '2 ft 3/4 in', $metric, 0.62865], ['diameter_mm', '1', $imperial, 25.4],
            ['thrust_n', '112', $imperial, 498.2008192], ['thrust_n', '498 N', $imperial, 498.0], ['boat.loaded_kg', '2000 lb', $metric, 907.18474], ['boat.windage_m2', '26 ft²', $metric, 2.41547904], ['shaft.lean_deg', '5°', $metric, 5.0], ['celsius', '9 °C', $imperial, 9.0],
            ['run.length_m', '', $metric, null], ['protection.0.from_source_m', '6in', $metric, 0.1524],
            ['run.gauge', '6 AWG', $metric, '6 AWG'], ['run.gauge', '6awg', $imperial, '6 AWG'], ['run.gauge', '6', $imperial, '6 AWG'],
            ['run.gauge', '6', $metric, '6 mm2'], ['run.gauge', '16mm²', $imperial, '16 mm2'], ['run.gauge', '2/0', $metric, '2/0 AWG'],
            ['run.gauge', '2,5 mm2', $imperial, '2.5 mm2'], ['run.gauge', '', $imperial, null],
            ['protection.0.rating_a', '60', $metric, 60.0], ['fuse_a', '7.5 A', $metric, 7.5], ['fuse_a', '7,5', $metric, 7.5],
            ['rested_v', '12.7V', $metric, 12.7], ['rested_v', '-0.1', $metric, -0.1], ['run.extra_mohm', '62 mΩ', $metric, 62.0], ['run.extra_mohm', '0.062 Ω', $metric, 62.0],
        ];
    }

    public function test_reads_a_box(): void
    {
        $read = static fn (string $typed, Units $units): mixed => TypedQuantity::read('inside_mm', $typed, $units);

        self::assertEquals([640.0, 360.0, 280.0], $read('640 × 360 × 280 mm', Units::Imperial));
        self::assertEquals([640.0, 360.5, 280.0], $read('640x360,5x280', Units::Metric));
        self::assertEqualsWithDelta([254.0, 127.0, 101.6], $read('10 in x 5 by 4', Units::Imperial), 1e-9);
        self::assertEqualsWithDelta([609.6, 304.8, 152.4], $read('2 ft x 1 ft x 6 in', Units::Metric), 1e-9);
        self::assertNull($read(' ', Units::Metric));
        self::assertSame(30.0, TypedQuantity::read('inside_mm.1', '30', Units::Metric), 'one side alone');
    }

    #[DataProvider('refused')]
    public function test_refuses_with_an_example(string $field, string $typed, string $example): void
    {
        try {
            TypedQuantity::read($field, $typed, Units::Imperial);
            self::fail("\"{$typed}\" passed.");
        } catch (QuantityRefused $e) {
            self::assertStringContainsString($example, $e->getMessage());
        }
    }

    /** @return list<array{string, string, string}> */
    public static function refused(): array
    {
        return [
            ['inside_mm', '640 × 360', '640 × 360 × 280 mm'], ['inside_mm', '6 x y x 7', '19ft 6in'],
            ['run.length_m', 'about 6', '19ft 6in'], ['run.length_m', '6 ft x', '19ft 6in'], ['run.length_m', '6 m 5', '19ft 6in'], ['bore_mm', '3/0 in', '19ft 6in'], ['run.length_m', '-6 m', '19ft 6in'],
            ['run.gauge', '7 AWG', '2/0 AWG'], ['run.gauge', 'thick', '2/0 AWG'], ['fuse_a', '5 V', '30 A'], ['rested_v', '12.7.1', '12.7 V'], ['rested_v', '13200', 'did you mean 13.2 V'], ['thrust_n', '20 kg', '500 N'],
        ];
    }

    /** What is written for people can be typed back and gives the same, to the inch. */
    public function test_written_lengths_read_back(): void
    {
        foreach ([0.05, 0.15, 0.3048, 0.9, 1.83, 5.9, 12.345] as $metres) {
            foreach (Units::cases() as $units) {
                $read = TypedQuantity::read('x_m', (new QuantityFormatter($units))->length($metres), $units);
                self::assertEqualsWithDelta($metres, $read, 0.0127);
            }
        }
    }

    /** A bare number keeps the unit that was shown; what is no unit does not stand in its way. */
    public function test_a_bare_number_is_in_the_unit_that_stood_there(): void
    {
        $read = static fn (string $field, string $typed, string $shown, Units $units = Units::Imperial): mixed => TypedQuantity::read($field, $typed, $units, $shown);
        self::assertEqualsWithDelta(7 * 0.0254, $read('protection.0.from_source_m', '7', '5.9 in'), 1e-12);
        self::assertEqualsWithDelta(7 * 0.3048, $read('run.length_m', '7', '19 ft 4 in'), 1e-12, 'two units: feet, as ever');
        self::assertEqualsWithDelta(7 * 0.3048, $read('run.length_m', '7 ft', '5.9 in'), 1e-12, 'a unit that is typed counts');
        self::assertEqualsWithDelta(0.07, $read('run.length_m', '7', '12 cm', Units::Metric), 1e-12);
        self::assertEqualsWithDelta(-0.3, $read('at_m.y_m', '-30', '20 cm', Units::Metric), 1e-12);
        self::assertEqualsWithDelta(5.5 * 0.0254, $read('run.length_m', '5 1/2', '6 in'), 1e-12);
        self::assertSame('6 AWG', $read('run.gauge', '6', '8 AWG', Units::Metric));
        self::assertSame('6 mm2', $read('run.gauge', '6', '10 mm²'));
        self::assertEquals(0.05, $read('peak_a', '50', '20 mA'));
        self::assertEquals(14, $read('layup_days', '14', '30 days'));
        self::assertEquals(3, $read('peak_a', '3', '–'));
    }

    public function test_inches_are_millimetres_without_a_tail(): void
    {
        self::assertSame([355.6, 355.6], [TypedQuantity::read('bore_mm', '14', Units::Imperial), TypedQuantity::read('bore_mm', '14 in', Units::Metric)]);
        self::assertSame([355.6, 254.0, 177.8], TypedQuantity::read('inside_mm', '14 x 10 x 7 in', Units::Metric));
        self::assertSame(0.3556, TypedQuantity::read('run.length_m', '14 in', Units::Metric));
    }
}
