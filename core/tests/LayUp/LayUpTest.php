<?php

declare(strict_types=1);

namespace Dinghy\Tests\LayUp;

use Dinghy\LayUp\Drain;
use Dinghy\LayUp\LayUp;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Days by hand: so much of its charge a day by what draws, so much by itself; self-discharge a month at 20 °C, halved for each 10 °C less [cp]. */
final class LayUpTest extends TestCase
{
    /** 0.1 A of 96 Ah (AGM at 20 °C) are 2.5 % a day, 2 % a month by itself 0.067 %. */
    public function test_what_draws_and_what_is_lost_by_itself(): void
    {
        $layUp = self::layUp(['standby_a' => 0.1], 30, 20);
        $aDay = 24 * 0.1 / 96 + 0.02 / 30;
        self::assertEqualsWithDelta(0.5 / $aDay, $layUp->daysToFloor() ?? 0, 1e-6);
        self::assertEqualsWithDelta(1 / $aDay, $layUp->daysToEmpty() ?? 0, 1e-6);
        self::assertEqualsWithDelta(0.5 / (0.02 / 30), $layUp->daysToFloorSwitchedOff() ?? 0, 1e-6);
        self::assertEqualsWithDelta(1 - 30 * $aDay, $layUp->left() ?? 0, 1e-9);
    }

    /** @return array<string, array{string, float}> share a month at 20 °C */
    public static function kinds(): array
    {
        return ['flooded' => ['flooded', 0.05], 'AGM' => ['agm', 0.02], 'gel' => ['gel', 0.02], 'LiFePO4' => ['lifepo4', 0.03]];
    }

    #[DataProvider('kinds')]
    public function test_by_itself_it_loses_half_for_each_ten_degrees_less(string $chemistry, float $aMonth): void
    {
        $lost = static fn (float $celsius): float => self::layUp([], 30, $celsius, ['chemistry' => $chemistry])->byItself ?? 0;
        self::assertEqualsWithDelta($aMonth, 30 * $lost(20), 1e-9);
        self::assertEqualsWithDelta($aMonth / 2, 30 * $lost(10), 1e-9);
        self::assertEqualsWithDelta($aMonth / 4, 30 * $lost(0), 1e-9);
        self::assertEqualsWithDelta(2 * $aMonth, 30 * $lost(30), 1e-9);
    }

    public function test_a_switch_in_its_way_ends_it_and_a_bilge_pump_stays(): void
    {
        self::assertSame([], self::layUp(['standby_a' => 0.1], 30, 20, bank: ['switch' => true])->drains);
        self::assertSame([], self::layUp(['standby_a' => 0.1], 30, 20, feed: ['switch' => true])->drains);
        $meant = self::layUp(['standby_a' => 0.1, 'always_on' => true], 30, 20);
        self::assertNull($meant->worst());
        self::assertEqualsWithDelta(0.1, $meant->amps(), 1e-9);
        self::assertEqualsWithDelta($meant->daysToFloor() ?? 0, $meant->daysToFloorSwitchedOff() ?? -1, 1e-9);
    }

    public function test_a_converter_draws_for_itself(): void
    {
        $boat = Plans::converted();
        $bank = array_values($boat->plan()->banks)[0];
        $layUp = LayUp::of(Plans::evaluate($boat)->boat->wiring, $boat->plan()->houseRules, $bank, 30, 20);
        self::assertContains('charger', array_map(static fn (Drain $drain): string => explode(':', $drain->on)[0], $layUp->drains));
    }

    public function test_of_other_lithium_only_its_maker_knows(): void
    {
        $layUp = self::layUp(['standby_a' => 0.1], 30, 20, ['chemistry' => 'other-lithium', 'rested_v' => 13]);
        self::assertSame([null, null, null], [$layUp->daysToFloor(), $layUp->daysToEmpty(), $layUp->left()]);
    }

    /**
     * @param  array<string, mixed>  $device
     * @param  array<string, mixed>  $battery
     * @param  array<string, mixed>  $bank
     * @param  array<string, mixed>  $feed
     */
    private static function layUp(array $device, float $days, float $celsius, array $battery = [], array $bank = [], array $feed = []): LayUp
    {
        $boat = Plans::changed(Plans::pump(), ['battery:b1' => $battery, 'device:d1' => $device, 'bank:house' => ['switch' => false, ...$bank], 'feed:f1' => $feed]);

        return LayUp::of(Plans::evaluate($boat)->boat->wiring, $boat->plan()->houseRules, array_values($boat->plan()->banks)[0], $days, $celsius);
    }
}
