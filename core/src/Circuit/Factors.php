<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

/**
 * L·D·Lᵀ factors of a sparse symmetric positive definite matrix, eliminated in order of minimum degree: a boat's wiring
 * is nearly a tree, and then there is nearly no fill.
 */
final readonly class Factors
{
    /**
     * @param  list<array{int, float, list<int>, list<float>}>  $columns  pivot, D, rows of L below it, their values
     */
    private function __construct(private array $columns, private int $size)
    {
    }

    /**
     * @param  array<int, float>  $diagonal
     * @param  array<int, array<int, float>>  $offDiagonal  both halves
     */
    public static function of(array $diagonal, array $offDiagonal): self
    {
        $size = count($diagonal);
        $queue = new \SplPriorityQueue;
        foreach ($diagonal as $node => $_) {
            $queue->insert($node, -count($offDiagonal[$node] ?? []));
        }
        $columns = [];
        $done = [];
        while (count($columns) < $size) {
            /** @var int $pivot */
            $pivot = $queue->extract();
            if (isset($done[$pivot])) {
                continue; // an older entry: the node came up again when its degree fell
            }
            $done[$pivot] = true;
            $row = $offDiagonal[$pivot] ?? [];
            $neighbours = array_keys($row);
            $d = $diagonal[$pivot];
            $l = [];
            foreach ($neighbours as $i => $node) {
                $factor = $row[$node] / $d;
                $l[] = $factor;
                $diagonal[$node] -= $factor * $row[$node];
                unset($offDiagonal[$node][$pivot]);
                for ($k = $i + 1; $k < count($neighbours); $k++) {
                    $other = $neighbours[$k];
                    $value = ($offDiagonal[$node][$other] ?? 0.0) - $factor * $row[$other];
                    $offDiagonal[$node][$other] = $value;
                    $offDiagonal[$other][$node] = $value;
                }
            }
            foreach ($neighbours as $node) {
                $queue->insert($node, -count($offDiagonal[$node]));
            }
            $columns[] = [$pivot, $d, $neighbours, $l];
        }

        return new self($columns, $size);
    }

    /**
     * @param  array<int, float>  $right  one value a row
     * @return array<int, float>
     */
    public function solve(array $right): array
    {
        foreach ($this->columns as [$pivot, , $rows, $values]) {
            $b = $right[$pivot];
            if ($b !== 0.0) {
                foreach ($rows as $i => $row) {
                    $right[$row] -= $values[$i] * $b;
                }
            }
        }
        for ($c = $this->size - 1; $c >= 0; $c--) {
            [$pivot, $d, $rows, $values] = $this->columns[$c];
            $x = $right[$pivot] / $d;
            foreach ($rows as $i => $row) {
                $x -= $values[$i] * $right[$row];
            }
            $right[$pivot] = $x;
        }

        return $right;
    }
}
