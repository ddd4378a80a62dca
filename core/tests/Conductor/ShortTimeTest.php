<?php

declare(strict_types=1);

namespace Dinghy\Tests\Conductor;

use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\ShortTime;
use PHPUnit\Framework\TestCase;

final class ShortTimeTest extends TestCase
{
    /** Common practice: a thin wire across a battery, 24 AWG with around 50 A, burns through within a second or two. */
    public function test_a_thin_wire_across_a_battery_melts_in_a_second_or_two(): void
    {
        $seconds = ShortTime::melting(Gauge::of('24 AWG'), 50, 25);
        self::assertGreaterThan(1.0, $seconds);
        self::assertLessThan(2.0, $seconds);
    }

    /** ICEA P-32-382 by hand: 10 AWG is 10 380 cmil; 1000 A; log₁₀(384/339) = 0.05413. */
    public function test_insulation_by_hand(): void
    {
        self::assertEqualsWithDelta(0.0297 * 0.05413 * 10.38 ** 2, ShortTime::insulation(Gauge::of('10 AWG'), 1000), 0.001);
    }

    public function test_insulation_is_spoilt_before_copper_melts_and_both_go_with_the_square_of_the_current(): void
    {
        foreach (['18 AWG', '6 AWG', '35 mm2'] as $name) {
            $gauge = Gauge::of($name);
            self::assertLessThan(ShortTime::melting($gauge, 800, 30), ShortTime::insulation($gauge, 800));
            self::assertEqualsWithDelta(4, ShortTime::insulation($gauge, 400) / ShortTime::insulation($gauge, 800), 1e-9);
        }
    }
}
