<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

/**
 * The order in which a sparse symmetric matrix is eliminated, and where its numbers go: minimum degree (Tinney and Walker
 * 1967), since a boat's wiring is nearly a tree and then there is nearly no fill. Made once for a pattern; factors are then
 * made from it for any values.
 */
final readonly class Elimination
{
    /**
     * @param  list<int>  $position  by row: its place in the order
     * @param  list<int>  $start  by place: where its column of L begins; one more at the end
     * @param  list<int>  $below  places of the rows in the columns of L, one column after the other, each ascending
     * @param  list<int>  $targets  for each pair within a column, in order: the entry of L that it fills
     * @param  array<int, int>  $entries  by low · size + high of two places: the entry of L
     */
    private function __construct(
        private array $position,
        public array $start,
        public array $below,
        private array $targets,
        private array $entries,
        private int $size,
    ) {
    }

    /**
     * @param  list<array{int, int}>  $edges  the pairs of rows that may differ from zero
     * @param  array<int, true>  $last  rows to be eliminated after all others, so that solutions can be had for them alone
     */
    public static function of(int $size, array $edges, array $last = []): self
    {
        $neighbours = array_fill(0, $size, []);
        foreach ($edges as [$a, $b]) {
            if ($a !== $b) {
                $neighbours[$a][$b] = true;
                $neighbours[$b][$a] = true;
            }
        }
        $columns = self::columns($size, $neighbours, $last);
        $position = array_fill(0, $size, 0);
        foreach ($columns as $place => [$row]) {
            $position[$row] = $place;
        }
        $start = [0];
        $below = [];
        $entries = [];
        foreach ($columns as $place => [, $rows]) {
            $places = [];
            foreach ($rows as $row) {
                $places[] = $position[$row];
            }
            sort($places);
            foreach ($places as $under) {
                $entries[$place * $size + $under] = count($below);
                $below[] = $under;
            }
            $start[] = count($below);
        }
        $targets = [];
        for ($place = 0; $place < $size; $place++) {
            for ($i = $start[$place]; $i < $start[$place + 1]; $i++) {
                for ($j = $i + 1; $j < $start[$place + 1]; $j++) {
                    $targets[] = $entries[$below[$i] * $size + $below[$j]];
                }
            }
        }

        return new self(array_values($position), $start, $below, $targets, $entries, $size);
    }

    public function placeOf(int $row): int
    {
        return $this->position[$row];
    }

    /** The entry of L that two places, joined by an edge, meet in. */
    public function entryAt(int $a, int $b): int
    {
        return $this->entries[$a < $b ? $a * $this->size + $b : $b * $this->size + $a];
    }

    public function entryCount(): int
    {
        return count($this->below);
    }

    /**
     * L·D·Lᵀ of the matrix.
     *
     * @param  array<int, float>  $diagonal  by place
     * @param  array<int, float>  $values  by entry
     * @return Factors|null null: the matrix is not positive definite
     */
    public function factor(array $diagonal, array $values): ?Factors
    {
        $at = 0;
        $lower = [];
        for ($place = 0; $place < $this->size; $place++) {
            $pivot = $diagonal[$place];
            if (is_nan($pivot) || $pivot <= 0) {
                return null;
            }
            $end = $this->start[$place + 1];
            for ($i = $this->start[$place]; $i < $end; $i++) {
                $value = $values[$i];
                $factor = $value / $pivot;
                $diagonal[$this->below[$i]] -= $factor * $value;
                for ($j = $i + 1; $j < $end; $j++) {
                    $values[$this->targets[$at++]] -= $factor * $values[$j];
                }
                $lower[] = $factor;
            }
        }

        return new Factors($this, $diagonal, $lower, $this->size);
    }

    /**
     * Rows in the order of their elimination, each with its neighbours at that time.
     *
     * @param  array<int, array<int, true>>  $neighbours
     * @param  array<int, true>  $last
     * @return list<array{int, list<int>}>
     */
    private static function columns(int $size, array $neighbours, array $last): array
    {
        // Rows by degree; those to come last as if of more than any degree. A row whose degree changed stands in more than one.
        $buckets = [];
        $key = [];
        foreach ($neighbours as $row => $others) {
            $key[$row] = count($others) + (isset($last[$row]) ? $size : 0);
            $buckets[$key[$row]][] = $row;
        }
        $columns = [];
        for ($lowest = 0; count($columns) < $size;) {
            if (($buckets[$lowest] ?? []) === []) {
                $lowest++;

                continue;
            }
            $row = array_pop($buckets[$lowest]);
            if ($key[$row] !== $lowest) {
                continue;
            }
            $key[$row] = -1;
            $others = array_keys($neighbours[$row]);
            foreach ($others as $i => $a) {
                unset($neighbours[$a][$row]);
                for ($k = $i + 1; $k < count($others); $k++) {
                    $neighbours[$a][$others[$k]] = true;
                    $neighbours[$others[$k]][$a] = true;
                }
            }
            foreach ($others as $a) {
                $now = count($neighbours[$a]) + (isset($last[$a]) ? $size : 0);
                if ($now !== $key[$a]) {
                    $key[$a] = $now;
                    $buckets[$now][] = $a;
                    $lowest = min($lowest, $now);
                }
            }
            $columns[] = [$row, $others];
        }

        return $columns;
    }
}
