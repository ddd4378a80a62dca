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

    /**
     * What is bought for a load: the next size up, from the smallest made to the largest, across the gaps where none is made.
     * Blade ISO 8820-3 type C and SAE J1284, large blade type E, others by makers' sheets; all from memory.
     *
     * @param  list<array{float, float|null}>  $bought  A that the load asks for, A of the next size; null: none is made
     */
    #[DataProvider('next')]
    public function test_the_next_size(FuseFamily $family, int $sizes, array $bought): void
    {
        self::assertCount($sizes, $family->sizes());
        foreach ($bought as [$asked, $size]) {
            self::assertSame($size, $family->smallestOfAtLeast($asked), "{$family->value}, {$asked} A");
        }
    }

    /** @return array<string, array{FuseFamily, int, list<array{float, float|null}>}> */
    public static function next(): array
    {
        return [
            'blade' => [FuseFamily::Blade, 13, [[0.2, 1.0], [1.1, 2.0], [2.5, 3.0], [3.6, 4.0], [4.1, 5.0], [6.0, 7.5], [8.0, 10.0], [12.5, 15.0], [16.0, 20.0], [22.0, 25.0], [26.0, 30.0], [31.0, 35.0], [36.0, 40.0], [41.0, null]]],
            'blade, 58 V' => [FuseFamily::Blade58, 8, [[1.0, 3.0], [4.0, 5.0], [6.0, 7.5], [9.0, 10.0], [11.0, 15.0], [17.0, 20.0], [21.0, 25.0], [29.0, 30.0], [31.0, null]]],
            'large blade' => [FuseFamily::LargeBlade, 7, [[5.0, 20.0], [21.0, 30.0], [35.0, 40.0], [45.0, 50.0], [52.0, 60.0], [61.0, 70.0], [72.0, 80.0], [81.0, null]]],
            'small strip' => [FuseFamily::StripSmall, 10, [[20.0, 30.0], [35.0, 40.0], [45.0, 50.0], [56.0, 60.0], [61.0, 80.0], [85.0, 100.0], [110.0, 125.0], [130.0, 150.0], [160.0, 175.0], [180.0, 200.0], [201.0, null]]],
            'small strip, 58 V' => [FuseFamily::StripSmall58, 7, [[20.0, 30.0], [35.0, 40.0], [45.0, 50.0], [56.0, 60.0], [61.0, 80.0], [85.0, 100.0], [110.0, 125.0], [126.0, null]]],
            'battery post' => [FuseFamily::BatteryPost, 14, [[10.0, 30.0], [31.0, 40.0], [41.0, 50.0], [56.0, 60.0], [61.0, 75.0], [76.0, 80.0], [82.0, 100.0], [101.0, 125.0], [126.0, 150.0], [151.0, 175.0], [176.0, 200.0], [201.0, 225.0], [226.0, 250.0], [251.0, 300.0], [301.0, null]]],
            'large strip' => [FuseFamily::StripLarge, 14, [[10.0, 35.0], [36.0, 40.0], [41.0, 50.0], [56.0, 60.0], [61.0, 80.0], [82.0, 100.0], [101.0, 125.0], [126.0, 150.0], [151.0, 175.0], [176.0, 200.0], [201.0, 225.0], [226.0, 250.0], [251.0, 275.0], [276.0, 300.0], [301.0, null]]],
            'large strip, 80 V' => [FuseFamily::StripLarge80, 9, [[10.0, 60.0], [61.0, 80.0], [82.0, 100.0], [101.0, 125.0], [126.0, 150.0], [151.0, 175.0], [176.0, 200.0], [201.0, 250.0], [251.0, 300.0], [301.0, null]]],
            'cartridge' => [FuseFamily::Cartridge, 18, [[10.0, 30.0], [31.0, 40.0], [41.0, 50.0], [56.0, 60.0], [61.0, 70.0], [71.0, 80.0], [82.0, 90.0], [91.0, 100.0], [101.0, 110.0], [111.0, 125.0], [126.0, 150.0], [151.0, 175.0], [176.0, 200.0], [201.0, 225.0], [226.0, 250.0], [251.0, 300.0], [301.0, 350.0], [351.0, 400.0], [401.0, null]]],
            'thermal breaker' => [FuseFamily::Breaker, 11, [[5.0, 25.0], [26.0, 30.0], [31.0, 40.0], [41.0, 50.0], [56.0, 60.0], [61.0, 70.0], [71.0, 80.0], [82.0, 100.0], [101.0, 120.0], [121.0, 135.0], [136.0, 150.0], [151.0, null]]],
            'magnetic breaker' => [FuseFamily::MagneticBreaker, 11, [[5.0, 10.0], [11.0, 15.0], [16.0, 20.0], [21.0, 25.0], [26.0, 30.0], [31.0, 40.0], [41.0, 50.0], [56.0, 60.0], [61.0, 70.0], [71.0, 80.0], [82.0, 100.0], [101.0, null]]],
        ];
    }

    /**
     * A short of so many amperes at the volts of a charging bank, a hair below and above what each kind breaks: ISO 8820-3 prints
     * 1000 A at 32 V for blades; others by makers' sheets; all from memory.
     *
     * @param  list<array{float, float}>  $edges  V, A that are broken there; at a hair more volts it is the next, or none
     */
    #[DataProvider('breaking')]
    public function test_what_each_kind_breaks(FuseFamily $family, array $edges): void
    {
        $breaks = static fn (float $volts, float $short): bool => $family->breakingCapacity($volts) >= $short;
        foreach ($edges as $i => [$volts, $amps]) {
            self::assertTrue($breaks($volts, $amps), "{$family->value} at {$volts} V");
            self::assertFalse($breaks($volts, $amps + 1), "{$family->value} at {$volts} V");
            self::assertSame(isset($edges[$i + 1]) ? $edges[$i + 1][1] : 0.0, $family->breakingCapacity($volts + 0.1));
        }
        self::assertSame($edges[count($edges) - 1][0], $family->maxVolts());
    }

    /** @return array<string, array{FuseFamily, list<array{float, float}>}> */
    public static function breaking(): array
    {
        return [
            'blade' => [FuseFamily::Blade, [[32.0, 1000.0]]], 'blade, 58 V' => [FuseFamily::Blade58, [[58.0, 1000.0]]], 'large blade' => [FuseFamily::LargeBlade, [[32.0, 1000.0]]],
            'small strip' => [FuseFamily::StripSmall, [[32.0, 2000.0]]], 'small strip, 58 V' => [FuseFamily::StripSmall58, [[58.0, 2000.0]]],
            'battery post' => [FuseFamily::BatteryPost, [[14.0, 10000.0], [32.0, 5000.0], [58.0, 2000.0]]],
            'large strip' => [FuseFamily::StripLarge, [[32.0, 6000.0]]], 'large strip, 80 V' => [FuseFamily::StripLarge80, [[80.0, 2500.0]]], 'cartridge' => [FuseFamily::Cartridge, [[125.0, 20000.0]]],
            'thermal breaker' => [FuseFamily::Breaker, [[16.0, 5000.0], [30.0, 3000.0], [48.0, 1500.0]]], 'magnetic breaker' => [FuseFamily::MagneticBreaker, [[80.0, 5000.0]]],
        ];
    }

    /** Strings of four LiFePO4 blocks pass 40 V, and a post fuse its 58 V while they charge. */
    public function test_what_strings_are_fused_with(): void
    {
        self::assertSame(FuseFamily::BatteryPost, FuseFamily::ofStrings(36));
        self::assertSame(FuseFamily::BatteryPost, FuseFamily::ofStrings(40));
        self::assertSame(FuseFamily::StripLarge80, FuseFamily::ofStrings(48));
        self::assertSame(300.0, FuseFamily::BatteryPost->sizeFor(500));
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
