<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

use Dinghy\Plan\LoadKind;

/** Finds the volts at which a network with loads, chargers and converters comes to rest. */
final readonly class WorkingPoint
{
    private const ROUNDS = 60;

    private const CONVERGED_VOLTS = 1e-10;

    /** The largest share of its volts that a load may lose in one step of the iteration. */
    private const LONGEST_STEP = 0.5;

    /**
     * Rounds after which one charger at a time moves on along its curve: those that push each other to and fro come to
     * rest so.
     */
    private const PATIENCE = 25;

    /** Share by which what a converter draws may still move. */
    private const CONVERGED_SHARE = 1e-12;

    /**
     * @param  array<int, float>  $diagonal  by place, with nothing drawn
     * @param  array<int, float>  $values  by entry
     * @param  array<int, float>  $fixed  A that the batteries drive into each node, by place
     * @param  list<Regulator>  $working  those that have something to draw on
     */
    public function __construct(
        private Topology $topology,
        private array $diagonal,
        private array $values,
        private array $fixed,
        private array $working,
    ) {
    }

    /**
     * Volts by place with loads drawing. What a converter draws follows from what it gives, and hardly moves it in turn: a
     * few rounds settle both.
     *
     * @param  list<Load>  $loads
     * @param  Solution  $from  the volts that it begins at, before loads of constant power draw
     * @return array<int, float>|null null: there is no working point
     */
    public function of(array $loads, Solution $from): ?array
    {
        $watts = array_fill(0, count($this->working), 0.0);
        for ($round = 0; ; $round++) {
            $inputs = [];
            foreach ($this->working as $i => $regulator) {
                array_push(
                    $inputs,
                    ...array_filter(
                        [$regulator->input($watts[$i]), $regulator->standby()],
                        static fn (?Load $load): bool => $load !== null && $load->amps > 0,
                    ),
                );
            }
            $volts = $this->iterate([...$loads, ...$inputs], $from);
            if ($volts === null || $round === self::ROUNDS) {
                return $volts;
            }
            $moved = 0.0;
            foreach ($this->working as $i => $regulator) {
                $across = $this->across($volts, $regulator);
                $given = $regulator->inputPlus === null ? 0.0 : max(0.0, $across * $regulator->ampsAt($across));
                $moved = max($moved, abs($given - $watts[$i]) / max(1.0, $given));
                $watts[$i] = $given;
            }
            if ($moved < self::CONVERGED_SHARE) {
                return $volts;
            }
        }
    }

    /**
     * Newton's method from the volts at rest: from there it comes down upon the working point of constant-power loads, the
     * upper one of two; where there is none, the matrix stops being positive definite on the way.
     *
     * @param  list<Load>  $loads
     * @return array<int, float>|null volts by place; null: there is no working point
     */
    private function iterate(array $loads, Solution $from): ?array
    {
        $linear = $this->working === [] && array_filter(
            $loads,
            static fn (Load $load): bool => $load->kind !== LoadKind::Resistance,
        ) === [];
        $across = $ports = [];
        foreach ($loads as $i => $load) {
            $across[$i] = $from->between($load->plus, $load->minus) ?? 0.0;
            $ports[$i] = $this->port($load);
        }
        // Where they hold their volts loads of constant power cannot run away.
        $pieces = array_map(static fn (): int => Regulator::HOLDING, $this->working);
        $outputs = array_map($this->port(...), $this->working);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $right = $this->fixed;
            $diagonal = $this->diagonal;
            $values = $this->values;
            foreach ($loads as $i => $load) {
                // The tangent of the load's current at the volts so far: I ≈ slope · V + the rest.
                $slope = $load->slopeAt($across[$i]);
                $rest = $slope * $across[$i] - $load->ampsAt($across[$i]);
                self::stamp($diagonal, $values, $right, $ports[$i], $slope, $rest);
            }
            foreach ($this->working as $i => $regulator) {
                // Likewise, the piece of its curve; the leak beside it stands in the matrix already.
                [$rest, $slope] = $regulator->lineOf($pieces[$i]);
                self::stamp($diagonal, $values, $right, $outputs[$i], $slope - Regulator::LEAK, $rest);
            }
            $volts = $this->topology->elimination->factor($diagonal, $values)?->solve($right);
            if ($volts === null || $linear) {
                return $volts;
            }
            $next = [];
            $share = 1.0;
            foreach ($loads as $i => $load) {
                [$a, $b] = $ports[$i];
                $next[$i] = ($a < 0 ? 0.0 : $volts[$a]) - ($b < 0 ? 0.0 : $volts[$b]);
                $fall = $across[$i] - $next[$i];
                if ($load->kind !== LoadKind::Resistance && $fall > self::LONGEST_STEP * $across[$i]) {
                    $share = min($share, self::LONGEST_STEP * $across[$i] / $fall);
                }
            }
            $left = 0.0;
            foreach ($next as $i => $v) {
                $left = max($left, abs($v - $across[$i]));
                $across[$i] += $share * ($v - $across[$i]);
            }
            $moved = false;
            foreach ($this->working as $i => $regulator) {
                $next = $regulator->pieceAfter($pieces[$i], $this->across($volts, $regulator));
                if ($next !== $pieces[$i] && ($round < self::PATIENCE || ! $moved)) {
                    [$pieces[$i], $moved] = [$next, true];
                }
            }
            if (! $moved && $left < self::CONVERGED_VOLTS) {
                return $volts;
            }
        }

        return null;
    }

    /**
     * @return array{int, int, int} the places of its two ends, and the entry of the matrix that they meet in; −1: none
     */
    private function port(Load|Regulator $load): array
    {
        [$a, $b] = [$this->topology->placeOf($load->plus), $this->topology->placeOf($load->minus)];

        return [$a, $b, $a >= 0 && $b >= 0 ? $this->topology->elimination->entryAt($a, $b) : -1];
    }

    /**
     * Adds what flows between two places, A at no volts and S by which it falls, to a matrix and its right side.
     *
     * @param  array<int, float>  $diagonal
     * @param  array<int, float>  $values
     * @param  array<int, float>  $right
     * @param  array{int, int, int}  $port
     */
    private static function stamp(
        array &$diagonal,
        array &$values,
        array &$right,
        array $port,
        float $slope,
        float $amps,
    ): void {
        [$a, $b, $entry] = $port;
        if ($a >= 0) {
            $diagonal[$a] += $slope;
            $right[$a] += $amps;
        }
        if ($b >= 0) {
            $diagonal[$b] += $slope;
            $right[$b] -= $amps;
        }
        if ($entry >= 0) {
            $values[$entry] -= $slope;
        }
    }

    /** @param  array<int, float>  $volts */
    private function across(array $volts, Load|Regulator $element): float
    {
        [$a, $b] = [$this->topology->placeOf($element->plus), $this->topology->placeOf($element->minus)];

        return ($a < 0 ? 0.0 : $volts[$a]) - ($b < 0 ? 0.0 : $volts[$b]);
    }
}
