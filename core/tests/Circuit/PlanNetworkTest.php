<?php

declare(strict_types=1);

namespace Dinghy\Tests\Circuit;

use Dinghy\Evaluation\State;
use Dinghy\Plan\PlanDocument;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/**
 * Circuits written by hand from a boat's description, element by element, and given to ngspice. A constant-power load has
 * two operating points; the floor under its volts keeps ngspice on the upper one, where boats live.
 */
final class PlanNetworkTest extends TestCase
{
    /**
     * 12 V AGM, 100 Ah (4 mΩ), 15 A blade fuse (2 mΩ · 30/15), 3 m of tinned 10 AWG each way, rings of 0.2 mΩ, a pump of
     * 12 V · 8 A. 10 AWG: 5.2612 mm² (ASTM B258), 1.7241e-8 · 1.0197 (25 °C) · 1.02 · 1.02 / 5.2612e-6 = 3.4765 mΩ/m.
     */
    public function test_the_pump(): void
    {
        $spice = Ngspice::operatingPoint([
            'V1 e 0 12.7', 'R1 e plus 0.004', 'RF plus f 0.004', 'RP f pin 10.8295m', 'RM 0 pinm 10.8295m',
            'BL pin pinm I = 96 / max(V(pin,pinm), 6)',
        ]);
        $loaded = Plans::evaluate(Plans::pump())->states->in(State::Loaded);

        self::assertEqualsWithDelta($spice['pin'] - $spice['pinm'], $loaded?->between('d1+', 'd1-'), 0.001);
        self::assertEqualsWithDelta($spice['plus'], $loaded?->between('b1+', 'b1-'), 0.001);
    }

    /**
     * 36 V: three AGM blocks (4 mΩ), two jumpers of 0.3 m 6 AWG, 60 A breaker (1 mΩ), 5.9 m of tinned 4 AWG, a motor of
     * 36 V · 56 A. 6 AWG: 13.3018 mm², 1.3751 mΩ/m; 4 AWG: 21.1506 mm², 0.86479 mΩ/m (ASTM B258, formula at 25 °C).
     */
    public function test_a_series_bank_with_a_motor(): void
    {
        $spice = Ngspice::operatingPoint([
            'V1 a 0 12.7', 'R1 a b1 0.004', 'RJ1 b1 c 0.81253m',
            'V2 d c 12.7', 'R2 d b2 0.004', 'RJ2 b2 g 0.81253m',
            'V3 h g 12.7', 'R3 h b3 0.004', 'RB b3 k 0.001',
            'RP k pin 5.50226m', 'RM 0 pinm 5.50226m', 'BL pin pinm I = 2016 / max(V(pin,pinm), 18)',
        ]);
        $evaluation = Plans::evaluate(Plans::series(3, ['rested_v' => 12.7]));
        $loaded = $evaluation->states->in(State::Loaded);

        self::assertEqualsWithDelta($spice['pin'] - $spice['pinm'], $loaded?->between('m1+', 'm1-'), 0.001);
        self::assertEqualsWithDelta($spice['b2'], $loaded?->between('b2+', 'b1-'), 0.001);
    }

    /** Two blocks in parallel, taken off at the same end: the near one gives more, and both together give it all. */
    public function test_parallel_blocks_share_as_ngspice_says(): void
    {
        $document = self::parallel();
        $evaluation = Plans::evaluate($document);
        $spice = Ngspice::operatingPoint([
            'V1 a 0 12.7', 'R1 a p1 0.004', 'V2 c n2 12.7', 'R2 c p2 0.004', 'RJP p1 p2 0.81253m', 'RJM 0 n2 0.81253m',
            'RF p1 f 0.004', 'RP f pin 10.8295m', 'RM 0 pinm 10.8295m', 'BL pin pinm I = 96 / max(V(pin,pinm), 6)',
        ]);
        $shares = $evaluation->banks[0]->shares ?? [];

        self::assertEqualsWithDelta(($spice['a'] - $spice['p1']) / 0.004, $shares['b1'], 0.001 * $shares['b1']);
        self::assertEqualsWithDelta(($spice['c'] - $spice['p2']) / 0.004, $shares['b2'], 0.001 * $shares['b2']);
        self::assertGreaterThan($shares['b2'], $shares['b1']);
    }

    public function test_a_shunt_lies_in_every_loads_minus(): void
    {
        $with = self::loadedVolts(Plans::pump(['bank:house' => ['shunt' => (object) ['mohm' => 10]]]));
        $without = self::loadedVolts(Plans::pump());

        self::assertEqualsWithDelta(0.01 * 8, $without - $with, 0.005);
    }

    public function test_an_open_jumper_leaves_the_plug_without_volts(): void
    {
        $document = Plans::changed(Plans::series(3, ['rested_v' => 12.7]), ['bank:thrust' => ['jumpers' => [
            (object) ['id' => 'j1', 'from' => 'b1+', 'to' => 'b2-'],
        ]]]);
        $evaluation = Plans::evaluate($document);

        self::assertNull($evaluation->devices[0]->rest);
        self::assertEqualsWithDelta(25.4, $evaluation->states->in(State::Rest)?->between('b2+', 'b1-'), 1e-9);
    }

    public function test_a_bank_that_cannot_give_what_is_asked_reports_no_loaded_volts(): void
    {
        $evaluation = Plans::evaluate(Plans::pump([
            'battery:b1' => ['internal_mohm' => 500], 'device:d1' => ['typical_a' => 40, 'peak_a' => 40],
        ]));

        self::assertNull($evaluation->devices[0]->loaded);
        self::assertEqualsWithDelta(12.7, $evaluation->devices[0]->rest, 1e-6);
        self::assertNull($evaluation->banks[0]->shares);
    }

    private static function loadedVolts(PlanDocument $document): float
    {
        return Plans::evaluate($document)->devices[0]->loaded ?? NAN;
    }

    private static function parallel(): PlanDocument
    {
        $plan = json_decode(Plans::PUMP, true, 32, JSON_THROW_ON_ERROR);
        self::assertIsArray($plan);
        $plan['batteries'][] = ['id' => 'b2'] + $plan['batteries'][0];
        $plan['banks'][0]['strings'] = [['b1'], ['b2']];

        return PlanDocument::fromJson(json_encode($plan, JSON_THROW_ON_ERROR));
    }
}
