<?php

declare(strict_types=1);

namespace Dinghy\Tests\Battery;

use Dinghy\Battery\Chemistry;
use Dinghy\Battery\InternalResistance;
use Dinghy\Battery\RestingVoltage;
use Dinghy\Plan\Plan;
use Dinghy\Tests\Plans;
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
        $battery = static fn (array $fields) => Plan::of(Plans::pump(['battery:b1' => ['internal_mohm' => Plans::UNKNOWN, ...$fields]]))->batteries['b1'];

        self::assertEqualsWithDelta(0.0054, InternalResistance::sag($battery(['cca_a' => 600])), 1e-9);
        self::assertEqualsWithDelta(0.0031, InternalResistance::sag($battery(['cca_a' => 600, 'internal_mohm' => 3.1])), 1e-9);
        self::assertEqualsWithDelta(0.008, InternalResistance::sag($battery(['capacity_ah' => 50])), 1e-9);
        self::assertEqualsWithDelta(0.007, InternalResistance::short($battery(['capacity_ah' => 50])), 1e-9);
        self::assertNull(InternalResistance::sag($battery(['chemistry' => 'other-lithium', 'cca_a' => 600])));
    }
}
