<?php

declare(strict_types=1);

namespace Dinghy\Tests\Conductor;

use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Heating;
use Dinghy\Conductor\ShortTime;
use PHPUnit\Framework\TestCase;

/** How warm a current makes a conductor: the short-time formula at first, the ampacity's own balance in the end. */
final class HeatingTest extends TestCase
{
    /** ABYC E-11, from memory: 10 AWG bears 60 A at 105 °C in 30 °C of air. */
    private static function tenGauge(): Heating
    {
        return new Heating(Gauge::of('10 AWG'), 60, 105, 30);
    }

    /** ICEA P-32-382, from memory: (I/A)² t = 0.0297 log₁₀((150 + 234)/(105 + 234)); from 105 °C, in a tenth of a second no heat is lost. */
    public function test_at_first_it_is_the_short_time_formula(): void
    {
        foreach ([800, 2000, 5000] as $amps) {
            $formula = 0.0297 * log10(384 / 339) * (10380 / $amps) ** 2;
            self::assertEqualsWithDelta($formula, self::tenGauge()->untilSpoilt($amps, 60), 0.02 * $formula, "{$amps} A");
            self::assertEqualsWithDelta(ShortTime::insulation(Gauge::of('10 AWG'), $amps), self::tenGauge()->untilSpoilt($amps, 60), 0.02 * $formula);
        }
    }

    public function test_at_its_ampacity_it_rests_at_its_insulations_rating(): void
    {
        self::assertEqualsWithDelta(105.0, self::tenGauge()->steady(60), 1e-9);
        self::assertEqualsWithDelta(30.0, self::tenGauge()->steady(0), 1e-9);
        self::assertSame(INF, self::tenGauge()->untilSpoilt(60, 60), 'what it may carry for ever never spoils it');
        self::assertSame(INF, self::tenGauge()->untilSpoilt(70, 0));
        self::assertSame(INF, self::tenGauge()->steady(200));
    }

    /** Integrated step by step, by another's arithmetic: Euler's steps of a millisecond of the same balance. */
    public function test_the_closed_form_is_the_balance_integrated(): void
    {
        foreach ([[120.0, 20.0], [200.0, 0.0], [400.0, 60.0]] as [$amps, $before]) {
            $heating = self::tenGauge();
            $rate = log(10) / 0.0297;
            $cooling = $rate * (60 / 10383) ** 2 * 339 / 75;
            $celsius = $heating->steady($before);
            for ($seconds = 0.0; $celsius < 150; $seconds += 0.001) {
                $celsius += 0.001 * ($rate * ($amps / 10383) ** 2 * ($celsius + 234) - $cooling * ($celsius - 30));
            }
            self::assertEqualsWithDelta($seconds, $heating->untilSpoilt($amps, $before), 0.01 * $seconds, "{$amps} A");
        }
    }

    public function test_a_warm_wire_is_spoilt_sooner_and_a_thicker_one_later(): void
    {
        self::assertLessThan(self::tenGauge()->untilSpoilt(300, 0), self::tenGauge()->untilSpoilt(300, 55));
        self::assertGreaterThan(self::tenGauge()->untilSpoilt(300, 0), (new Heating(Gauge::of('6 AWG'), 120, 105, 30))->untilSpoilt(300, 0));
        self::assertSame(0.0, (new Heating(Gauge::of('10 AWG'), 60, 105, 30))->untilSpoilt(300, 90), 'warmer than it bears already');
    }
}
