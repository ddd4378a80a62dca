<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Power;

use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\File\PlanDocument;
use Dinghy\Metering\MeterPoint;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** Where the probes go before anything is plugged in, and what the meter must show there. */
final class MeterPointsTest extends TestCase
{
    /** A 36 V bank is read block by block, and then step by step: 12.7, 25.4, 38.1 V. */
    public function test_a_series_bank_is_read_in_steps(): void
    {
        $points = self::points(Plans::series(3));

        self::assertSame(['b1', 'b2', 'b3', 'thrust:tap:1', 'thrust:tap:2', 'thrust:pos', 'm1:plug'], array_keys($points));
        foreach (['b1' => 12.7, 'b2' => 12.7, 'b3' => 12.7, 'thrust:tap:1' => 12.7, 'thrust:tap:2' => 25.4, 'thrust:pos' => 38.1, 'm1:plug' => 38.1] as $id => $volts) {
            self::assertEqualsWithDelta($volts, $points[$id]->expect, 1e-6, $id);
        }
        self::assertSame(['b2+', 'b1-'], [(string) $points['thrust:tap:2']->plus, (string) $points['thrust:tap:2']->minus], 'the black probe stays on the common negative');
    }

    /** Blocks in parallel have no steps: each is read across itself. */
    public function test_a_parallel_bank_is_read_across_each_block(): void
    {
        self::assertSame(['h1', 'h2', 'screen:plug', 'light:plug'], array_keys(self::points(Plans::parallel())));
    }

    /** A block that was not measured may be a tenth of a volt off what its charge lets expect; the bank of three, three tenths. */
    public function test_what_was_not_measured_widens_what_is_accepted(): void
    {
        $measured = self::points(Plans::series(3))['thrust:pos'];
        $expected = self::points(Plans::series(3, ['rested_v' => Plans::UNKNOWN]))['thrust:pos'];

        self::assertEqualsWithDelta(0.005 * 38.1 + 0.02, $measured->high - $measured->expect, 1e-6);
        self::assertEqualsWithDelta(0.005 * $expected->expect + 0.02 + 0.3, $expected->expect - $expected->low, 1e-6);
        self::assertSame('Read the blocks first: this is what they stack up to.', $expected->note);
        self::assertNull($measured->note);
        self::assertStringContainsString('may rest from 12.4 V to 12.9 V', self::points(Plans::series(3, ['rested_v' => Plans::UNKNOWN]))['b2']->note ?? '');
        self::assertTrue($measured->accepts(38.1));
        self::assertFalse($measured->accepts(37.6), 'a block with a dead cell reads two volts less, a loose jumper half a volt');
        self::assertFalse($measured->accepts(-38.1), 'probes the wrong way round');
    }

    /** A feed from a tap leads its own volts to its plug. */
    public function test_a_tapped_plug_has_the_volts_of_its_tap(): void
    {
        $points = self::points(Plans::changed(Plans::series(3), ['feed:main' => ['from.plus' => 'tap:2']]));
        self::assertEqualsWithDelta(25.4, $points['m1:plug']->expect, 1e-6);
    }

    /** What no rule knows the volts of is not read against a guess. */
    public function test_a_bank_of_unknown_batteries_has_no_points(): void
    {
        self::assertSame([], self::points(Plans::series(2, ['chemistry' => 'other-lithium', 'rested_v' => Plans::UNKNOWN])));
    }

    /** @return array<string, MeterPoint> by id */
    private static function points(PlanDocument $document): array
    {
        return array_column(Plans::evaluate($document)->boat->figures(PowerFigures::class)->meterPoints, null, 'id');
    }
}
