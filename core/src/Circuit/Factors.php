<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

/** L·D·Lᵀ factors of a positive definite matrix; right sides and solutions are in the order of their elimination. */
final readonly class Factors
{
    /**
     * @param  array<int, float>  $pivots  D by place
     * @param  list<float>  $lower  L by entry
     */
    public function __construct(
        private Elimination $order,
        private array $pivots,
        private array $lower,
        private int $size,
    ) {
    }

    /**
     * @param  array<int, float>  $right  by place
     * @param  int  $from  the first place that a solution is wanted for; those before it keep values of no meaning
     * @param  int  $first  the first place whose right side is not zero
     * @return array<int, float>
     */
    public function solve(array $right, int $from = 0, int $first = 0): array
    {
        $start = $this->order->start;
        $below = $this->order->below;
        $lower = $this->lower;
        for ($place = $first; $place < $this->size; $place++) {
            $value = $right[$place];
            if ($value !== 0.0) {
                $end = $start[$place + 1];
                for ($i = $start[$place]; $i < $end; $i++) {
                    $right[$below[$i]] -= $lower[$i] * $value;
                }
            }
        }
        for ($place = $this->size - 1; $place >= $from; $place--) {
            $value = $right[$place] / $this->pivots[$place];
            $end = $start[$place + 1];
            for ($i = $start[$place]; $i < $end; $i++) {
                $value -= $lower[$i] * $right[$below[$i]];
            }
            $right[$place] = $value;
        }

        return $right;
    }

    /**
     * uᵀ A⁻¹ u for u = 1 at $a and −1 at $b: the resistance seen between two nodes. Only the columns on the two ways to the
     * root of the elimination are touched.
     *
     * @param  int  $a  place, or −1 for the reference
     * @param  int  $b  place, or −1 for the reference
     */
    public function resistance(int $a, int $b): float
    {
        $start = $this->order->start;
        $below = $this->order->below;
        $right = [];
        if ($a >= 0) {
            $right[$a] = 1.0;
        }
        if ($b >= 0) {
            $right[$b] = ($right[$b] ?? 0.0) - 1.0;
        }
        $sum = 0.0;
        [$a, $b] = [$a < 0 ? $this->size : $a, $b < 0 ? $this->size : $b];
        while (($place = $a < $b ? $a : $b) < $this->size) {
            $value = $right[$place];
            $sum += $value * $value / $this->pivots[$place];
            $first = $start[$place];
            $end = $start[$place + 1];
            for ($i = $first; $i < $end; $i++) {
                $right[$below[$i]] = ($right[$below[$i]] ?? 0.0) - $this->lower[$i] * $value;
            }
            // The lowest row below is the next on the way to the root, and every other row below lies on that way too.
            $next = $first < $end ? $below[$first] : $this->size;
            $a = $a === $place ? $next : $a;
            $b = $b === $place ? $next : $b;
        }

        return $sum;
    }
}
