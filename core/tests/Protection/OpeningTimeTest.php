<?php

declare(strict_types=1);

namespace Dinghy\Tests\Protection;

use Dinghy\Protection\FuseFamily;
use Dinghy\Protection\OpeningTime;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OpeningTimeTest extends TestCase
{
    /** ISO 8820-3, from memory: what a blade fuse must do, read between and beyond the curve's own points. */
    public function test_a_blade_fuse_opens_between_what_the_standard_allows(): void
    {
        self::assertInfinite(OpeningTime::of(FuseFamily::Blade, 10, 10.9)->fastest);
        $between = OpeningTime::of(FuseFamily::Blade, 10, 27);
        self::assertGreaterThan(0.04, $between->fastest);
        self::assertLessThan(5.0, $between->slowest);
        self::assertEqualsWithDelta(0.1 / 4, OpeningTime::of(FuseFamily::Blade, 10, 120)->slowest, 1e-9, 'I²t stays beyond the last point');
    }

    /**
     * Read off the standards' tables, from memory, at points that are not the curve's own: a time at 1.35 and at 2 times the
     * rating bounds what lies between. ISO 8820-3 type C: 10 A blade at 16 A within 0.25 to 50 s, at 35 A 0.04 to 0.5 s; type E, a
     * large blade of 60 A at 81 A 60 to 1800 s, at 120 A 2 to 60 s, at 210 A 0.2 to 7 s, at 360 A 0.04 to 1 s.
     *
     * @param  list<float>  $within  s
     */
    #[DataProvider('openings')]
    public function test_what_the_standard_allows(FuseFamily $family, float $rating, float $amps, array $within): void
    {
        $time = OpeningTime::of($family, $rating, $amps);
        self::assertEqualsWithDelta($within[0], $time->fastest, 1e-6 * $within[0]);
        self::assertEqualsWithDelta($within[1], $time->slowest, 1e-6 * $within[1]);
    }

    /** @return list<array{FuseFamily, float, float, list<float>}> */
    public static function openings(): array
    {
        return [
            [FuseFamily::Blade, 10, 16, [0.25, 50]], [FuseFamily::Blade, 10, 35, [0.04, 0.5]], [FuseFamily::Blade58, 20, 27, [0.75, 600]],
            [FuseFamily::LargeBlade, 60, 81, [60, 1800]], [FuseFamily::LargeBlade, 60, 120, [2, 60]], [FuseFamily::LargeBlade, 60, 210, [0.2, 7]], [FuseFamily::LargeBlade, 60, 360, [0.04, 1]],
        ];
    }

    /**
     * Strips, cartridges and breakers by makers' sheets, from memory: 60 A ones at 81, 120, 210 and 360 A, s at the fastest and
     * the slowest; magnetic ones at 600 A too. At the first point, and below it, none opens in an hour.
     *
     * @param  list<array{float, float, float}>  $openings  A, s, s
     */
    #[DataProvider('slower')]
    public function test_what_makers_sheets_say(FuseFamily $family, float $carried, float $hours, array $openings): void
    {
        foreach ($openings as [$amps, $fastest, $slowest]) {
            $time = OpeningTime::of($family, 60, $amps);
            self::assertEqualsWithDelta($fastest, $time->fastest, 1e-6 * $fastest, "{$amps} A");
            self::assertEqualsWithDelta($slowest, $time->slowest, 1e-6 * $slowest, "{$amps} A");
        }
        self::assertEqualsWithDelta(3600 * $hours, OpeningTime::of($family, 60, $carried)->fastest, 1.0);
        self::assertInfinite(OpeningTime::of($family, 60, $carried)->slowest);
        self::assertInfinite(OpeningTime::of($family, 60, $carried - 0.1)->fastest);
    }

    /** @return array<string, array{FuseFamily, float, float, list<array{float, float, float}>}> */
    public static function slower(): array
    {
        $strip = [[81, 120, 1800], [120, 1, 15], [210, 0.3, 3], [360, 0.1, 1]];

        return [
            'small strip' => [FuseFamily::StripSmall, 66.0, 4, $strip], 'small strip, 58 V' => [FuseFamily::StripSmall58, 66.0, 4, $strip], 'battery post' => [FuseFamily::BatteryPost, 66.0, 4, $strip],
            'large strip' => [FuseFamily::StripLarge, 66.0, 4, $strip], 'large strip, 80 V' => [FuseFamily::StripLarge80, 66.0, 4, $strip],
            'cartridge' => [FuseFamily::Cartridge, 66.0, 4, [[81, 60, 3600], [120, 3, 60], [210, 0.2, 2], [360, 0.02, 0.2]]],
            'thermal breaker' => [FuseFamily::Breaker, 63.0, 1, [[81, 60, 1800], [120, 9, 60], [210, 2, 12], [360, 0.5, 3]]],
            'magnetic breaker' => [FuseFamily::MagneticBreaker, 63.0, 1, [[81, 10, 120], [120, 4, 40], [210, 1, 12], [360, 0.1, 2], [600, 0.01, 0.1]]],
            'blade' => [FuseFamily::Blade, 66.0, 100, [[81, 0.75, 600], [96, 0.25, 50], [120, 0.15, 5], [210, 0.04, 0.5], [360, 0.02, 0.1]]],
            'large blade' => [FuseFamily::LargeBlade, 66.0, 100, []],
        ];
    }

    /** A large blade is far slower than a small one: at twice the rating by an order. */
    public function test_a_large_blade_is_far_slower_than_a_small_one(): void
    {
        self::assertGreaterThan(10 * OpeningTime::of(FuseFamily::Blade, 30, 62)->slowest, OpeningTime::of(FuseFamily::LargeBlade, 30, 62)->slowest);
    }

    public function test_more_current_never_opens_later_and_no_part_is_faster_than_its_fastest(): void
    {
        foreach (FuseFamily::cases() as $family) {
            $before = [INF, INF];
            for ($multiple = 1.0; $multiple < 40; $multiple *= 1.07) {
                $time = OpeningTime::of($family, 30, 30 * $multiple);
                self::assertLessThanOrEqual($time->slowest, $time->fastest);
                self::assertLessThanOrEqual($before[0], $time->fastest, "{$family->value} at {$multiple}");
                self::assertLessThanOrEqual($before[1], $time->slowest, "{$family->value} at {$multiple}");
                $before = [$time->fastest, $time->slowest];
            }
        }
    }

    public function test_breakers_and_strips_are_slower_than_blades(): void
    {
        foreach ([FuseFamily::Breaker, FuseFamily::MagneticBreaker, FuseFamily::StripSmall, FuseFamily::BatteryPost] as $family) {
            self::assertGreaterThan(2 * OpeningTime::of(FuseFamily::Blade, 30, 90)->slowest, OpeningTime::of($family, 30, 90)->slowest, $family->value);
        }
    }

    /** Between two listed volts the figure of the higher holds; above the last there is none. */
    public function test_breaking_capacity_falls_with_volts(): void
    {
        self::assertGreaterThan(FuseFamily::BatteryPost->breakingCapacity(14.1), FuseFamily::BatteryPost->breakingCapacity(14.0));
        self::assertSame(FuseFamily::Breaker->breakingCapacity(48.0), FuseFamily::Breaker->breakingCapacity(31.0));
        self::assertSame(0.0, FuseFamily::Blade->breakingCapacity(36.0));
    }
}
