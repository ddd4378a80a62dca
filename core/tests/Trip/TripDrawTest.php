<?php

declare(strict_types=1);

namespace Dinghy\Tests\Trip;

use Dinghy\Plan\Plan;
use Dinghy\Tests\Plans;
use Dinghy\Trip\MotorAmps;
use Dinghy\Trip\TripDraw;
use PHPUnit\Framework\TestCase;

final class TripDrawTest extends TestCase
{
    /** Two hours at half its 8 A and one whole hour: 16 Ah; what a phase does not name is off. */
    public function test_a_device_by_its_share(): void
    {
        $plan = self::plan('pump', ['d1' => 0.5], ['d1' => 1]);
        self::assertEqualsWithDelta(16.0, TripDraw::ampHours($plan->trip ?? [], $plan->devices['d1']), 1e-9);
        self::assertSame(0.0, TripDraw::ampHours(self::plan('pump', [], [])->trip ?? [], $plan->devices['d1']));
    }

    /** A motor goes by the speed of its shaft, not by its share. */
    public function test_a_motor_by_its_speed(): void
    {
        $plan = self::plan('series', ['m1' => 0.5], ['m1' => 1]);
        self::assertEqualsWithDelta(2 * MotorAmps::at(0.5, 56) + 56, TripDraw::ampHours($plan->trip ?? [], $plan->devices['m1']), 1e-9);
    }

    /**
     * @param  'pump'|'series'  $plan
     * @param  array<string, float>  $first  for two hours
     * @param  array<string, float>  $then  for one
     */
    private static function plan(string $plan, array $first, array $then): Plan
    {
        return Plans::changed(Plans::named($plan), ['plan' => ['trip' => (object) ['phases' => [
            (object) ['hours' => 2, 'on' => (object) $first], (object) ['hours' => 1, 'on' => (object) $then],
        ]]]])->plan();
    }
}
