<?php

declare(strict_types=1);

namespace Dinghy\Tests\Battery;

use Dinghy\Battery\Chemistry;
use Dinghy\Battery\Peukert;
use Dinghy\Battery\RestingVoltage;
use Dinghy\Circuit\Sharing;
use Dinghy\Plan\Post;
use Dinghy\Tests\Plans;
use Dinghy\Trip\MotorAmps;
use PHPUnit\Framework\TestCase;

final class BatteryTest extends TestCase
{
    public function test_resting_volts_fall_with_charge_and_scale_with_blocks(): void
    {
        foreach ([Chemistry::Flooded, Chemistry::Agm, Chemistry::Gel, Chemistry::LiFePO4] as $chemistry) {
            $before = INF;
            for ($percent = 100; $percent >= 0; $percent--) {
                $volts = RestingVoltage::at($chemistry, $percent / 100, 12);
                self::assertNotNull($volts);
                self::assertLessThan($before, $volts, "{$chemistry->value} at {$percent} %");
                $before = $volts;
            }
            self::assertEqualsWithDelta(2 * (float) RestingVoltage::at($chemistry, 0.63, 12), (float) RestingVoltage::at($chemistry, 0.63, 24), 1e-9);
        }
        self::assertNull(RestingVoltage::at(Chemistry::OtherLithium, 1, 12));
    }

    /** Half way between two tabled points lies half way between their volts. */
    public function test_resting_volts_are_linear_between_points(): void
    {
        $at = static fn (float $charge): float => (float) RestingVoltage::at(Chemistry::Agm, $charge, 12);
        self::assertEqualsWithDelta(($at(0.75) + $at(0.5)) / 2, $at(0.625), 1e-9);
    }

    /** Common practice, working estimate: 0.6 × (12.6 − 7.2)/600 CCA = 5.4 mΩ; a maker's own figure wins. */
    public function test_internal_resistance_takes_the_best_that_is_known(): void
    {
        $battery = static fn (array $fields) => Plans::pump(['battery:b1' => ['internal_mohm' => Plans::UNKNOWN, ...$fields]])->plan()->batteries['b1'];

        self::assertEqualsWithDelta(0.0054, $battery(['cca_a' => 600])->resistanceUnderLoad(), 1e-9);
        self::assertEqualsWithDelta(0.0031, $battery(['cca_a' => 600, 'internal_mohm' => 3.1])->resistanceUnderLoad(), 1e-9);
        self::assertEqualsWithDelta(0.008, $battery(['capacity_ah' => 50])->resistanceUnderLoad(), 1e-9);
        self::assertEqualsWithDelta(0.007, $battery(['capacity_ah' => 50])->resistanceIntoShort(), 1e-9);
        self::assertNull($battery(['chemistry' => 'other-lithium', 'cca_a' => 600])->resistanceUnderLoad());
    }

    public function test_charge_is_read_off_rested_volts(): void
    {
        foreach ([Chemistry::Flooded, Chemistry::Agm, Chemistry::Gel, Chemistry::LiFePO4] as $chemistry) {
            foreach ($chemistry === Chemistry::LiFePO4 ? [0.0, 0.04, 0.07, 0.15, 0.29, 0.95, 1.0] : [0.0, 0.04, 0.31, 0.5, 0.83, 1.0] as $charge) {
                self::assertEqualsWithDelta($charge, RestingVoltage::stateOfCharge($chemistry, (float) RestingVoltage::at($chemistry, $charge, 24), 24), 1e-9, "{$chemistry->value} {$charge}");
            }
            self::assertSame(1.0, RestingVoltage::stateOfCharge($chemistry, 15, 12), 'surface charge is no more than full');
            self::assertSame(0.0, RestingVoltage::stateOfCharge($chemistry, 3, 12));
        }
        self::assertNull(RestingVoltage::stateOfCharge(Chemistry::OtherLithium, 12, 12));
    }

    /** A textbook example of Peukert's law, from memory: 100 Ah at 20 h, k = 1.2, 10 A: 8.7 h. */
    public function test_peukert(): void
    {
        self::assertEqualsWithDelta(8.7, Peukert::at(100, 20, 1.2, 10), 0.05);
        self::assertEqualsWithDelta(50.0, Peukert::at(100, 20, 1.2, 2), 1e-9, 'below the rated current: the rated Ah and no more');
        self::assertNull(Plans::pump(['battery:b1' => ['chemistry' => 'other-lithium']])->plan()->batteries['b1']->hoursAt(10));
    }

    /** Gel bears fewer volts than AGM gives; lead and lithium never suit each other. */
    public function test_charger_profiles(): void
    {
        self::assertFalse(Chemistry::Agm->profileSuits(Chemistry::Gel));
        self::assertTrue(Chemistry::Gel->profileSuits(Chemistry::Agm));
        self::assertFalse(Chemistry::Agm->profileSuits(Chemistry::LiFePO4));
        self::assertFalse(Chemistry::LiFePO4->profileSuits(Chemistry::Flooded));
        self::assertTrue(Chemistry::LiFePO4->profileSuits(Chemistry::LiFePO4));
        self::assertNull(Chemistry::LiFePO4->profileSuits(Chemistry::OtherLithium));
    }

    /** Pulse-width control: idle and iron losses at a standstill, all at full speed, a little more than the propeller's cube between. */
    public function test_motor_amps_by_speed(): void
    {
        self::assertSame(0.0, MotorAmps::at(0, 50));
        self::assertEqualsWithDelta(50.0, MotorAmps::at(1, 50), 1e-9);
        self::assertGreaterThan(50 * 0.5 ** 3, MotorAmps::at(0.5, 50));
        self::assertEqualsWithDelta(1.5 + 48.5 * 0.5 ** 2.5, MotorAmps::at(0.5, 50), 1e-9);
    }

    /** Two strings of two 12 V blocks: taken off at one end the near string gives more; diagonally both give the same. */
    public function test_sharing_by_the_posts_of_take_off(): void
    {
        $bank = Plans::changed(Plans::series(4), ['bank:thrust' => ['strings' => [['b1', 'b2'], ['b3', 'b4']], 'jumper' => (object) ['gauge' => '6 AWG', 'length_m' => 1]]])->plan()->banks['thrust'];
        $sameEnd = Sharing::between($bank, Post::named('b2+'), Post::named('b1-'), 50, 25) ?? [];
        $diagonal = Sharing::between($bank, Post::named('b2+'), Post::named('b3-'), 50, 25) ?? [];

        self::assertEqualsWithDelta(50, $sameEnd['b1'] + $sameEnd['b3'], 1e-6);
        self::assertGreaterThan(1.1, Sharing::busiest($bank, $sameEnd));
        self::assertEqualsWithDelta(1.0, Sharing::busiest($bank, $diagonal), 1e-6);
        self::assertEqualsWithDelta($sameEnd['b1'], $sameEnd['b2'], 1e-6, 'a string carries one current');
    }
}
