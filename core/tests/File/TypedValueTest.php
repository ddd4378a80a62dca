<?php

declare(strict_types=1);

namespace Dinghy\Tests\File;

use Dinghy\Area\StandardAreas;
use Dinghy\File\Patch;
use Dinghy\File\QuantityRefused;
use Dinghy\Quantity\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is typed is read by the shape of its field, wherever it stands. 1 ft = 0.3048 m and 1 lb = 0.45359237 kg exactly (International Yard and Pound Agreement of 1959). */
final class TypedValueTest extends TestCase
{
    #[DataProvider('fields')]
    public function test_a_field_is_read_by_its_unit(string $on, string $path, mixed $typed, mixed $read, Units $units = Units::Metric, ?string $shown = null): void
    {
        self::assertEquals($read, StandardAreas::areas()->format->typed($on, $path, $typed, $units, $shown));
    }

    /** @return list<array{0: string, 1: string, 2: mixed, 3: mixed, 4?: Units, 5?: string}> */
    public static function fields(): array
    {
        return [
            ['battery:b1', 'soc', '80 %', 0.8],
            ['battery:b1', 'soc', '80', 0.8],
            ['battery:b1', 'soc', '0.8', 0.8],
            ['plan', 'house_rules.drop_pct.thrust', '4 %', 4.0],
            ['plan', 'house_rules.ambient_c', '40 °C', 40.0],
            ['plan', 'trip.phases.0.hours', '90 min', 1.5],
            ['plan', 'trip.phases.0.on.bow-motor', '35 %', 0.35],
            ['charger:c', 'outputs.1.volts', '13,6 V', 13.6],
            ['charger:c', 'outputs.1.amps', '20 amps', 20.0],
            ['charger:c', 'efficiency', '92 %', 0.92],
            ['bank:thrust', 'shunt.mohm', '0.1 mΩ', 0.1],
            ['battery:b1', 'mass_kg', '50', 22.6796185, Units::Imperial],
            ['battery:b1', 'lies.turned', '90', 90],
            ['battery:b1', 'size_mm', '330 x 172 x 216', [330.0, 172.0, 216.0]],
            ['station:stern', 'x_m', '-1 ft', -0.3048],
            ['feed:house', 'run.length_m', '10', 3.048, Units::Imperial],
            ['feed:house', 'run.gauge', '16mm²', '16 mm2'],
            ['feed:house', 'protection.0.from_source_m', '2', 0.0508, Units::Imperial, '7 in'],
            ['feed:house', 'switch', 'yes', true],
            ['plan', 'title', '  spring refit ', 'spring refit'],
            ['plan', 'title', '   ', null],
        ];
    }

    public function test_a_list_is_read_item_by_item_and_what_stands_there_stays(): void
    {
        $format = StandardAreas::areas()->format;
        $outputs = [
            (object) ['battery' => 'b1', 'amps' => 10, 'profile' => 'agm'],
            (object) ['battery' => 'b2', 'amps' => '12 A', 'profile' => 'lifepo4', 'volts' => '', 'across' => ['b3'], 'lead' => (object) ['gauge' => '10 awg', 'length_m' => '3 ft']],
        ];

        self::assertEquals([
            $outputs[0],
            (object) ['battery' => 'b2', 'amps' => 12.0, 'profile' => 'lifepo4', 'across' => ['b3'], 'lead' => (object) ['gauge' => '10 AWG', 'length_m' => 0.9144]],
        ], $format->typed('charger:c', 'outputs', $outputs, Units::Metric));
        self::assertEquals(
            (object) ['class' => 'general', 'from' => (object) ['bank' => 'house'], 'run' => (object) ['length_m' => 2.5], 'to' => (object) ['device' => 'lamp']],
            $format->typed('feed:new', Patch::WHOLE, (object) ['class' => 'general', 'from' => (object) ['bank' => 'house'], 'run' => (object) ['length_m' => '2.5 m'], 'to' => (object) ['device' => 'lamp']], Units::Imperial),
        );
    }

    public function test_what_is_no_quantity_is_refused_wherever_it_stands(): void
    {
        $this->expectException(QuantityRefused::class);
        StandardAreas::areas()->format->typed('charger:c', 'outputs', [(object) ['amps' => 'plenty']], Units::Metric);
    }

    public function test_a_field_that_is_not_there_is_left_for_the_patch_to_refuse(): void
    {
        self::assertSame('12 A', StandardAreas::areas()->format->typed('charger:c', 'colour', '12 A', Units::Metric));
    }
}
