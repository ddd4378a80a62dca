<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

use Dinghy\Plan\LoadKind;

/**
 * A DC network by nodal analysis: batteries as Norton sources, wires and joints as conductances; loads of constant power,
 * chargers and converters by Newton's method. Volts are read between nodes that something other than a load joins.
 */
final class Network
{
    private const ROUNDS = 60;

    private const CONVERGED_VOLTS = 1e-10;

    /** The largest share of its volts that a load may lose in one step of the iteration. */
    private const LONGEST_STEP = 0.5;

    /** Rounds after which one charger at a time moves on along its curve: those that push each other to and fro come to rest so. */
    private const PATIENCE = 25;

    /** Share by which what a converter draws may still move. */
    private const CONVERGED_SHARE = 1e-12;

    private const BISECTIONS = 24;

    /** V; nothing is fed by less, and arithmetic noise is below it. */
    public const LEAST_FEEDING_VOLTS = 0.01;

    public readonly Topology $topology;

    /** @var array<int, float>|null conductances by place; with the matrix */
    private ?array $diagonal = null;

    /** @var array<int, float> by entry */
    private array $values = [];

    private ?Factors $factors = null;

    private ?Solution $rest = null;

    private ?Solution $resistive = null;

    private ?self $withResistances = null;

    /** @var list<Resistor> what lies beside the terminals of chargers and converters */
    private readonly array $leaks;

    /** @var list<Regulator>|null those whose input has volts */
    private ?array $working = null;

    /**
     * @param  list<Source>  $sources
     * @param  list<Resistor>  $resistors
     * @param  list<Load>  $loads
     * @param  Topology|null  $topology  of a network whose elements join the same nodes in the same order
     * @param  list<Regulator>  $regulators
     */
    public function __construct(
        public readonly array $sources,
        public readonly array $resistors,
        public readonly array $loads,
        ?Topology $topology = null,
        public readonly array $regulators = [],
    ) {
        $leaks = $inputs = [];
        foreach ($regulators as $regulator) {
            $leaks[] = new Resistor($regulator->name, $regulator->plus, $regulator->minus, 1 / Regulator::LEAK);
            $inputs[] = $regulator->input(0.0);
        }
        $this->leaks = $leaks;
        $this->topology = $topology ?? Topology::of($sources, [...$resistors, ...$leaks], [...$loads, ...array_values(array_filter($inputs))]);
    }

    /**
     * The same wires with other volts in the batteries, of the same resistance, and other loads between the same pins.
     *
     * @param  list<Source>  $sources
     * @param  list<Load>  $loads
     */
    public function inState(array $sources, array $loads): self
    {
        $other = new self($sources, $this->resistors, $loads, $this->topology, $this->regulators);
        $other->factors = $this->factors();
        [$other->diagonal, $other->values] = [$this->diagonal, $this->values];

        return $other;
    }

    /** Volts with nothing drawn but what converters draw for themselves. */
    public function atRest(): Solution
    {
        if ($this->rest === null) {
            $volts = $this->factors()->solve($this->sourceCurrents());
            // The iteration begins at what batteries alone hold.
            $this->rest = $this->solution($volts);
            $this->rest = $this->regulators === [] ? $this->rest : $this->solution($this->settle([]) ?? $volts);
        }

        return $this->rest;
    }

    /** Volts with the loads drawing, or why there are none. */
    public function loaded(): Solution|Overload
    {
        foreach ($this->loads as $load) {
            // One that stands between parts joins them: then it is a wire like any other.
            if ($load->kind === LoadKind::Resistance && $load->amps > 0 && ! $this->topology->joins($load->plus, $load->minus)) {
                return $this->withResistances()->loaded();
            }
        }
        $volts = $this->settle($this->fedLoads());

        return $volts === null ? $this->overload() : $this->solution($volts);
    }

    /**
     * The loads that draw: those between points that something joins and whose volts, before they draw, are not reversed; a
     * resistance draws either way.
     *
     * @return list<Load>
     */
    public function fedLoads(): array
    {
        $resistive = $this->joinedResistances();

        return [...$resistive, ...array_values(array_filter($this->loads, fn (Load $load): bool => $load->kind !== LoadKind::Resistance && $load->amps > 0
            && ($this->withResistancesOnly()->between($load->plus, $load->minus) ?? 0.0) > self::LEAST_FEEDING_VOLTS))];
    }

    /** @return list<Load> loads of constant resistance between points that something joins */
    private function joinedResistances(): array
    {
        return array_values(array_filter($this->loads, fn (Load $load): bool => $load->kind === LoadKind::Resistance && $load->amps > 0 && $this->topology->joins($load->plus, $load->minus)));
    }

    /** Volts with loads of constant resistance drawing and nothing else: what pulls another load's minus up leaves it unfed. */
    private function withResistancesOnly(): Solution
    {
        if ($this->resistive === null) {
            $loads = $this->joinedResistances();
            $volts = $loads === [] ? null : $this->settle($loads);
            $this->resistive = $volts === null ? $this->atRest() : $this->solution($volts);
        }

        return $this->resistive;
    }

    /** @return float|null Ω seen between two nodes with nothing drawn; null where nothing joins them */
    public function resistanceBetween(string $plus, string $minus): ?float
    {
        return $this->topology->joins($plus, $minus)
            ? $this->factors()->resistance($this->topology->placeOf($plus), $this->topology->placeOf($minus))
            : null;
    }

    /** How the volts change when one ampere more is drawn between two nodes, loads of constant power left aside. */
    public function perAmpDrawn(string $plus, string $minus): Solution
    {
        $right = array_fill(0, $this->topology->size, 0.0);
        $this->inject($right, $plus, $minus, -1.0);

        return $this->solution($this->factors()->solve($right));
    }

    /** @return float A through a dead short between two nodes with nothing else drawn; 0 where no current can flow */
    public function shortCircuitAmps(string $plus, string $minus): float
    {
        $ohms = $this->resistanceBetween($plus, $minus);

        return $ohms === null || $ohms <= 0 ? 0.0 : ($this->atRest()->between($plus, $minus) ?? 0.0) / $ohms;
    }

    /** The factors of the network with nothing drawn. */
    public function factors(): Factors
    {
        if ($this->factors === null) {
            $this->stamp();
            $this->factors = $this->topology->elimination->factor($this->diagonal ?? [], $this->values)
                ?? throw new \LogicException('A network of positive resistances was not positive definite.');
        }

        return $this->factors;
    }

    /**
     * The factors of the network with loads in it as conductances.
     *
     * @param  list<Load>  $loads
     * @param  list<float>  $slopes  S of each, as Load::slopeAt() gives them
     * @return Factors|null null: not positive definite, there is no working point
     */
    public function factorsWith(array $loads, array $slopes): ?Factors
    {
        $this->factors();
        $diagonal = $this->diagonal ?? [];
        $values = $this->values;
        foreach ($loads as $i => $load) {
            if ($slopes[$i] !== 0.0) {
                $this->add($diagonal, $values, $load->plus, $load->minus, $slopes[$i]);
            }
        }

        return $this->topology->elimination->factor($diagonal, $values);
    }

    /** @return array<int, float> A that the batteries drive into each node, by place */
    public function sourceCurrents(): array
    {
        $right = array_fill(0, $this->topology->size, 0.0);
        foreach ($this->sources as $source) {
            $this->inject($right, $source->plus, $source->minus, $source->volts / $source->ohms);
        }

        return $right;
    }

    /**
     * Adds a current into one node and out of another.
     *
     * @param  array<int, float>  $right  by place
     */
    public function inject(array &$right, string $into, string $outOf, float $amps): void
    {
        $a = $this->topology->placeOf($into);
        $b = $this->topology->placeOf($outOf);
        if ($a >= 0) {
            $right[$a] += $amps;
        }
        if ($b >= 0) {
            $right[$b] -= $amps;
        }
    }

    /** The same network with its loads of constant resistance as resistors: they join what they stand between. */
    public function withResistances(): self
    {
        if ($this->withResistances === null) {
            $resistors = $this->resistors;
            $others = [];
            foreach ($this->loads as $load) {
                if ($load->kind !== LoadKind::Resistance) {
                    $others[] = $load;
                } elseif ($load->amps > 0) {
                    $resistors[] = new Resistor($load->name, $load->plus, $load->minus, $load->ohms());
                }
            }
            $this->withResistances = count($others) === count($this->loads) ? $this : new self($this->sources, $resistors, $others, null, $this->regulators);
        }

        return $this->withResistances;
    }

    private function stamp(): void
    {
        $diagonal = array_fill(0, $this->topology->size, 0.0);
        $values = array_fill(0, $this->topology->elimination->entryCount(), 0.0);
        foreach ([...$this->resistors, ...$this->leaks] as $resistor) {
            $this->add($diagonal, $values, $resistor->from, $resistor->to, 1 / $resistor->ohms);
        }
        foreach ($this->sources as $source) {
            $this->add($diagonal, $values, $source->plus, $source->minus, 1 / $source->ohms);
        }
        [$this->diagonal, $this->values] = [$diagonal, $values];
    }

    /**
     * @param  array<int, float>  $diagonal
     * @param  array<int, float>  $values
     */
    private function add(array &$diagonal, array &$values, string $from, string $to, float $conductance): void
    {
        $topology = $this->topology;
        [$a, $b] = [$topology->index[$from], $topology->index[$to]];
        if ($a === $b) {
            return;
        }
        [$placeA, $placeB] = [$topology->place[$a], $topology->place[$b]];
        if ($placeA >= 0) {
            $diagonal[$placeA] += $conductance;
        }
        if ($placeB >= 0) {
            $diagonal[$placeB] += $conductance;
        }
        if ($placeA >= 0 && $placeB >= 0) {
            $values[$topology->elimination->entryAt($placeA, $placeB)] -= $conductance;
        }
    }

    /**
     * Volts by place with loads drawing. What a converter draws follows from what it gives, and hardly moves it in turn: a
     * few rounds settle both.
     *
     * @param  list<Load>  $loads
     * @return array<int, float>|null null: there is no working point
     */
    private function settle(array $loads): ?array
    {
        $this->working ??= array_values(array_filter($this->regulators, fn (Regulator $regulator): bool => $regulator->inputPlus === null || $regulator->inputMinus === null
            || ($this->atRest()->between($regulator->inputPlus, $regulator->inputMinus) ?? 0.0) > self::LEAST_FEEDING_VOLTS));
        $watts = array_fill(0, count($this->working), 0.0);
        for ($round = 0; ; $round++) {
            $inputs = [];
            foreach ($this->working as $i => $regulator) {
                array_push($inputs, ...array_filter([$regulator->input($watts[$i]), $regulator->standby()], static fn (?Load $load): bool => $load !== null && $load->amps > 0));
            }
            $volts = $this->iterate([...$loads, ...$inputs], $this->working);
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
     * @param  list<Regulator>  $regulators
     * @return array<int, float>|null volts by place; null: there is no working point
     */
    private function iterate(array $loads, array $regulators): ?array
    {
        $fixed = $this->sourceCurrents();
        $this->factors();
        $linear = $regulators === [] && array_filter($loads, static fn (Load $load): bool => $load->kind !== LoadKind::Resistance) === [];
        $across = $ports = [];
        foreach ($loads as $i => $load) {
            $across[$i] = ($this->resistive ?? $this->atRest())->between($load->plus, $load->minus) ?? 0.0;
            $ports[$i] = $this->port($load);
        }
        // Where they hold their volts loads of constant power cannot run away.
        $pieces = array_map(static fn (): int => Regulator::HOLDING, $regulators);
        $outputs = array_map($this->port(...), $regulators);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $right = $fixed;
            $diagonal = $this->diagonal ?? [];
            $values = $this->values;
            foreach ($loads as $i => $load) {
                // The tangent of the load's current at the volts so far: I ≈ slope · V + the rest.
                $slope = $load->slopeAt($across[$i]);
                $rest = $slope * $across[$i] - $load->ampsAt($across[$i]);
                [$a, $b, $entry] = $ports[$i];
                if ($a >= 0) {
                    $diagonal[$a] += $slope;
                    $right[$a] += $rest;
                }
                if ($b >= 0) {
                    $diagonal[$b] += $slope;
                    $right[$b] -= $rest;
                }
                if ($entry >= 0) {
                    $values[$entry] -= $slope;
                }
            }
            foreach ($regulators as $i => $regulator) {
                // Likewise, the piece of its curve; the leak beside it stands in the matrix already.
                [$rest, $slope] = $regulator->lineOf($pieces[$i]);
                $slope -= Regulator::LEAK;
                [$a, $b, $entry] = $outputs[$i];
                if ($a >= 0) {
                    $diagonal[$a] += $slope;
                    $right[$a] += $rest;
                }
                if ($b >= 0) {
                    $diagonal[$b] += $slope;
                    $right[$b] -= $rest;
                }
                if ($entry >= 0) {
                    $values[$entry] -= $slope;
                }
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
            foreach ($regulators as $i => $regulator) {
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

    /** @return array{int, int, int} the places of its two ends, and the entry of the matrix that they meet in; −1: none */
    private function port(Load|Regulator $load): array
    {
        [$a, $b] = [$this->topology->placeOf($load->plus), $this->topology->placeOf($load->minus)];

        return [$a, $b, $a >= 0 && $b >= 0 ? $this->topology->elimination->entryAt($a, $b) : -1];
    }

    /** @param  array<int, float>  $volts */
    private function across(array $volts, Load|Regulator $load): float
    {
        $a = $this->topology->placeOf($load->plus);
        $b = $this->topology->placeOf($load->minus);

        return ($a < 0 ? 0.0 : $volts[$a]) - ($b < 0 ? 0.0 : $volts[$b]);
    }

    private function overload(): Overload
    {
        $loads = $this->fedLoads();
        [$share, $volts] = $this->most(static fn (float $share): array => array_map(static fn (Load $load): Load => $load->scaled($share), $loads));
        $worst = 0;
        $least = INF;
        foreach ($loads as $i => $load) {
            $left = $this->across($volts, $load) / $load->nominalVolts;
            if ($left < $least) {
                [$least, $worst] = [$left, $i];
            }
        }
        [$of] = $this->most(static fn (float $share): array => [...array_slice($loads, 0, $worst), $loads[$worst]->scaled($share), ...array_slice($loads, $worst + 1)]);

        return new Overload($loads[$worst]->name, $loads[$worst]->amps, $of * $loads[$worst]->amps, $share, $this->elsewhere($loads, $loads[$worst]));
    }

    /**
     * Volts of the parts that nothing joins to a load that cannot be fed: a bank of its own goes on.
     *
     * @param  list<Load>  $loads
     */
    private function elsewhere(array $loads, Load $unfed): ?Solution
    {
        $part = fn (Load|Source $element): int => $this->topology->part[$this->topology->index[$element->plus]];
        $dark = $part($unfed);
        if (array_filter($this->sources, static fn (Source $source): bool => $part($source) !== $dark) === []) {
            return null;
        }
        $volts = $this->settle(array_values(array_filter($loads, static fn (Load $load): bool => $part($load) !== $dark)));

        return $volts === null ? null : new Solution($this->topology, $volts, $this->sources, null, [$dark]);
    }

    /**
     * The largest share of what is asked for that still has a working point.
     *
     * @param  \Closure(float): list<Load>  $asked
     * @return array{float, array<int, float>}
     */
    private function most(\Closure $asked): array
    {
        [$low, $high] = [0.0, 1.0];
        $best = $this->factors()->solve($this->sourceCurrents());
        for ($i = 0; $i < self::BISECTIONS; $i++) {
            $middle = ($low + $high) / 2;
            $volts = $this->settle($asked($middle));
            if ($volts === null) {
                $high = $middle;
            } else {
                [$low, $best] = [$middle, $volts];
            }
        }

        return [$low, $best];
    }

    /** @param  array<int, float>  $volts by place */
    private function solution(array $volts): Solution
    {
        return new Solution($this->topology, $volts, $this->sources);
    }
}
