<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Day;

use Dinghy\Area\Day\Figure\ElectronicsDay;
use Dinghy\Area\Day\Figure\HotSwap;
use Dinghy\Area\Day\Figure\MotorSettings;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Device;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** A full pack joined to an emptied one, the electronics over the day, and motors by setting. */
final class SwapAndSuppliesTest extends TestCase
{
    /**
     * LiFePO4 of 18 Ah and 30 mΩ, taken from full to 12.76 V (a tenth): 13.60 − 12.76 V over both insides, 0.6 m of 6 AWG there and back
     * (13.3 mm² [pub ASTM B258]) are some 13.8 A, more than the 9 A that half its capacity an hour are.
     */
    public function test_a_full_pack_joined_to_an_empty_one(): void
    {
        $swap = self::swap(self::pack(0.1, ['internal_mohm' => 30, 'capacity_ah' => 18]));
        $leads = 2 * 0.3 * 1.7241e-8 * 1.02 * 1.02 * (1 + 0.00393 * 5) / 13.3e-6;
        self::assertEqualsWithDelta((13.60 - 12.76) / (2 * 0.030 + $leads), $swap->amps, 0.2);
        self::assertEqualsWithDelta(0.5 * 18, $swap->taken ?? 0, 1e-9);
        self::assertSame(['the empty pack, which takes less'], $swap->overloaded());
    }

    public function test_what_bears_it_and_what_does_not(): void
    {
        self::assertSame([], self::swap(self::pack(0.9, ['internal_mohm' => 30, 'capacity_ah' => 100]))->overloaded());
        self::assertContains('the full pack, whose management switches off', self::swap(self::pack(0.02, ['internal_mohm' => 2, 'capacity_ah' => 100, 'continuous_a' => 100]))->overloaded());
        self::assertContains('the leads between them', self::swap(Plans::changed(self::pack(0.02, ['internal_mohm' => 2, 'capacity_ah' => 400]), ['bank:house' => ['jumper' => ['gauge' => '10 AWG']]]))->overloaded());
    }

    public function test_nothing_to_join_where_nothing_was_used_or_known(): void
    {
        $boat = Plans::evaluate(Plans::pump())->boat;
        self::assertNull(HotSwap::of($boat, $boat->plan->banks['house']));
        $other = Plans::evaluate(self::pack(0.5, ['chemistry' => 'other-lithium', 'rested_v' => 13]))->boat;
        self::assertNull(HotSwap::of($other, $other->plan->banks['house']));
    }

    /** On the starting battery the screen restarts with the engine and sags with the day; the pump is no electronics. */
    public function test_the_electronics_over_the_day(): void
    {
        $day = static fn (string $kind): ElectronicsDay => Plans::evaluate(Plans::changed(Plans::pump(), [
            'battery:b1' => ['soc' => 1.0],
            'device:d1' => ['kind' => $kind, 'typical_a' => 4, 'v_min' => 9.9, 'load' => 'current'],
            'plan' => ['boat.engine' => ['battery' => 'b1', 'cranking_a' => 170, 'min_cca_a' => 400], 'trip' => ['ambient_c' => 25, 'phases' => [['hours' => 13, 'on' => ['d1' => 1]], ['hours' => 0.5, 'engine' => true, 'home' => true, 'on' => ['d1' => 1]]]]],
        ]))->boat->figures(ElectronicsDay::class);
        $screen = $day('display');
        self::assertEqualsWithDelta(12.5 * 60, $screen->floor ?? 0, 1.01, '4 A of 100 Ah to their half');
        self::assertSame(['d1'], array_map(static fn (Device $device): string => $device->id, $screen->restart));
        self::assertEqualsWithDelta(12.28 - 4 * 0.04, $screen->leastVolts ?? 0, 0.06);
        self::assertNull($screen->out);
        self::assertEquals([null, null, []], [$day('pump')->leastVolts, $day('pump')->floor, $day('pump')->restart]);
    }

    /** 14 A at half speed by its maker, 0.03 + 0.97 · 0.5^2.5 of 56 A by the law: both are told; two phases at one speed are one line. */
    public function test_motors_by_setting(): void
    {
        $boat = Plans::changed(Plans::series(3), [
            'device:m1' => ['amps_at' => [['speed' => 0.5, 'amps' => 14], ['speed' => 1, 'amps' => 50]]],
            'plan' => ['trip' => ['phases' => [['hours' => 1, 'on' => ['m1' => 0.5]], ['hours' => 0.5, 'on' => ['m1' => 1]], ['hours' => 2, 'on' => ['m1' => 0.5]]]]],
        ])->plan();
        $settings = (MotorSettings::of($boat)[0] ?? self::fail('no motor'))->settings;
        self::assertCount(2, $settings);
        self::assertSame([0.5, 3.0, 14.0], [$settings[0]['speed'], $settings[0]['hours'], $settings[0]['amps']]);
        self::assertEqualsWithDelta(56 * (0.03 + 0.97 * 0.5 ** 2.5), $settings[0]['law'], 1e-9);
        self::assertSame([1.0, 0.5, 50.0], [$settings[1]['speed'], $settings[1]['hours'], $settings[1]['amps']]);
    }

    private static function swap(PlanDocument $document): HotSwap
    {
        $boat = Plans::evaluate($document)->boat;

        return HotSwap::of($boat, $boat->plan->banks['house']) ?? self::fail('nothing to join');
    }

    /** @param  array<string, mixed>  $battery */
    private static function pack(float $charge, array $battery): PlanDocument
    {
        return Plans::changed(Plans::pump(), [
            'battery:b1' => ['chemistry' => 'lifepo4', 'soc' => $charge, ...$battery],
            'bank:house' => ['jumper' => ['gauge' => '6 AWG', 'length_m' => 0.3]],
            'plan' => ['trip' => ['ambient_c' => 25, 'phases' => [['hours' => 0.05, 'on' => ['d1' => 0]]]]],
        ]);
    }
}
