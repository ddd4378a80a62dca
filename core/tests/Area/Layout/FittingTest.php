<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Layout;

use Dinghy\Area\Layout\Figure\Fitting;
use Dinghy\Plan\Plan;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** Where what is fitted is drawn on the boat plan, worked by hand. */
final class FittingTest extends TestCase
{
    /** A compartment of 800 × 400 mm about its station at 0.5 m: a block of 330 × 173 mm that lies along it from its corner has its middle 165 and 86.5 mm from there. */
    public function test_a_battery_stands_where_the_bench_has_it(): void
    {
        $found = self::fittings(['station:stern' => ['x_m' => 0.5, 'y_m' => 0.2, 'inside_mm' => [800, 400, 300]], 'battery:b1' => ['size_mm' => [330, 173, 240], 'lies' => (object) ['x_mm' => 0, 'y_mm' => 0, 'turned' => 0]]])['battery:b1'];

        self::assertTrue($found->hasOwnPlace);
        self::assertEqualsWithDelta(0.5 - 0.4 + 0.165, $found->at->x, 1e-9);
        self::assertEqualsWithDelta(0.2 + 0.2 - 0.0865, $found->at->y, 1e-9, 'across the compartment is to starboard');
        self::assertSame([0.33, 0.173], $found->size);
    }

    /** Nobody has laid or measured anything: upright in a row about the station. */
    public function test_a_battery_that_nobody_has_laid(): void
    {
        $found = self::fittings(['station:stern' => ['x_m' => 0.5, 'y_m' => 0.2, 'inside_mm' => Plans::UNKNOWN], 'battery:b1' => ['size_mm' => [330, 173, 240], 'lies' => Plans::UNKNOWN]])['battery:b1'];

        self::assertFalse($found->hasOwnPlace);
        self::assertEqualsWithDelta([0.5, 0.2], [$found->at->x, $found->at->y], 1e-9);
        self::assertSame([0.173, 0.33], $found->size);
        self::assertSame('Battery 1 of house', $found->label);
    }

    /** Three in one place, none laid: side by side with a hand's room between them, none in another. */
    public function test_batteries_of_one_place_do_not_lie_on_one_another(): void
    {
        $plan = Plans::changed(Plans::series(3), [
            'plan' => ['boat.stations' => [(object) ['id' => 'stern', 'x_m' => 1, 'y_m' => 0]]],
            'battery:b1' => ['station' => 'stern'], 'battery:b2' => ['station' => 'stern'], 'battery:b3' => ['station' => 'stern'],
        ])->plan();
        $blocks = array_values(array_filter(Fitting::allOf($plan, new QuantityFormatter(Units::Metric)), static fn (Fitting $fitting): bool => $fitting->kind === 'battery'));

        self::assertCount(3, $blocks);
        for ($i = 1; $i < 3; $i++) {
            $apart = $blocks[$i]->at->x - $blocks[$i - 1]->at->x - (($blocks[$i]->size[0] ?? 0.0) + ($blocks[$i - 1]->size[0] ?? 0.0)) / 2;
            self::assertEqualsWithDelta(0.025, $apart, 1e-9);
        }
        self::assertEqualsWithDelta(1.0, $blocks[1]->at->x, 1e-9);
    }

    public function test_devices_and_blocks(): void
    {
        $found = self::fittings();

        self::assertSame(['heading-sensor', true], [$found['device:heading']->kind, $found['device:heading']->hasOwnPlace]);
        self::assertSame(['light', false, 'bow'], [$found['device:light']->kind, $found['device:light']->hasOwnPlace, $found['device:light']->station]);
        self::assertSame(['block', 'Fuses'], [$found['block:fuses']->kind, $found['block:fuses']->label]);
        self::assertArrayNotHasKey('device:light', self::fittings(['device:light' => ['station' => Plans::UNKNOWN]]), 'nobody has said where');
    }

    /**
     * @param  array<string, array<string, mixed>>  $changes
     * @return array<string, Fitting> by part
     */
    private static function fittings(array $changes = []): array
    {
        return array_column(Fitting::allOf(Plans::changed(Plans::routed(), $changes)->plan(), new QuantityFormatter(Units::Metric)), null, 'on');
    }
}
