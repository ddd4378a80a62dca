<?php

declare(strict_types=1);

namespace Dinghy\Tests\Evaluation;

use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\Evaluation\Explanation;
use Dinghy\Evaluation\Why;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** Reasons, held to figures that are worked out beside them. */
final class WhyTest extends TestCase
{
    /** Two blocks of 330 × 173 mm side by side with 25 mm between: 371 mm of 400. */
    public function test_the_room_of_a_bank(): void
    {
        $room = static fn (array $inside, array $battery = []): ?Explanation => (new Why(Plans::evaluate(Plans::changed(Plans::series(2, $battery), [
            'plan' => ['boat.stations' => [(object) ['id' => 'stern', 'x_m' => 0, 'y_m' => 0, ...($inside === [] ? [] : ['inside_mm' => $inside])]]],
            'battery:b1' => ['station' => 'stern'], 'battery:b2' => ['station' => 'stern'],
        ]))))->of('bank:thrust:fits');

        self::assertSame(['fits', '400 mm × 340 mm × 250 mm', '173 mm × 330 mm at 0 mm, 0 mm', '173 mm × 330 mm at 198 mm, 0 mm'], [$room([400, 340, 250])?->value, ...array_column($room([400, 340, 250])->inputs ?? [], 'value')]);
        self::assertSame('does not fit', $room([370, 340, 250])?->value);
        self::assertSame(['not measured', 'not measured'], [$room([])?->value, ($room([])->inputs ?? [])[0]['value']]);
        self::assertStringEndsWith('(usual size: its own is not given)', ($room([400, 340, 250], ['size_mm' => Plans::UNKNOWN])->inputs ?? [])[1]['value']);
    }

    /** 105 °C insulation, two conductors, 30 °C; in an engine space √(55/75) = 0.86. */
    public function test_what_a_wire_carries(): void
    {
        $ampacity = static fn (bool $engine): array => array_column((new Why(Plans::evaluate(Plans::changed(Plans::routed(), ['way:tube' => ['engine_space' => $engine]]))))->of('run:main:ampacity_a')->inputs ?? [], 'value', 'name');

        self::assertSame('105 °C', $ampacity(false)['insulation']);
        self::assertSame('2 conductors, × 1', $ampacity(false)['lying together']);
        self::assertSame('30 °C, × 1', $ampacity(false)['ambient']);
        self::assertSame('50 °C, × 0.86', $ampacity(true)['engine space']);
    }

    /** 12.7 V ± 0.5 % and 0.02 V of the meter. */
    public function test_what_a_meter_should_read(): void
    {
        $reading = (new Why(Plans::evaluate(Plans::series(2))))->of('meter:b1');

        self::assertSame('12.7 V', $reading?->value);
        self::assertSame(['b1+', 'b1-', '12.62 V', '12.78 V'], array_column($reading->inputs, 'value'));
    }

    /** Whoever computes by hand with the constants that a reason names comes to the figure that it explains. */
    public function test_the_constants_that_are_said_are_those_that_are_computed_with(): void
    {
        $evaluation = Plans::evaluate(Plans::changed(Plans::pump(), ['feed:f1' => ['run.length_m' => 7]]));
        $run = $evaluation->boat->runs['f1'];
        $why = new Why($evaluation);
        $said = static fn (string $figure, string $pattern): float => preg_match($pattern, $why->of($figure)->formula->says ?? '', $found) === 1 ? (float) $found[1] : NAN;

        $k = $said('run:f1:drop_v', '/E = ([\d.]+) · I/u');
        self::assertEqualsWithDelta($run->drop, $k * $run->amps * (2 * 7 / 0.3048) / 10383.0, 1e-3, '10 AWG is 10 380 cmil in the handbooks');
        $density = $said('rung:f1:10 AWG', '~([\d.]+) kg/dm³~u');
        self::assertEqualsWithDelta($run->option('10 AWG')?->kilograms, $density * 2 * 70 * 0.0005261, 1e-3, 'dm of 0.0005261 dm²');
        [$share, $volts] = [$said('meter:b1', '/\(([\d.]+) %/u'), $said('meter:b1', '/% \+ ([\d.]+) V/u')];
        $point = array_column($evaluation->boat->figures(PowerFigures::class)->meterPoints, null, 'id')['b1'];
        self::assertEqualsWithDelta($point->expect + $share / 100 * $point->expect + $volts, $point->high, 1e-9);
        $factor = $said('run:f1:protection_a', '/≥ ([\d.]+) × continuous/u');
        self::assertEqualsWithDelta(max($factor * 8, 12), $run->circuit?->demand->leastRating(), 1e-9);
    }

    /** A metric gauge is sized by the standard's resistance, and its reason does not speak of circular mils. */
    public function test_a_metric_gauge_is_explained_by_its_own_law(): void
    {
        $why = new Why(Plans::evaluate(Plans::changed(Plans::pump(), ['feed:f1' => ['run.gauge' => '6 mm2']])));
        self::assertStringContainsString('Ω/m', $why->of('run:f1:drop_v')->formula->says ?? '');
        self::assertStringNotContainsString('CM', $why->of('run:f1:drop_v')->formula->says ?? '');
        self::assertSame('IEC 60228', $why->of('run:f1:drop_v')?->formula->source);
    }
}
