<?php

declare(strict_types=1);

namespace Dinghy\Tests\Circuit;

use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\Area\StandardAreas;
use Dinghy\Circuit\State;
use Dinghy\File\PlanDocument;
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
            'V1 e 0 12.7', 'R1 e plus 0.015', 'RF plus f 0.004', 'RP f pin 10.8295m', 'RM 0 pinm 10.8295m',
            'BL pin pinm I = 96 / max(V(pin,pinm), 6)',
        ]);
        $loaded = Plans::evaluate(Plans::pump())->boat->states->in(State::Loaded);

        self::assertEqualsWithDelta($spice['pin'] - $spice['pinm'], $loaded?->between('d1+', 'd1-'), 0.001);
        self::assertEqualsWithDelta($spice['plus'], $loaded?->between('b1+', 'b1-'), 0.001);
    }

    /**
     * 36 V: three AGM blocks (4 mΩ), two jumpers of 0.3 m 6 AWG, 60 A breaker (1 mΩ), 5.9 m of tinned 4 AWG, a motor of
     * 36 V · 56 A that keeps its ohms, as motors do. 6 AWG: 13.3018 mm², 1.3751 mΩ/m; 4 AWG: 21.1506 mm², 0.86479 mΩ/m (ASTM B258, formula at 25 °C).
     */
    public function test_a_series_bank_with_a_motor(): void
    {
        $spice = Ngspice::operatingPoint([
            'V1 a 0 12.7', 'R1 a b1 0.004', 'RJ1 b1 c 0.81253m',
            'V2 d c 12.7', 'R2 d b2 0.004', 'RJ2 b2 g 0.81253m',
            'V3 h g 12.7', 'R3 h b3 0.004', 'RB b3 k 0.001',
            'RP k pin 5.50226m', 'RM 0 pinm 5.50226m', 'RL pin pinm 0.6428571429',
        ]);
        $evaluation = Plans::evaluate(Plans::series(3, ['rested_v' => 12.7]));
        $loaded = $evaluation->boat->states->in(State::Loaded);

        self::assertEqualsWithDelta($spice['pin'] - $spice['pinm'], $loaded?->between('m1+', 'm1-'), 0.001);
        self::assertEqualsWithDelta($spice['b2'], $loaded?->between('b2+', 'b1-'), 0.001);
    }

    /** Two blocks in parallel, taken off at the same end: the near one gives more, and both together give it all. */
    public function test_parallel_blocks_share_as_ngspice_says(): void
    {
        $document = self::parallel();
        $evaluation = Plans::evaluate($document);
        $spice = Ngspice::operatingPoint([
            'V1 a 0 12.7', 'R1 a p1 0.015', 'V2 c n2 12.7', 'R2 c p2 0.015', 'RJP p1 p2 0.81253m', 'RJM 0 n2 0.81253m',
            'RF p1 f 0.004', 'RP f pin 10.8295m', 'RM 0 pinm 10.8295m', 'BL pin pinm I = 96 / max(V(pin,pinm), 6)',
        ]);
        $shares = $evaluation->boat->figures(PowerFigures::class)->banks[0]->shares ?? [];

        self::assertEqualsWithDelta(($spice['a'] - $spice['p1']) / 0.015, $shares['b1'], 0.001 * $shares['b1']);
        self::assertEqualsWithDelta(($spice['c'] - $spice['p2']) / 0.015, $shares['b2'], 0.001 * $shares['b2']);
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

        self::assertNull($evaluation->boat->figures(PowerFigures::class)->devices[0]->rest);
        self::assertEqualsWithDelta(25.4, $evaluation->boat->states->in(State::Rest)?->between('b2+', 'b1-'), 1e-9);
    }

    public function test_a_bank_that_cannot_give_what_is_asked_reports_no_loaded_volts(): void
    {
        $evaluation = Plans::evaluate(Plans::pump([
            'battery:b1' => ['internal_mohm' => 500], 'device:d1' => ['typical_a' => 40, 'peak_a' => 40],
        ]));

        self::assertNull($evaluation->boat->figures(PowerFigures::class)->devices[0]->loaded);
        self::assertEqualsWithDelta(12.7, $evaluation->boat->figures(PowerFigures::class)->devices[0]->rest, 1e-6);
        self::assertNull($evaluation->boat->figures(PowerFigures::class)->banks[0]->shares);
    }

    /**
     * The skiff's electronics, whole: 12 V LiFePO4 of 50 Ah (14 mΩ), breaker 30 A (2 mΩ), 5 m of 6 AWG to the block, four
     * branches with blade fuses (0.06/rating Ω), rings of 0.2 mΩ at every wire's end, factory leads of plain copper with a
     * butt of 0.3 mΩ a side. Ω/m at 25 °C by the formula: tinned 6 AWG 1.3751 m, 10 AWG 3.4765 m, 12 AWG 5.5279 m,
     * 14 AWG 8.8759 m, 16 AWG 14.1134 m (tinned +3 % to 2.5 mm²); plain 14 AWG 8.6174 m, 16 AWG 13.7023 m, 18 AWG 21.7877 m.
     */
    public function test_a_fuse_block_with_its_branches_and_leads(): void
    {
        $branch = static fn (string $d, float $fuse, float $wire, float $lead, float $watts, float $extra = 0): array => [
            sprintf('RF%s bp f%s %.9g', $d, $d, $fuse + $extra), sprintf('RP%s f%s l%s %.9g', $d, $d, $d, $wire), sprintf('RL%s l%s p%s %.9g', $d, $d, $d, $lead),
            sprintf('RM%s bm k%s %.9g', $d, $d, $wire), sprintf('RN%s k%s m%s %.9g', $d, $d, $d, $lead),
            sprintf('B%s p%s m%s I = %.9g / max(V(p%s,m%s), 6)', $d, $d, $d, $watts, $d, $d),
        ];
        $spice = Ngspice::operatingPoint([
            'V1 e 0 13.3', 'R1 e plus 0.014', 'RB plus b 0.002', 'RP b bp 7.2755m', 'RM 0 bm 7.2755m',
            ...$branch('1', 0.012, 1.5 * 5.5279e-3 + 0.4e-3, 1.8 * 13.7023e-3 + 0.3e-3, 12 * 2.1),
            ...$branch('2', 0.012, 3.9 * 14.1134e-3 + 0.4e-3, 1.8 * 13.7023e-3 + 0.3e-3, 12 * 1.6, 0.062),
            ...$branch('3', 0.008, 1.5 * 3.4765e-3 + 0.4e-3, 1.8 * 8.6174e-3 + 0.3e-3, 12 * 4.8),
            ...$branch('4', 0.020, 0.6 * 8.8759e-3 + 0.4e-3, 1.0 * 21.7877e-3 + 0.3e-3, 12 * 0.4),
        ]);
        $loaded = array_map(static fn ($volts): ?float => $volts->loaded, Plans::evaluate(Plans::skiff())->boat->figures(PowerFigures::class)->devices);

        foreach ([1, 2, 3, 4] as $device) {
            self::assertEqualsWithDelta($spice["p{$device}"] - $spice["m{$device}"], $loaded[$device], 0.001, "device {$device}");
        }
    }

    /** A short at the far end of the pump's wire, by hand: full AGM 12.85 V over 15 + 4 mΩ and 6 m of cold tinned 10 AWG. */
    public function test_the_current_of_a_short_at_the_far_end(): void
    {
        $coldWire = 3 * 1.7241e-8 * 1.02 * 1.02 / 5.2612e-6 + 0.0004;
        $expected = 12.85 / (0.015 + 0.004 + 2 * $coldWire);
        $evaluation = Plans::evaluate(Plans::pump());

        self::assertEqualsWithDelta($expected, $evaluation->boat->states->shortAtFarEnd($evaluation->boat->runs['f1']), 0.001 * $expected);
        self::assertEqualsWithDelta(12.85 / 0.015, $evaluation->boat->figures(PowerFigures::class)->banks[0]->shortCircuitAmps, 0.5);
    }

    /** A reversed battery is an ordinary input: its volts count against the others. */
    public function test_a_reversed_battery_takes_its_volts_away(): void
    {
        $document = Plans::changed(Plans::series(3, ['rested_v' => 12.7]), ['bank:thrust' => ['jumpers' => [
            (object) ['id' => 'j1', 'from' => 'b1+', 'to' => 'b2+'], (object) ['id' => 'j2', 'from' => 'b2-', 'to' => 'b3-'],
        ]]]);

        self::assertEqualsWithDelta(12.7, Plans::evaluate($document)->boat->states->in(State::Rest)?->between('b3+', 'b1-'), 1e-6);
    }

    /** A tap feeds from below it only: Battery 1 gives for both, the others for the motor alone. */
    public function test_a_tap_draws_on_battery_1_alone(): void
    {
        $plan = json_decode(Plans::series(3, ['rested_v' => 12.7])->toJson(), true, 32, JSON_THROW_ON_ERROR);
        self::assertIsArray($plan);
        $plan['feeds'][] = [
            'id' => 'lift', 'class' => 'general', 'from' => ['bank' => 'thrust', 'plus' => 'tap:1'],
            'protection' => [['family' => 'blade', 'rating_a' => 10, 'from_source_m' => 0.1]], 'run' => ['length_m' => 5, 'gauge' => '12 AWG'], 'to' => ['device' => 'pin'],
        ];
        $plan['devices'][] = ['id' => 'pin', 'kind' => 'other', 'v_min' => 10, 'v_max' => 16, 'typical_a' => 4, 'peak_a' => 6, 'load' => 'current'];
        $evaluation = Plans::evaluate(StandardAreas::areas()->format->document(json_encode($plan, JSON_THROW_ON_ERROR)));
        $shares = $evaluation->boat->figures(PowerFigures::class)->banks[0]->shares ?? [];

        self::assertEqualsWithDelta(4.0, $shares['b1'] - $shares['b2'], 1e-6);
        self::assertEqualsWithDelta($shares['b3'], $shares['b2'], 1e-6);
        self::assertEqualsWithDelta(12.7, $evaluation->boat->figures(PowerFigures::class)->devices[1]->rest, 1e-6);
    }

    private static function loadedVolts(PlanDocument $document): float
    {
        return Plans::evaluate($document)->boat->figures(PowerFigures::class)->devices[0]->loaded ?? NAN;
    }

    private static function parallel(): PlanDocument
    {
        $plan = json_decode(Plans::PUMP, true, 32, JSON_THROW_ON_ERROR);
        self::assertIsArray($plan);
        $plan['batteries'][] = ['id' => 'b2'] + $plan['batteries'][0];
        $plan['banks'][0]['strings'] = [['b1'], ['b2']];

        return StandardAreas::areas()->format->document(json_encode($plan, JSON_THROW_ON_ERROR));
    }
}
