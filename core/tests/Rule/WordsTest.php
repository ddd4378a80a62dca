<?php

declare(strict_types=1);

namespace Dinghy\Tests\Rule;

use Dinghy\Plan\Units;
use Dinghy\Rule\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WordsTest extends TestCase
{
    #[DataProvider('lengths')]
    public function test_lengths(float $metres, string $imperial, string $metric): void
    {
        self::assertSame($imperial, (new Words(Units::Imperial))->length($metres));
        self::assertSame($metric, (new Words(Units::Metric))->length($metres));
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
        $words = new Words(Units::Metric);
        self::assertSame('56 A', $words->amps(56));
        self::assertSame('7.5 A', $words->amps(7.5));
        self::assertSame('0.35 A', $words->amps(0.35));
        self::assertSame('12.7 V', $words->volts(12.7));
        self::assertSame('34 mV', $words->volts(0.034));
        self::assertSame('4.1 mV', $words->volts(0.0041));
        self::assertSame('0 V', $words->volts(0.0));
        self::assertSame('3.9 %', $words->percent(3.9213));
        self::assertSame('100 A', $words->amps(100.0)); // no zero of a whole number is trimmed away
    }

    public function test_times_and_resistances(): void
    {
        $words = new Words(Units::Metric);
        self::assertSame('6 h 10', $words->hours(6 + 1 / 6));
        self::assertSame('0 h 05', $words->hours(5 / 60));
        self::assertSame('7 h 00', $words->hours(6.9999));
        self::assertSame('437 ms', $words->seconds(0.4371));
        self::assertSame('2.4 ms', $words->seconds(0.0024));
        self::assertSame('3.7 s', $words->seconds(3.66));
        self::assertSame('62 mΩ', $words->milliohms(0.062));
        self::assertSame('0.5 mΩ', $words->milliohms(0.0005));
    }

    public function test_sentences_follow_the_units(): void
    {
        $document = \Dinghy\Tests\Plans::pump(['feed:f1' => ['run.length_m' => 7]]);
        $says = static fn (Units $units): string => \Dinghy\Evaluation\Evaluation::of(\Dinghy\Plan\Plan::of($document), $units)->findings[0]->says;

        self::assertStringContainsString('over 7 m of 10 AWG', $says(Units::Metric));
        self::assertStringContainsString('over 23 ft of 10 AWG', $says(Units::Imperial));
    }
}
