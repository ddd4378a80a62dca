<?php

declare(strict_types=1);

namespace Dinghy\Tests\Circuit;

use Dinghy\Circuit\Elimination;
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
            $edges = [];
            for ($i = 0; $i < 2 * $size; $i++) {
                [$a, $b] = [mt_rand(0, $size - 1), mt_rand(0, $size - 1)];
                if ($a === $b) {
                    continue;
                }
                $conductance = 10 ** (mt_rand(-20, 40) / 10);
                $edges[] = [$a, $b];
                $diagonal[$a] += $conductance;
                $diagonal[$b] += $conductance;
                $off[$a][$b] = ($off[$a][$b] ?? 0.0) - $conductance;
                $off[$b][$a] = $off[$a][$b];
            }
            $right = array_map(static fn (): float => mt_rand(-1000, 1000) / 100, $diagonal);
            $last = array_fill_keys(array_filter(range(0, $size - 1), static fn (): bool => mt_rand(0, 2) === 0), true);
            $elimination = Elimination::of($size, $edges, $last);
            $factors = self::factors($elimination, $size, $diagonal, $off);
            $x = self::solve($factors, $elimination, $right);
            [$p, $q] = [mt_rand(0, $size - 1), mt_rand(0, $size - 1)];
            if ($p !== $q) {
                $unit = self::solve($factors, $elimination, array_replace(array_fill(0, $size, 0.0), [$p => 1.0, $q => -1.0]));
                $seen = $factors->resistance($elimination->placeOf($p), $elimination->placeOf($q));
                self::assertEqualsWithDelta($unit[$p] - $unit[$q], $seen, 1e-9 * $seen, "case {$case}");
            }
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
        $edges = [];
        for ($i = 1; $i < $size; $i++) {
            $off[$i][$i - 1] = $off[$i - 1][$i] = -1.0;
            $edges[] = [$i, $i - 1];
        }
        $right = array_fill(0, $size, 0.0);
        $right[$size - 1] = 1.0; // 1 A in at the far end, through n + 1 ohms to ground
        $elimination = Elimination::of($size, $edges);
        $x = self::solve(self::factors($elimination, $size, $diagonal, $off), $elimination, $right);

        self::assertSame($size - 1, $elimination->entryCount());
        self::assertEqualsWithDelta(1.0, $x[0], 1e-9);
        self::assertEqualsWithDelta(1000.0, $x[$size - 1], 1e-6);
    }

    public function test_minimum_degree_finds_as_little_fill_as_any_order(): void
    {
        mt_srand(5);
        for ($case = 0; $case < 30; $case++) {
            // Trees with a closed loop, as a boat's wiring is: of all orders of seven nodes none has less fill.
            $edges = [];
            for ($i = 1; $i < 7; $i++) {
                $edges[] = [$i, mt_rand(0, $i - 1)];
            }
            $edges[] = [6, mt_rand(0, 2)];
            $least = INF;
            foreach (self::orders(range(0, 6)) as $order) {
                $least = min($least, self::entries($edges, $order));
            }
            self::assertSame($least, Elimination::of(7, $edges)->entryCount(), json_encode($edges, JSON_THROW_ON_ERROR));
        }
    }

    public function test_what_is_not_positive_definite_has_no_factors(): void
    {
        self::assertNull(Elimination::of(2, [[0, 1]])->factor([1.0, 1.0], [-2.0]));
    }

    /**
     * @param  array<int, float>  $diagonal  by row
     * @param  array<int, array<int, float>>  $off  by row and row
     */
    private static function factors(Elimination $elimination, int $size, array $diagonal, array $off): Factors
    {
        $byPlace = array_fill(0, $size, 0.0);
        $values = array_fill(0, $elimination->entryCount(), 0.0);
        foreach ($diagonal as $row => $value) {
            $byPlace[$elimination->placeOf($row)] = $value;
            foreach ($off[$row] ?? [] as $other => $conductance) {
                $values[$elimination->entryAt($elimination->placeOf($row), $elimination->placeOf($other))] = $conductance;
            }
        }

        return $elimination->factor($byPlace, $values) ?? throw new \LogicException('not positive definite');
    }

    /**
     * @param  array<int, float>  $right  by row
     * @return array<int, float> by row
     */
    private static function solve(Factors $factors, Elimination $elimination, array $right): array
    {
        $places = [];
        foreach ($right as $row => $value) {
            $places[$elimination->placeOf($row)] = $value;
        }
        ksort($places);
        $solved = $factors->solve($places);

        return array_map(static fn (int $row): float => $solved[$elimination->placeOf($row)], array_keys($right));
    }

    /**
     * @param  list<int>  $rows
     * @return iterable<list<int>>
     */
    private static function orders(array $rows): iterable
    {
        if (count($rows) <= 1) {
            yield $rows;
        }
        foreach (count($rows) > 1 ? $rows : [] as $i => $first) {
            $rest = $rows;
            unset($rest[$i]);
            foreach (self::orders(array_values($rest)) as $order) {
                yield [$first, ...$order];
            }
        }
    }

    /**
     * @param  list<array{int, int}>  $edges
     * @param  list<int>  $order
     */
    private static function entries(array $edges, array $order): int
    {
        $neighbours = array_fill(0, count($order), []);
        foreach ($edges as [$a, $b]) {
            $neighbours[$a][$b] = $neighbours[$b][$a] = true;
        }
        $entries = 0;
        foreach ($order as $row) {
            $entries += count($neighbours[$row]);
            foreach ($neighbours[$row] as $a => $_) {
                unset($neighbours[$a][$row]);
                $neighbours[$a] += array_diff_key($neighbours[$row], [$a => true]);
            }
        }

        return $entries;
    }
}
