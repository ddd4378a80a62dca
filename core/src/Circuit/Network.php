<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

use Dinghy\Plan\LoadKind;

/**
 * A DC network by nodal analysis: batteries as Norton sources, wires and joints as conductances. Each part of it that hangs
 * together has a reference node of its own; volts are read between nodes of one part.
 */
final class Network
{
    /** Elements of less are counted as this: nothing that carries current has no resistance. */
    private const LEAST_OHMS = 1e-6;

    private const ROUNDS = 200;

    private const CONVERGED_VOLTS = 1e-10;

    /** @var array<string, int> */
    private array $index = [];

    /** @var array<int, int> the part that each node belongs to, named by its reference node */
    private array $part = [];

    private ?Factors $unloaded = null;

    /**
     * @param  list<Source>  $sources
     * @param  list<Resistor>  $resistors
     * @param  list<Load>  $loads
     */
    public function __construct(
        private readonly array $sources,
        private readonly array $resistors,
        private readonly array $loads,
    ) {
        foreach ([...$sources, ...$loads] as $element) {
            $this->node($element->plus);
            $this->node($element->minus);
        }
        foreach ($resistors as $element) {
            $this->node($element->from);
            $this->node($element->to);
        }
        $this->findParts();
    }

    /**
     * Volts with the loads drawing.
     *
     * @return Solution|null null when no operating point exists: the loads ask for more than the batteries can give
     */
    public function loaded(): ?Solution
    {
        $resistive = array_values(array_filter($this->loads, static fn (Load $load): bool => $load->kind === LoadKind::Resistance && $load->amps > 0));
        $others = array_values(array_filter($this->loads, static fn (Load $load): bool => $load->kind !== LoadKind::Resistance && $load->amps > 0));
        $factors = $resistive === [] ? $this->unloadedFactors() : $this->factors($resistive);
        $fixed = $this->sourceCurrents();
        $volts = $factors->solve($fixed);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $right = $fixed;
            foreach ($others as $load) {
                [$plus, $minus] = [$this->index[$load->plus], $this->index[$load->minus]];
                $across = $volts[$plus] - $volts[$minus];
                if ($across <= 0) {
                    if ($round === 0) {
                        continue; // not fed at all: it draws nothing
                    }

                    return null;
                }
                $amps = $load->ampsAt($across);
                $right[$plus] -= $amps;
                $right[$minus] += $amps;
            }
            $next = $factors->solve($this->grounded($right));
            $change = 0.0;
            foreach ($next as $node => $v) {
                $change = max($change, abs($v - $volts[$node]));
            }
            $volts = $next;
            if ($change < self::CONVERGED_VOLTS) {
                return $this->solution($volts);
            }
        }

        return null;
    }

    /** Volts with nothing drawn. */
    public function atRest(): Solution
    {
        return $this->solution($this->unloadedFactors()->solve($this->sourceCurrents()));
    }

    /** @return float A through a dead short between two nodes with nothing else drawn; 0 where no current can flow */
    public function shortCircuitAmps(string $plus, string $minus): float
    {
        [$a, $b] = [$this->index[$plus] ?? null, $this->index[$minus] ?? null];
        if ($a === null || $b === null || $this->part[$a] !== $this->part[$b]) {
            return 0.0;
        }
        $unit = array_fill(0, count($this->index), 0.0);
        $unit[$a] += 1.0;
        $unit[$b] -= 1.0;
        $response = $this->unloadedFactors()->solve($this->grounded($unit));
        $ohms = $response[$a] - $response[$b];

        return $ohms > 0 ? ($this->atRest()->between($plus, $minus) ?? 0.0) / $ohms : 0.0;
    }

    private function node(string $name): void
    {
        $this->index[$name] ??= count($this->index);
    }

    private function findParts(): void
    {
        $neighbours = [];
        foreach ($this->resistors as $resistor) {
            $neighbours[$this->index[$resistor->from]][] = $this->index[$resistor->to];
            $neighbours[$this->index[$resistor->to]][] = $this->index[$resistor->from];
        }
        foreach ($this->sources as $source) {
            $neighbours[$this->index[$source->plus]][] = $this->index[$source->minus];
            $neighbours[$this->index[$source->minus]][] = $this->index[$source->plus];
        }
        // A battery's negative is the natural reference: it is where the black probe goes.
        $starts = [...array_map(fn (Source $source): int => $this->index[$source->minus], $this->sources), ...array_values($this->index)];
        foreach ($starts as $start) {
            if (isset($this->part[$start])) {
                continue;
            }
            $this->part[$start] = $start;
            $open = [$start];
            while ($open !== []) {
                $node = array_pop($open);
                foreach ($neighbours[$node] ?? [] as $next) {
                    if (! isset($this->part[$next])) {
                        $this->part[$next] = $start;
                        $open[] = $next;
                    }
                }
            }
        }
    }

    private function unloadedFactors(): Factors
    {
        return $this->unloaded ??= $this->factors([]);
    }

    /** @param  list<Load>  $resistive */
    private function factors(array $resistive): Factors
    {
        $diagonal = array_fill(0, count($this->index), 0.0);
        $off = [];
        $add = function (int $from, int $to, float $conductance) use (&$diagonal, &$off): void {
            if ($from === $to) {
                return;
            }
            $fromGround = $this->part[$from] === $from;
            $toGround = $this->part[$to] === $to;
            $diagonal[$from] += $fromGround ? 0.0 : $conductance;
            $diagonal[$to] += $toGround ? 0.0 : $conductance;
            if (! $fromGround && ! $toGround) {
                $off[$from][$to] = ($off[$from][$to] ?? 0.0) - $conductance;
                $off[$to][$from] = ($off[$to][$from] ?? 0.0) - $conductance;
            }
        };
        foreach ($this->resistors as $resistor) {
            $add($this->index[$resistor->from], $this->index[$resistor->to], 1 / max(self::LEAST_OHMS, $resistor->ohms));
        }
        foreach ($this->sources as $source) {
            $add($this->index[$source->plus], $this->index[$source->minus], 1 / max(self::LEAST_OHMS, $source->ohms));
        }
        foreach ($resistive as $load) {
            $add($this->index[$load->plus], $this->index[$load->minus], 1 / max(self::LEAST_OHMS, $load->ohms()));
        }
        foreach ($this->part as $node => $ground) {
            if ($node === $ground) {
                $diagonal[$node] = 1.0; // its row says: this node stands at 0 V
            }
        }

        return Factors::of($diagonal, $off);
    }

    /** @return array<int, float> */
    private function sourceCurrents(): array
    {
        $right = array_fill(0, count($this->index), 0.0);
        foreach ($this->sources as $source) {
            $amps = $source->volts / max(self::LEAST_OHMS, $source->ohms);
            $right[$this->index[$source->plus]] += $amps;
            $right[$this->index[$source->minus]] -= $amps;
        }

        return $this->grounded($right);
    }

    /**
     * @param  array<int, float>  $right
     * @return array<int, float>
     */
    private function grounded(array $right): array
    {
        foreach ($this->part as $node => $ground) {
            if ($node === $ground) {
                $right[$node] = 0.0;
            }
        }

        return $right;
    }

    /** @param  array<int, float>  $volts */
    private function solution(array $volts): Solution
    {
        $byName = [];
        $partByName = [];
        foreach ($this->index as $name => $node) {
            $byName[$name] = $volts[$node];
            $partByName[$name] = $this->part[$node];
        }

        return new Solution($byName, $partByName, $this->sources);
    }
}
