<?php

declare(strict_types=1);

namespace Dinghy\Tests\Protection;

use Dinghy\Protection\Demand;
use Dinghy\Protection\FuseFamily;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FuseFamilyTest extends TestCase
{
    public function test_sizes_rise_and_are_found_from_both_sides(): void
    {
        foreach (FuseFamily::cases() as $family) {
            $sizes = $family->sizes();
            $sorted = $sizes;
            sort($sorted);
            self::assertSame($sorted, $sizes, $family->value);
            foreach ($sizes as $i => $size) {
                self::assertTrue($family->has($size));
                self::assertFalse($family->has($size + 0.1));
                self::assertSame($size, $family->smallestOfAtLeast($size));
                self::assertSame($size, $family->largestOfAtMost($size));
                self::assertSame($sizes[$i + 1] ?? null, $family->smallestOfAtLeast($size + 0.01));
                self::assertSame($i === 0 ? null : $sizes[$i - 1], $family->largestOfAtMost($size - 0.01));
            }
        }
    }

    /** Common practice, working estimate: breaker 1 mΩ at 60 A, blade 2 mΩ at 30 A, others 0.5 mΩ at 100 A, each by 1/rating. */
    public function test_contact_resistance(): void
    {
        self::assertEqualsWithDelta(0.002, FuseFamily::Breaker->contactResistance(30), 1e-12);
        self::assertEqualsWithDelta(0.012, FuseFamily::Blade->contactResistance(5), 1e-12);
        self::assertEqualsWithDelta(0.0002, FuseFamily::BatteryPost->contactResistance(250), 1e-12);
    }

    /**
     * Cold resistance of blade fuses by their makers' sheets, from memory, and 1 mΩ of holder: the simple law of the circuit
     * stays within half to one and a half of it, from 3 to 30 A.
     */
    public function test_the_simple_law_lies_near_cold_resistances(): void
    {
        foreach ([3 => 31.0, 5 => 18.0, 7 => 11.0, 10 => 7.7, 15 => 4.8, 20 => 3.4, 30 => 2.0] as $rating => $milliohms) {
            $law = 1000 * FuseFamily::Blade->contactResistance($rating === 7 ? 7.5 : $rating);
            self::assertGreaterThan(0.5 * ($milliohms + 1), $law, "{$rating} A");
            self::assertLessThan(1.5 * ($milliohms + 1), $law, "{$rating} A");
        }
    }

    #[DataProvider('demands')]
    public function test_what_a_load_asks_for(Demand $demand, float $least): void
    {
        self::assertEqualsWithDelta($least, $demand->leastRating(), 1e-9);
    }

    /** @return array<string, array{Demand, float}> */
    public static function demands(): array
    {
        return [
            'a quarter over the continuous current' => [new Demand(8, 0, 9, null), 10],
            'the peak where that is more' => [new Demand(8, 0, 12, null), 12],
            'a motor at its peak' => [new Demand(0, 56, 56, null), 56],
            'a motor beside other loads' => [new Demand(8, 50, 60, null), 60],
            'the makers figure, be it less' => [new Demand(8, 0, 12, 7.5), 7.5],
        ];
    }
}
