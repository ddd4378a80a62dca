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
    private const BISECTIONS = 24;

    /** V; nothing is fed by less, and arithmetic noise is below it. */
    public const LEAST_FEEDING_VOLTS = 0.01;

    /** Ω behind which nothing can be drawn: batteries that are open have more */
    private const DEAD = 1e6;

    public readonly Topology $topology;

    /** @var array<int, float>|null conductances by place; with the matrix */
    private ?array $diagonal = null;

    /** @var array<int, float> by entry */
    private array $values = [];

    private ?Factors $factors = null;

    private ?Solution $rest = null;

    private ?Solution $alone = null;

    private ?Solution $resistive = null;

    private ?self $withResistances = null;

    /** @var list<Resistor> what lies beside the terminals of chargers and converters */
    private readonly array $leaks;

    private ?WorkingPoint $workingPoint = null;

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
        $this->topology = $topology ?? Topology::of(
            $sources,
            [...$resistors, ...$leaks],
            [...$loads, ...array_values(array_filter($inputs))],
        );
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
            // The iteration begins at what batteries alone hold.
            $this->rest = $this->alone();
            $settled = $this->regulators === [] ? null : $this->settle([]);
            $this->rest = $settled === null ? $this->rest : $this->solution($settled);
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
     * Volts with the loads drawing, sought from those of a moment before, when the same loads were fed: a round or two find
     * them. Where they do not, as from rest.
     */
    public function loadedNear(Solution $before): Solution|Overload
    {
        $fed = [];
        foreach ($this->loads as $load) {
            if ($load->amps <= 0) {
                continue;
            }
            $volts = $before->between($load->plus, $load->minus);
            if ($volts === null && $load->kind === LoadKind::Resistance) {
                return $this->loaded();
            }
            if ($volts !== null && ($load->kind === LoadKind::Resistance || $volts > self::LEAST_FEEDING_VOLTS)) {
                $fed[] = $load;
            }
        }
        $volts = $this->settle($fed, $before);

        return $volts === null ? $this->loaded() : $this->solution($volts);
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
        return array_values(
            array_filter(
                $this->loads,
                fn (Load $load): bool => $load->kind === LoadKind::Resistance && $load->amps > 0 && $this->topology->joins($load->plus, $load->minus),
            ),
        );
    }

    /**
     * Volts with loads of constant resistance drawing and nothing else: what pulls another load's minus up leaves it
     * unfed.
     */
    private function withResistancesOnly(): Solution
    {
        if ($this->resistive === null) {
            $loads = $this->joinedResistances();
            $volts = $loads === [] ? null : $this->settle($loads);
            $this->resistive = $volts === null ? $this->atRest() : $this->solution($volts);
        }

        return $this->resistive;
    }

    /** Whether a charger or a converter has something to draw on, where it draws on anything of the boat's. */
    public function works(Regulator $regulator): bool
    {
        return $regulator->inputPlus === null || $regulator->inputMinus === null
            || (($this->alone()->between($regulator->inputPlus, $regulator->inputMinus) ?? 0.0) > self::LEAST_FEEDING_VOLTS
                && ($this->resistanceBetween($regulator->inputPlus, $regulator->inputMinus) ?? INF) < self::DEAD);
    }

    /** Volts that the batteries alone hold. */
    private function alone(): Solution
    {
        return $this->alone ??= $this->solution($this->factors()->solve($this->sourceCurrents()));
    }

    /** @return float|null Ω seen between two nodes with nothing drawn; null where nothing joins them */
    public function resistanceBetween(string $plus, string $minus): ?float
    {
        return $this->topology->joins($plus, $minus)
            ? $this->factors()->resistance(
                $this->topology->placeOf($plus),
                $this->topology->placeOf($minus),
            )
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
            $this->withResistances = count($others) === count($this->loads) ? $this : new self(
                $this->sources,
                $resistors,
                $others,
                null,
                $this->regulators,
            );
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
     * @param  list<Load>  $loads
     * @param  Solution|null  $near  volts to begin at; null: those at rest
     * @return array<int, float>|null volts by place; null: there is no working point
     */
    private function settle(array $loads, ?Solution $near = null): ?array
    {
        $this->factors();
        $this->workingPoint ??= new WorkingPoint(
            $this->topology,
            $this->diagonal ?? [],
            $this->values,
            $this->sourceCurrents(),
            array_values(array_filter($this->regulators, $this->works(...))),
        );

        return $this->workingPoint->of($loads, $near ?? $this->resistive ?? $this->atRest());
    }

    /** @param  array<int, float>  $volts */
    private function across(array $volts, Load $load): float
    {
        $a = $this->topology->placeOf($load->plus);
        $b = $this->topology->placeOf($load->minus);

        return ($a < 0 ? 0.0 : $volts[$a]) - ($b < 0 ? 0.0 : $volts[$b]);
    }

    private function overload(): Overload
    {
        $loads = $this->fedLoads();
        if ($loads === []) {
            // Chargers and converters alone found no rest: nothing of the boat can be told.
            return new Overload($this->regulators[0]->name ?? '', 0.0, 0.0, 0.0, null);
        }
        [$share, $volts] = $this->most(
            static fn (float $share): array => array_map(static fn (Load $load): Load => $load->scaled($share), $loads),
        );
        $worst = 0;
        $least = INF;
        foreach ($loads as $i => $load) {
            $left = $this->across($volts, $load) / $load->nominalVolts;
            if ($left < $least) {
                [$least, $worst] = [$left, $i];
            }
        }
        [$of] = $this->most(
            static fn (float $share): array => [
                ...array_slice($loads, 0, $worst),
                $loads[$worst]->scaled($share),
                ...array_slice($loads, $worst + 1),
            ],
        );

        return new Overload(
            $loads[$worst]->name,
            $loads[$worst]->amps,
            $of * $loads[$worst]->amps,
            $share,
            $this->elsewhere($loads, $loads[$worst]),
        );
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
        $volts = $this->settle(
            array_values(array_filter($loads, static fn (Load $load): bool => $part($load) !== $dark)),
        );

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
