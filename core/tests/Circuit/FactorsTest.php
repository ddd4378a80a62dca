<?php

declare(strict_types=1);

namespace Dinghy\Tests\Circuit;

use Dinghy\Circuit\Factors;
use PHPUnit\Framework\TestCase;

final class FactorsTest extends TestCase
{
    /** What is solved fulfils the equations it was made from: random sparse matrices of conductances. */
    public function test_the_solution_fulfils_its_equations(): void
    {
        mt_srand(41);
        for ($case = 0; $case < 40; $case++) {
            $size = mt_rand(1, 60);
            $diagonal = array_fill(0, $size, 1e-3);
            $off = [];
            for ($i = 0; $i < 2 * $size; $i++) {
                [$a, $b] = [mt_rand(0, $size - 1), mt_rand(0, $size - 1)];
                if ($a === $b) {
                    continue;
                }
                $conductance = 10 ** (mt_rand(-20, 40) / 10);
                $diagonal[$a] += $conductance;
                $diagonal[$b] += $conductance;
                $off[$a][$b] = ($off[$a][$b] ?? 0.0) - $conductance;
                $off[$b][$a] = $off[$a][$b];
            }
            $right = array_map(static fn (): float => mt_rand(-1000, 1000) / 100, $diagonal);
            $x = Factors::of($diagonal, $off)->solve($right);
            foreach ($diagonal as $row => $d) {
                $sum = $d * $x[$row];
                $scale = abs($sum) + abs($right[$row]);
                foreach ($off[$row] ?? [] as $column => $value) {
                    $sum += $value * $x[$column];
                    $scale += abs($value * $x[$column]);
                }
                self::assertEqualsWithDelta($right[$row], $sum, 1e-9 * $scale + 1e-9, "case {$case}, row {$row} of {$size}");
            }
        }
    }

    /** A chain has no fill: the elimination of a thousand nodes is a thousand short columns, solved exactly as a ladder. */
    public function test_a_long_chain(): void
    {
        $size = 1000;
        $diagonal = array_fill(0, $size, 2.0);
        $diagonal[$size - 1] = 1.0;
        $off = [];
        for ($i = 1; $i < $size; $i++) {
            $off[$i][$i - 1] = $off[$i - 1][$i] = -1.0;
        }
        $right = array_fill(0, $size, 0.0);
        $right[$size - 1] = 1.0; // 1 A in at the far end, through n + 1 ohms to ground
        $x = Factors::of($diagonal, $off)->solve($right);

        self::assertEqualsWithDelta(1.0, $x[0], 1e-9);
        self::assertEqualsWithDelta(1000.0, $x[$size - 1], 1e-6);
    }
}
