<?php

declare(strict_types=1);

namespace Dinghy\Tests\Conductor;

use Dinghy\Conductor\Ampacity;
use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Metal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The figures that keep a wire from burning, held to what the publications print for other conditions than the core's table. */
final class AmpacityTest extends TestCase
{
    private const AWG = ['18', '16', '14', '12', '10', '8', '6', '4', '3', '2', '1', '1/0', '2/0', '3/0', '4/0'];

    private const METRIC = ['0.75', '1', '1.5', '2.5', '4', '6', '10', '16', '25', '35', '50', '70', '95', '120'];

    /**
     * ABYC E-11, the table for conductors inside engine spaces, from memory: printed apart from the one outside, which the core
     * keeps. It rounds its factors, one for each insulation, to two digits and its amperes to one.
     *
     * @param  list<float>  $printed  A by size from 18 to 4/0 AWG
     */
    #[DataProvider('insideEngineSpaces')]
    public function test_inside_engine_spaces(int $insulation, float $factor, array $printed): void
    {
        foreach ($printed as $i => $amps) {
            $outside = Ampacity::of(Gauge::of(self::AWG[$i].' AWG'), Metal::Copper, $insulation, 30, false, 2);
            self::assertEqualsWithDelta($amps, round($factor * (float) $outside, 1, PHP_ROUND_HALF_UP), 0.051, self::AWG[$i]." AWG at {$insulation} °C");
        }
        // The core's own factor is not rounded.
        self::assertEqualsWithDelta($factor, Ampacity::ambientFactor($insulation, 50), 0.01);
    }

    /** @return array<string, array{int, float, list<float>}> */
    public static function insideEngineSpaces(): array
    {
        return [
            '60 °C' => [60, 0.58, [5.8, 8.7, 11.6, 14.5, 23.2, 31.9, 46.4, 60.9, 69.6, 81.2, 95.7, 113.1, 130.5, 150.8, 174.0]],
            '75 °C' => [75, 0.75, [7.5, 11.3, 15.0, 18.8, 30.0, 48.8, 71.3, 93.8, 108.8, 127.5, 146.3, 172.5, 198.8, 232.5, 270.0]],
            '80 °C' => [80, 0.78, [11.7, 15.6, 19.5, 27.3, 39.0, 54.6, 78.0, 101.4, 117.0, 136.5, 163.8, 191.1, 222.3, 257.4, 300.3]],
            '90 °C' => [90, 0.82, [16.4, 20.5, 24.6, 32.8, 45.1, 57.4, 82.0, 110.7, 127.1, 147.6, 172.2, 200.9, 233.7, 270.6, 315.7]],
            '105 °C' => [105, 0.85, [17.0, 21.3, 29.8, 38.3, 51.0, 68.0, 102.0, 136.0, 153.0, 178.5, 208.3, 242.3, 280.5, 327.3, 378.3]],
            '125 °C' => [125, 0.89, [22.3, 26.7, 35.6, 44.5, 62.3, 80.1, 111.3, 151.3, 173.6, 200.3, 235.9, 271.5, 316.0, 364.9, 422.8]],
        ];
    }

    /**
     * ISO 13297 table A.1 grouped by IEC 60364-5-52, both from memory: three together carry 0.70 of one, four 0.60, seven 0.50.
     * Worked by hand: the thinnest, the thickest and the size of a motor's feed in every column; all sizes at 105 °C.
     */
    public function test_metric_sizes_lying_together(): void
    {
        $of = static fn (string $size, int $insulation, int $together): ?float => Ampacity::of(Gauge::of("{$size} mm2"), Metal::Copper, $insulation, 30, false, $together);
        foreach ([60 => [4.2, 28.0, 133.0], 70 => [7.0, 45.5, 252.0], 85 => [8.4, 49.0, 280.0], 105 => [11.2, 63.0, 315.0], 125 => [14.0, 70.0, 336.0]] as $insulation => $amps) {
            foreach (['0.75', '10', '120'] as $i => $size) {
                self::assertEqualsWithDelta($amps[$i], $of($size, $insulation, 3), 1e-9, "{$size} mm² at {$insulation} °C");
            }
        }
        foreach ([9.6, 12.0, 15.0, 21.0, 27.0, 36.0, 54.0, 78.0, 102.0, 126.0, 162.0, 198.0, 234.0, 270.0] as $i => $amps) {
            self::assertEqualsWithDelta($amps, $of(self::METRIC[$i], 105, 4), 1e-9, self::METRIC[$i].' mm²');
        }
        $seven = [
            60 => [3.0, 4.0, 6.0, 8.5, 11.0, 14.5, 20.0, 27.0, 35.5, 43.5, 52.5, 67.5, 82.5, 95.0],
            70 => [5.0, 7.0, 9.0, 12.5, 17.5, 22.5, 32.5, 45.0, 60.0, 80.0, 105.0, 132.5, 155.0, 180.0],
            85 => [6.0, 9.0, 10.5, 15.0, 20.0, 25.0, 35.0, 50.0, 70.0, 92.5, 115.0, 142.5, 165.0, 200.0],
            125 => [10.0, 12.5, 15.0, 20.0, 25.0, 35.0, 50.0, 75.0, 92.5, 112.5, 150.0, 180.0, 205.0, 240.0],
        ];
        foreach ($seven as $insulation => $column) {
            foreach ($column as $i => $amps) {
                self::assertEqualsWithDelta($amps, $of(self::METRIC[$i], $insulation, 7), 1e-9, self::METRIC[$i]." mm² at {$insulation} °C");
            }
        }
    }

    /** A gauge between those of the publications, or thinner, has no figure; a rating between two columns has the lower one's. */
    public function test_between_and_beyond(): void
    {
        self::assertNull(Ampacity::of(Gauge::of('20 AWG'), Metal::Copper, 105, 30, false, 2));
        $at = static fn (string $gauge, int $insulation): ?float => Ampacity::of(Gauge::of($gauge), Metal::Copper, $insulation, 30, false, 2);
        self::assertSame($at('6 AWG', 60), $at('6 AWG', 70));
        self::assertSame($at('10 mm2', 85), $at('10 mm2', 90));
        self::assertSame($at('10 mm2', 70), $at('10 mm2', 80));
    }

    /** IEC 60364-5-52, from memory: where each factor of grouping begins and ends. */
    public function test_grouping_at_its_edges(): void
    {
        foreach ([1 => 1.0, 2 => 1.0, 3 => 0.7, 4 => 0.6, 6 => 0.6, 7 => 0.5, 24 => 0.5, 25 => 0.4, 80 => 0.4] as $together => $factor) {
            self::assertSame($factor, Ampacity::bundlingFactor($together), (string) $together);
        }
    }
}
