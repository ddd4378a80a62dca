<?php

declare(strict_types=1);

namespace Dinghy\Tests\Monitor;

use Dinghy\Monitor\MonitorSetup;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** What a monitor is told, by hand. */
final class MonitorSetupTest extends TestCase
{
    /** Blocks in series add volts, not Ah [cp]: a 36 V string of 100 Ah blocks is 100 Ah; two strings are 200. */
    public function test_the_capacity_is_the_banks(): void
    {
        $series = Plans::series(3)->plan();
        self::assertEqualsWithDelta(100.0, MonitorSetup::of($series->banks['thrust'], $series->houseRules)->capacity, 1e-9);
        $parallel = Plans::parallel()->plan();
        self::assertEqualsWithDelta(200.0, MonitorSetup::of($parallel->banks['house'], $parallel->houseRules)->capacity, 1e-9);
    }

    /** AGM is charged at 14.4 V and more: 14.2 V a block with 2 A into 100 Ah mean full; half charged it rests at 12.30 V. */
    public function test_full_and_low_of_a_series_bank(): void
    {
        $plan = Plans::series(3)->plan();
        $setup = MonitorSetup::of($plan->banks['thrust'], $plan->houseRules);
        self::assertEqualsWithDelta(3 * 14.2, $setup->charged ?? 0, 1e-9);
        self::assertEqualsWithDelta(2.0, $setup->tail, 1e-9);
        self::assertEqualsWithDelta(3 * 12.30, $setup->alarmVolts ?? 0, 1e-9);
        self::assertEqualsWithDelta(0.5, $setup->alarm ?? 0, 1e-9);
        self::assertEqualsWithDelta(1.12, $setup->peukert ?? 0, 1e-9);
        self::assertEqualsWithDelta(1 / 1.15, $setup->efficiency, 1e-9);
    }

    public function test_what_only_its_maker_knows(): void
    {
        $plan = Plans::changed(Plans::pump(), ['battery:b1' => ['chemistry' => 'other-lithium', 'rested_v' => 13]])->plan();
        $setup = MonitorSetup::of($plan->banks['house'], $plan->houseRules);
        self::assertSame([null, null, null, null], [$setup->charged, $setup->peukert, $setup->alarm, $setup->alarmVolts]);
    }
}
