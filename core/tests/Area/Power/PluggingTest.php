<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Power;

use Dinghy\Area\Power\Figure\Plugging;
use Dinghy\Area\Power\SupplyReasons;
use Dinghy\Area\StandardAreas;
use Dinghy\Circuit\PlanNetwork;
use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Metal;
use Dinghy\Conductor\Resistance;
use Dinghy\Evaluation\Consequences;
use Dinghy\Evaluation\Why;
use Dinghy\File\PlanDocument;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** What a plugging does, what a change comes to, and the reasons of the figures that were added for them. */
final class PluggingTest extends TestCase
{
    public function test_right_plugging_has_nothing_to_say(): void
    {
        $evaluation = Plans::evaluate(Plans::series(3));
        self::assertSame([], Plugging::of($evaluation->boat, $evaluation->boat->plan->banks['thrust'])->says);
    }

    /** Ohm: 12.7 V over 5 mΩ inside and a jumper of 0.3 m of 6 AWG with its two rings. */
    public function test_a_jumper_across_its_own_block(): void
    {
        $evaluation = Plans::evaluate(self::plugged(Plans::series(3, ['internal_mohm' => 5]), ['b1+', 'b1-'], ['b2+', 'b3-']));
        $ohms = 0.005 + 0.3 * Resistance::perMetre(Gauge::of('6 AWG'), Metal::TinnedCopper, 25) + 2 * PlanNetwork::RING;
        $plugging = Plugging::of($evaluation->boat, $evaluation->boat->plan->banks['thrust']);
        self::assertEqualsWithDelta(12.7 / $ohms, $plugging->amps['j0'], 0.5);
        self::assertStringContainsString('Jumper 1 carries', $plugging->says[0]);
        self::assertStringContainsString('its copper melts after', $plugging->says[0]);
    }

    public function test_devices_with_too_many_volts_or_exchanged_are_named(): void
    {
        $high = Plans::evaluate(Plans::changed(Plans::series(3), ['device:m1' => ['v_max' => 30]]));
        self::assertSame(['M1 gets 38.1 V; it bears 30 V.'], Plugging::of($high->boat, $high->boat->plan->banks['thrust'])->says);
        // Battery 2 hangs below the common negative and Battery 3 below it: the top post stands at −12.7 V.
        $turned = Plans::evaluate(self::plugged(Plans::series(3), ['b2+', 'b1-'], ['b3+', 'b2-']));
        self::assertSame(['M1 has plus and minus exchanged, -12.7 V.'], Plugging::of($turned->boat, $turned->boat->plan->banks['thrust'])->says);
    }

    public function test_what_a_thinner_wire_comes_to(): void
    {
        $before = Plans::evaluate(Plans::series(3));
        $after = Plans::evaluate(Plans::changed(Plans::series(3), ['feed:main' => ['run.gauge' => '10 AWG']]));
        $changes = Consequences::of($before, $after);
        self::assertSame(['thrust to M1: 4 AWG → 10 AWG'], $changes->wires);
        self::assertContains('W01', array_map(static fn ($finding): string => $finding->rule->code, $changes->come));
        self::assertSame([], $changes->gone);
        $back = Consequences::of($after, $before);
        self::assertSame(count($changes->come), count($back->gone));
        self::assertStringStartsWith('No longer: ', $back->sentences()[1]);
        self::assertTrue(Consequences::of($before, $before)->none());
    }

    public function test_the_reasons_of_rungs_shorts_rooms_and_ways_of_supply(): void
    {
        $evaluation = Plans::evaluate(Plans::series(3));
        $why = new Why($evaluation);
        $rung = $why->of('rung:main:6 AWG');
        self::assertStringContainsString('over the whole path', (string) $rung?->value);
        self::assertContains(['name' => 'I, amps', 'value' => '56 A'], $rung->inputs ?? []);
        self::assertNull($why->of('rung:main:7 AWG'));
        self::assertStringContainsString('ICEA', (string) $why->of('short:main:0.5')?->formula->source);
        self::assertNull($why->of('short:main:here'));
        self::assertSame('not measured', $why->of('bank:thrust:fits')?->value);

        $supply = new SupplyReasons(Plans::evaluate(Plans::parallel()));
        self::assertStringContainsString('Peukert', (string) $supply->of('hours')?->formula->says);
        self::assertSame('0', $supply->of('brown_outs')?->value);
        self::assertNull($supply->of('cranking_v'), 'no starter is planned');
        self::assertNull($supply->of('colour'));
    }

    /** @param  array{string, string}  ...$wires */
    private static function plugged(PlanDocument $document, array ...$wires): PlanDocument
    {
        $jumpers = [];
        foreach (array_values($wires) as $at => [$from, $to]) {
            $jumpers[] = ['id' => "j{$at}", 'from' => $from, 'to' => $to, 'length_m' => 0.3, 'gauge' => '6 AWG'];
        }

        return StandardAreas::areas()->format->document(json_encode(Plans::changed($document, ['bank:thrust' => ['jumpers' => $jumpers]])->root(), JSON_THROW_ON_ERROR));
    }
}
