<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

/**
 * A matrix changed by a few conductances, solved with the factors it had before:
 * (A + U C Uᵀ)⁻¹ = A⁻¹ − W (I + C UᵀW)⁻¹ C Wᵀ with W = A⁻¹ U (Woodbury 1950); of one conductance, or two.
 */
final readonly class Update
{
    /**
     * @param  list<array<int, float>>  $responses  W, one column a change, by place
     * @param  list<list<float>>  $middle  (I + C UᵀW)⁻¹ C
     * @param  list<array{int, int}>  $ports  places of the nodes that each change stands between
     */
    private function __construct(
        private Factors $factors,
        private int $from,
        private array $responses,
        private array $middle,
        private array $ports,
    ) {
    }

    /**
     * @param  list<array{string, string, float}>  $changes  at most two
     * @return self|null null: the change makes the matrix singular
     */
    public static function of(Factors $factors, Topology $topology, array $changes, float $singular): ?self
    {
        $from = count($changes) > 1 ? 0 : $topology->hidden;
        $ports = [];
        $responses = [];
        $conductances = [];
        foreach ($changes as [$plus, $minus, $conductance]) {
            $port = [$topology->placeOf($plus), $topology->placeOf($minus)];
            $unit = array_fill(0, $topology->size, 0.0);
            foreach ([1.0, -1.0] as $side => $sign) {
                if ($port[$side] >= 0) {
                    $unit[$port[$side]] += $sign;
                }
            }
            $ports[] = $port;
            $responses[] = $factors->solve(
                $unit,
                $from,
                min(array_filter($port, static fn (int $place): bool => $place >= 0) ?: [0]),
            );
            $conductances[] = $conductance;
        }
        $seen = static fn (int $u, int $w): float => ($ports[$u][0] < 0 ? 0.0 : $responses[$w][$ports[$u][0]]) - ($ports[$u][1] < 0 ? 0.0 : $responses[$w][$ports[$u][1]]);
        if ($changes === []) {
            return new self($factors, $topology->hidden, [], [], []);
        }
        if (count($changes) === 1) {
            // Its own port may be hidden: the resistance seen there comes from the factors.
            $pivot = 1 + $conductances[0] * $factors->resistance(...$ports[0]);

            return abs($pivot) < $singular ? null : new self(
                $factors,
                $from,
                $responses,
                [[$conductances[0] / $pivot]],
                $ports,
            );
        }
        [$c, $d] = $conductances;
        [$m00, $m01, $m10, $m11] = [1 + $c * $seen(0, 0), $c * $seen(0, 1), $d * $seen(1, 0), 1 + $d * $seen(1, 1)];
        $determinant = $m00 * $m11 - $m01 * $m10;
        $scale = abs($m00 * $m11) + abs($m01 * $m10);

        return abs($determinant) <= $singular * max(1.0, $scale) ? null
            : new self($factors, $from, $responses, [
                [$m11 * $c / $determinant, -$m01 * $d / $determinant],
                [-$m10 * $c / $determinant, $m00 * $d / $determinant],
            ], $ports);
    }

    /**
     * What becomes of a solution of the unchanged matrix.
     *
     * @param  array<int, float>  $solution  by place, of all places
     * @return array<int, float> by place, of observed places
     */
    public function applyTo(array $solution): array
    {
        $products = [];
        foreach ($this->ports as [$a, $b]) {
            $products[] = ($a < 0 ? 0.0 : $solution[$a]) - ($b < 0 ? 0.0 : $solution[$b]);
        }

        return $this->correct($solution, $products);
    }

    /**
     * @param  array<int, float>  $right  by place; zero at places that are not observed
     * @return array<int, float> by place, of observed places
     */
    public function solve(array $right): array
    {
        $solved = $this->factors->solve($right, $this->from, $this->from);
        $products = [];
        foreach ($this->responses as $response) {
            $product = 0.0;
            for ($place = $this->from, $size = count($right); $place < $size; $place++) {
                $product += $response[$place] * $right[$place];
            }
            $products[] = $product;
        }

        return $this->correct($solved, $products);
    }

    /**
     * @param  array<int, float>  $solved
     * @param  list<float>  $products  Uᵀ of it
     * @return array<int, float>
     */
    private function correct(array $solved, array $products): array
    {
        foreach ($this->responses as $i => $response) {
            $share = 0.0;
            foreach ($products as $j => $product) {
                $share += $this->middle[$i][$j] * $product;
            }
            if ($share !== 0.0) {
                for ($place = $this->from, $size = count($solved); $place < $size; $place++) {
                    $solved[$place] -= $share * $response[$place];
                }
            }
        }

        return $solved;
    }
}
