<?php

declare(strict_types=1);

namespace Dinghy\Tests\Conductor;

use Dinghy\Conductor\Ampacity;
use Dinghy\Conductor\BandChart;
use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Metal;
use Dinghy\Conductor\Resistance;
use Dinghy\Conductor\SizingDrop;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SizingTest extends TestCase
{
    /** ABYC E-11's CM = K·I·L/E, from memory, worked by hand: 10.75 · 20 A · 40 ft / 26 240 cmil (6 AWG) = 0.3277 V. */
    public function test_the_sizing_formula_worked_by_hand(): void
    {
        $volts = SizingDrop::volts(Gauge::of('6 AWG'), Metal::TinnedCopper, 20, 20 * 0.3048, 25);

        self::assertEqualsWithDelta(0.3277, $volts, 0.0005);
    }

    /** The formula's K of 10.75 and the physics of copper at 25 °C agree within 0.4 % (plain copper). */
    public function test_sizing_and_physics_agree(): void
    {
        foreach (['16 AWG', '8 AWG', '2/0 AWG'] as $name) {
            $gauge = Gauge::of($name);
            $physics = 2 * Resistance::perMetre($gauge, Metal::Copper, 25);
            self::assertEqualsWithDelta(1.0, SizingDrop::volts($gauge, Metal::Copper, 1, 1, 25) / $physics, 0.005);
        }
    }

    public function test_drop_is_linear(): void
    {
        $gauge = Gauge::of('10 AWG');
        $once = SizingDrop::volts($gauge, Metal::Copper, 7, 4, 25);
        self::assertEqualsWithDelta(6 * $once, SizingDrop::volts($gauge, Metal::Copper, 14, 12, 25), 1e-12);
    }

    /** The three examples that riggers know the band chart by: common practice, no source. */
    #[DataProvider('bandChart')]
    public function test_the_band_chart(float $amps, float $feet, ?string $gauge): void
    {
        self::assertSame($gauge, BandChart::gauge($amps, $feet * 0.3048)?->name);
    }

    /** @return list<array{float, float, string|null}> */
    public static function bandChart(): array
    {
        return [[30, 18, '8 AWG'], [50, 21, '4 AWG'], [10, 21, '10 AWG'], [160, 10, null], [10, 28, null]];
    }

    public function test_ampacity_factors(): void
    {
        $of = static fn (string $gauge, int $insulation = 105, bool $engine = false, int $bundled = 2, float $ambient = 30): ?float => Ampacity::of(Gauge::of($gauge), Metal::TinnedCopper, $insulation, $ambient, $engine, $bundled);

        // An engine space is 50 °C to the same factor, never to two: √((105 − 50)/(105 − 30)), rounded in ABYC E-11 to 0.85.
        self::assertEqualsWithDelta(0.85 * (float) $of('6 AWG'), (float) $of('6 AWG', engine: true), 0.01 * (float) $of('6 AWG'));
        self::assertSame($of('6 AWG', ambient: 50), $of('6 AWG', ambient: 40, engine: true));
        self::assertSame($of('6 AWG', ambient: 55), $of('6 AWG', ambient: 55, engine: true));
        // The others as ABYC E-11 prints them, from memory.
        foreach ([60 => 0.58, 75 => 0.75, 80 => 0.78, 90 => 0.82, 125 => 0.89] as $insulation => $factor) {
            self::assertEqualsWithDelta($factor, $of('6 AWG', $insulation, true) / $of('6 AWG', $insulation), 0.01, "{$insulation} °C");
        }
        self::assertEqualsWithDelta(0.70 * (float) $of('6 AWG'), (float) $of('6 AWG', bundled: 3), 1e-9);
        self::assertEqualsWithDelta(0.60 * (float) $of('6 AWG'), (float) $of('6 AWG', bundled: 6), 1e-9);
        self::assertEqualsWithDelta(0.50 * (float) $of('6 AWG'), (float) $of('6 AWG', bundled: 7), 1e-9);
        self::assertEqualsWithDelta(0.40 * (float) $of('6 AWG'), (float) $of('6 AWG', bundled: 25), 1e-9);
        // NEC 310.15(B), from memory: √((105 − 50)/(105 − 30)) = 0.8563
        self::assertEqualsWithDelta(0.8563 * (float) $of('6 AWG'), (float) $of('6 AWG', ambient: 50), 0.01);
        self::assertNull($of('22 AWG'));
        // A rating between two columns has the lower one's figures.
        self::assertSame($of('16 mm2', 70), $of('16 mm2', 80));
    }

    public function test_ampacity_grows_with_every_gauge_and_insulation(): void
    {
        foreach ([false, true] as $metric) {
            $before = 0.0;
            foreach (Gauge::names() as $name) {
                $gauge = Gauge::of($name);
                $ampacity = $gauge->metric === $metric ? Ampacity::of($gauge, Metal::Copper, 105, 30, false, 1) : null;
                if ($ampacity !== null) {
                    self::assertGreaterThan($before, $ampacity, $name);
                    self::assertGreaterThanOrEqual(Ampacity::of($gauge, Metal::Copper, 60, 30, false, 1), $ampacity);
                    $before = $ampacity;
                }
            }
        }
    }

    public function test_aluminium_carries_less(): void
    {
        $gauge = Gauge::of('4 AWG');
        self::assertLessThan(
            Ampacity::of($gauge, Metal::Copper, 105, 30, false, 2),
            Ampacity::of($gauge, Metal::Aluminium, 105, 30, false, 2),
        );
    }
}
