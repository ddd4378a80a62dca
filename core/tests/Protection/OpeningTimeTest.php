<?php

declare(strict_types=1);

namespace Dinghy\Tests\Protection;

use Dinghy\Protection\FuseFamily;
use Dinghy\Protection\OpeningTime;
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
        foreach ([FuseFamily::Breaker, FuseFamily::Breaker80, FuseFamily::StripSmall, FuseFamily::BatteryPost] as $family) {
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
