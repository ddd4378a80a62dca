<?php

declare(strict_types=1);

namespace Dinghy\Tests\Quantity;

use Dinghy\Area\StandardAreas;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuantityFormatterTest extends TestCase
{
    #[DataProvider('lengths')]
    public function test_lengths(float $metres, string $imperial, string $metric): void
    {
        self::assertSame($imperial, (new QuantityFormatter(Units::Imperial))->length($metres));
        self::assertSame($metric, (new QuantityFormatter(Units::Metric))->length($metres));
    }

    /** @return list<array{float, string, string}> */
    public static function lengths(): array
    {
        return [
            [5.9, '19 ft 4 in', '5.9 m'], [0.15, '5.9 in', '0.15 m'], [0.178, '7 in', '0.18 m'], [1.83, '6 ft', '1.83 m'],
            [0.3048, '1 ft', '0.3 m'], [3.65, '12 ft', '3.65 m'], [0.0, '0 in', '0 m'],
        ];
    }

    public function test_figures_keep_what_matters_and_drop_the_rest(): void
    {
        $words = new QuantityFormatter(Units::Metric);
        self::assertSame('56 A', $words->amps(56));
        self::assertSame('7.5 A', $words->amps(7.5));
        self::assertSame('0.35 A', $words->amps(0.35));
        self::assertSame('9.88 A', $words->amps(9.876));
        self::assertSame('12.3 A', $words->amps(12.345));
        self::assertSame('12.7 V', $words->volts(12.7));
        self::assertSame('34 mV', $words->volts(0.034));
        self::assertSame('4.1 mV', $words->volts(0.0041));
        self::assertSame(['9.9 mV', '10 mV'], [$words->volts(0.0099), $words->volts(0.0104)]);
        self::assertSame('0 V', $words->volts(0.0));
        self::assertSame('3.9 %', $words->percent(3.9213));
        self::assertSame('100 A', $words->amps(100.0)); // no zero of a whole number is trimmed away
    }

    public function test_times_and_resistances(): void
    {
        $words = new QuantityFormatter(Units::Metric);
        self::assertSame('6 h 10', $words->hours(6 + 1 / 6));
        self::assertSame('0 h 05', $words->hours(5 / 60));
        self::assertSame('7 h 00', $words->hours(6.9999));
        self::assertSame('437 ms', $words->seconds(0.4371));
        self::assertSame('2.4 ms', $words->seconds(0.0024));
        self::assertSame('3.7 s', $words->seconds(3.66));
        self::assertSame('62 mΩ', $words->milliohms(0.062));
        self::assertSame('0.5 mΩ', $words->milliohms(0.0005));
    }

    /** Small measures to the eighth of an inch, 3.175 mm; lbf and lb by their definitions, 4.4482216 N and 0.45359237 kg. */
    #[DataProvider('smallMeasures')]
    public function test_small_measures(float $metres, string $imperial, string $metric): void
    {
        self::assertSame($imperial, (new QuantityFormatter(Units::Imperial))->short($metres));
        self::assertSame($metric, (new QuantityFormatter(Units::Metric))->short($metres));
    }

    /** @return list<array{float, string, string}> */
    public static function smallMeasures(): array
    {
        return [
            [0.0, '0 in', '0 mm'], [0.0254, '1 in', '25 mm'], [0.0127, '1/2 in', '13 mm'], [0.00635, '1/4 in', '6 mm'], [0.01905, '3/4 in', '19 mm'],
            [0.003175, '1/8 in', '3 mm'], [0.0349250, '1 3/8 in', '35 mm'], [0.054, '2 1/8 in', '54 mm'], [0.127, '5 in', '127 mm'],
        ];
    }

    public function test_thrust_mass_and_angles(): void
    {
        [$imperial, $metric] = [new QuantityFormatter(Units::Imperial), new QuantityFormatter(Units::Metric)];
        self::assertSame(['112 lbf', '498 N'], [$imperial->thrust(498.2), $metric->thrust(498.2)]);
        self::assertSame(['1984 lb', '900 kg'], [$imperial->mass(900), $metric->mass(900)]);
        self::assertSame('45°', $metric->degrees(M_PI / 4));
    }

    public function test_sentences_follow_the_units(): void
    {
        $document = \Dinghy\Tests\Plans::pump(['feed:f1' => ['run.length_m' => 7]]);
        $says = static fn (Units $units): string => StandardAreas::areas()->evaluate($document->plan(), $units)->findings[0]->says;

        self::assertStringContainsString('over 7 m of 10 AWG', $says(Units::Metric));
        self::assertStringContainsString('over 23 ft of 10 AWG', $says(Units::Imperial));
    }
}
