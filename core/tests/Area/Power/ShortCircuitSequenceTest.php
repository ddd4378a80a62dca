<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Power;

use Dinghy\Area\Power\Figure\ShortCircuitSequence;
use Dinghy\Area\Power\Figure\ShortEvent;
use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Heating;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
use Dinghy\Tests\Circuit\Ngspice;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

final class ShortCircuitSequenceTest extends TestCase
{
    /** Half way along the pump's 3 m: 15 mΩ, a blade of 4 mΩ, one metre and a half of cold 10 AWG there and back with its rings. */
    public function test_the_current_half_way_along_a_wire(): void
    {
        $cold = 1.7241e-8 * 1.02 * 1.02 / 5.2612e-6;
        $spice = Ngspice::operatingPoint(['V1 e 0 12.85', 'R1 e p 0.015', 'RF p x 0.004', sprintf('RW x s %.9g', 2 * (1.5 * $cold + 0.0002)), 'RS s 0 1n']);
        $short = ShortCircuitSequence::at(Plans::evaluate(Plans::pump())->boat, 'f1', 0.5);
        $amps = ($spice['e'] - $spice['p']) / 0.015;

        // Half of the rings at the wire's ends are counted with half of the wire.
        self::assertEqualsWithDelta($amps, $short->amps ?? NAN, 0.01 * $amps);
    }

    public function test_a_fused_wire_outlives_its_fuse_and_an_unfused_one_burns(): void
    {
        $fused = ShortCircuitSequence::at(Plans::evaluate(Plans::pump())->boat, 'f1', 1.0);
        self::assertSame('opens', $fused?->events[0]->what);
        self::assertTrue($fused->coordinated);
        self::assertMatchesRegularExpression('/^A short here draws \d+(\.\d)? A: the 15 A blade fuse opens within \d+(\.\d)? ms, before any wire is spoilt\.$/', $fused->says(new QuantityFormatter(Units::Metric)));

        $bare = ShortCircuitSequence::at(Plans::evaluate(Plans::pump(['feed:f1' => ['protection' => [], 'run.gauge' => '18 AWG']]))->boat, 'f1', 1.0);
        self::assertSame(['insulation', 'copper'], array_map(static fn (ShortEvent $event): string => $event->what, $bare->events ?? []));
        // ICEA P-32-382, from memory: later than from 105 °C, for its 8 A warm it less; sooner than from the 30 °C of the air.
        $from = static fn (float $celsius): float => 0.0297 * log10(384 / ($celsius + 234)) * (Gauge::of('18 AWG')->circularMils() / ($bare->amps ?? NAN)) ** 2;
        self::assertGreaterThan($from(105), $bare->events[0]->seconds ?? 0.0);
        self::assertLessThan(1.05 * $from(30), $bare?->events[0]->seconds);
        self::assertFalse($bare?->coordinated);
        self::assertStringEndsWith('; nothing opens.', $bare->says(new QuantityFormatter(Units::Metric)));
        $slow = ShortCircuitSequence::at(Plans::evaluate(Plans::pump(['feed:f1' => ['run.gauge' => '16 AWG', 'run.length_m' => 1.8, 'protection' => [(object) ['family' => 'breaker', 'rating_a' => 25, 'from_source_m' => 0.1]]]]))->boat, 'f1', 1.0);
        self::assertMatchesRegularExpression('/insulation of 16 AWG is spoilt after .* the 25 A thermal breaker may take/', $slow?->says(new QuantityFormatter(Units::Metric)) ?? '');
    }

    /**
     * A load that keeps its watts draws more than its figure where volts are lost on the way, and its wire is that much warmer when a
     * short comes: F11 and the drawing go by the same.
     */
    public function test_a_wire_is_as_warm_as_what_flows_in_it(): void
    {
        $boat = Plans::evaluate(Plans::pump(['feed:f1' => ['run.gauge' => '14 AWG', 'run.length_m' => 6, 'run.extra_mohm' => 150], 'device:d1' => ['load' => 'power', 'typical_a' => 8]]))->boat;
        $flows = $boat->currents->most('f1/+wire') ?? self::fail('Something flows.');
        self::assertGreaterThan(9.0, $flows);
        $short = ShortCircuitSequence::at($boat, 'f1', 1.0) ?? self::fail('It is fed.');
        $wire = $boat->runs['f1'];
        $spoilt = array_values(array_filter($short->events, static fn (ShortEvent $event): bool => $event->what === 'insulation'))[0];
        $rules = $boat->plan->houseRules;
        $heating = new Heating($wire->gauge, $wire->ampacity ?? 0.0, $rules->insulation, $rules->ambient);
        self::assertEqualsWithDelta($heating->untilSpoilt($short->amps, $flows), $spoilt->seconds, 1e-9);
        self::assertLessThan($heating->untilSpoilt($short->amps, 8.0), $spoilt->seconds);
    }

    /** Behind a branch's blade the blade opens before the main breaker stirs. */
    public function test_a_branch_is_cleared_by_its_own_fuse(): void
    {
        $short = ShortCircuitSequence::at(Plans::evaluate(Plans::parallel())->boat, 'screen', 1.0);

        self::assertSame('to-screen', $short?->events[0]->run);
        self::assertTrue($short->coordinated);
        self::assertNull(ShortCircuitSequence::at(Plans::evaluate(Plans::parallel())->boat, 'nothing', 1.0));
        self::assertNull(ShortCircuitSequence::at(Plans::evaluate(Plans::pump(['feed:f1' => ['run.length_m' => null]]))->boat, 'f1', 1.0));
    }
}
