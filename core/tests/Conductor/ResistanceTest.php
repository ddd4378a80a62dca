<?php

declare(strict_types=1);

namespace Dinghy\Tests\Conductor;

use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Metal;
use Dinghy\Conductor\Resistance;
use Dinghy\Conductor\UnknownGauge;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ResistanceTest extends TestCase
{
    /** NEC chapter 9 table 8, stranded uncoated copper at 75 °C, from memory: Ω per 1000 ft. */
    #[DataProvider('necTable8')]
    public function test_computed_resistance_meets_nec_table_8(string $gauge, float $ohmsPer1000Feet): void
    {
        $computed = Resistance::perMetre(Gauge::of($gauge), Metal::Copper, 75) * 304.8;

        self::assertEqualsWithDelta($ohmsPer1000Feet, $computed, 0.01 * $ohmsPer1000Feet);
    }

    /** @return list<array{string, float}> */
    public static function necTable8(): array
    {
        return [['12 AWG', 1.98], ['10 AWG', 1.24], ['8 AWG', 0.778], ['4 AWG', 0.308], ['2/0 AWG', 0.0967]];
    }

    /** IEC 60228 class 5 maxima at 20 °C, from memory: the formula stays below the maximum and within 14 % of it. */
    #[DataProvider('iecMaxima')]
    public function test_the_formula_stays_below_the_iec_maximum(string $gauge, float $ohmsPerKilometre): void
    {
        $computed = Resistance::byFormula(Gauge::of($gauge), Metal::Copper) * 1000;

        self::assertLessThanOrEqual($ohmsPerKilometre, $computed);
        self::assertGreaterThan(0.86 * $ohmsPerKilometre, $computed);
    }

    /** @return list<array{string, float}> */
    public static function iecMaxima(): array
    {
        return [['2.5 mm2', 7.98], ['6 mm2', 3.30], ['16 mm2', 1.21], ['35 mm2', 0.554]];
    }

    /** ASTM B258: nominal areas. */
    #[DataProvider('astmAreas')]
    public function test_awg_areas(string $gauge, float $mm2): void
    {
        self::assertEqualsWithDelta($mm2, Gauge::of($gauge)->areaMm2, 0.005 * $mm2);
    }

    /** @return list<array{string, float}> */
    public static function astmAreas(): array
    {
        return [['10 AWG', 5.26], ['6 AWG', 13.3], ['2 AWG', 33.6], ['2/0 AWG', 67.4]];
    }

    public function test_tinned_and_clad_conductors_resist_more_than_plain_copper(): void
    {
        foreach (['14 AWG', '6 AWG', '10 mm2'] as $name) {
            $ohms = static fn (Metal $metal): float => Resistance::perMetre(Gauge::of($name), $metal, 25);
            self::assertGreaterThan($ohms(Metal::Copper), $ohms(Metal::TinnedCopper));
            self::assertEqualsWithDelta(2.7 / 1.7241, $ohms(Metal::CopperCladAluminium) / $ohms(Metal::Copper), 1e-9);
            self::assertGreaterThan($ohms(Metal::CopperCladAluminium), $ohms(Metal::Aluminium));
        }
    }

    public function test_every_gauge_named_is_a_gauge_and_no_other_is(): void
    {
        foreach (Gauge::names() as $name) {
            self::assertSame($name, Gauge::of($name)->name);
        }
        foreach (['5 AWG', '6', '6 awg', '16 mm²', '17 mm2', '-1 AWG', '6 AWG x', ''] as $wrong) {
            try {
                Gauge::of($wrong);
                self::fail("\"{$wrong}\" passed as a gauge.");
            } catch (UnknownGauge $e) {
                self::assertStringContainsString('6 AWG', $e->getMessage());
            }
        }
    }
}
