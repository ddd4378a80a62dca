<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

/**
 * A network with any single fault in it, without solving afresh: the factors of the sound network stay, and a fault is a
 * change of rank one or two to them (Sherman and Morrison 1950, Woodbury 1950). Loads of constant power stand in the factors
 * as their tangents at the volts of the sound network; what the fault bends away from the tangent is iterated. What has no
 * answer that way, a wire moved so that it parts the network, or loads that no longer settle quickly, is solved afresh.
 */
final class Variants
{
    private const ROUNDS = 15;

    /**
     * A load of constant power has a second, false working point at less than half its unloaded volts: what comes near it
     * is solved afresh from above.
     */
    private const SAFE_SHARE = 0.6;

    private const CONVERGED_VOLTS = 1e-5;

    /** Below this, what is left of a pivot after the change is noise: the change parts the network. */
    private const SINGULAR = 1e-9;

    private readonly Network $network;

    private readonly Factors $factors;

    /** @var array<int, float> V by place while nothing is wrong */
    private readonly array $sound;

    /** @var array<int, float> by place */
    private readonly array $nothing;

    /** @var list<Load> that are fed while nothing is wrong */
    private readonly array $loads;

    /** @var list<array{int, int}> the places of each load's pins */
    private readonly array $ports;

    /** @var list<float> V across each load while nothing is wrong */
    private readonly array $across;

    /** @var list<float> V across each load with nothing drawn */
    private readonly array $unloaded;

    /** @var list<float> A that each load draws there */
    private readonly array $tangents;

    /** @var list<float> S of each load's tangent there, which stands in the factors */
    private readonly array $slopes;

    /** @var array<string, int> */
    private array $resistors = [];

    /** @var array<string, int> */
    private array $sources = [];

    private readonly Bridges $bridges;

    /** The same network with nothing drawn. */
    private ?self $rest = null;

    /**
     * Whether the sound network already asks for more than there is: then, as with chargers and converters, every fault
     * is solved afresh.
     */
    private readonly bool $overloaded;

    private function __construct(Network $network, bool $loaded, string ...$observed)
    {
        $network = $loaded ? $network->withResistances() : new Network(
            $network->sources,
            $network->resistors,
            [],
            null,
            $network->regulators,
        );
        foreach ([...$network->sources, ...$network->loads] as $element) {
            array_push($observed, $element->plus, $element->minus);
        }
        $this->network = new Network($network->sources, $network->resistors, $network->loads,
            $network->regulators === [] ? Topology::of(
                $network->sources,
                $network->resistors,
                $network->loads,
                array_values($observed),
            ) : null, $network->regulators);
        $sound = $loaded ? $this->network->loaded() : null;
        $this->loads = $sound instanceof Solution ? $this->network->fedLoads() : [];
        $this->overloaded = $sound instanceof Overload;
        $across = $slopes = $ports = [];
        foreach ($this->loads as $load) {
            $across[] = $volts = $sound instanceof Solution ? $sound->between($load->plus, $load->minus) ?? 0.0 : 0.0;
            $slopes[] = $load->slopeAt($volts);
            $ports[] = [
                $this->network->topology->placeOf($load->plus),
                $this->network->topology->placeOf($load->minus),
            ];
        }
        [$this->across, $this->slopes, $this->ports] = [$across, $slopes, $ports];
        $this->unloaded = array_map(
            fn (Load $load): float => $this->network->atRest()->between($load->plus, $load->minus) ?? 0.0,
            $this->loads,
        );
        $this->tangents = array_map(
            static fn (Load $load, float $volts): float => $load->ampsAt($volts),
            $this->loads,
            $across,
        );
        $this->factors = $this->network->factorsWith($this->loads, $slopes) ?? throw new \LogicException('The matrix at a working point is positive definite.');
        $right = $this->network->sourceCurrents();
        foreach ($this->loads as $i => $load) {
            $this->network->inject(
                $right,
                $load->minus,
                $load->plus,
                $load->ampsAt($across[$i]) - $slopes[$i] * $across[$i],
            );
        }
        $this->sound = $this->factors->solve($right);
        $this->nothing = array_fill(0, $this->network->topology->size, 0.0);
        foreach ($this->network->resistors as $i => $resistor) {
            $this->resistors[$resistor->name] = $i;
        }
        foreach ($this->network->sources as $i => $source) {
            $this->sources[$source->name] = $i;
        }
        $this->bridges = Bridges::of($this->network);
    }

    /**
     * @param  list<string>  $observed  nodes that volts will be read at; battery posts and the pins of loads always are
     */
    public static function atRest(Network $network, array $observed): self
    {
        return new self($network, false, ...$observed);
    }

    /** @param  list<string>  $observed */
    public static function loaded(Network $network, array $observed): self
    {
        return new self($network, true, ...$observed);
    }

    /** Volts at the observed nodes with the fault in; a fault of something that is not there changes nothing. */
    public function with(Fault $fault): Solution|Overload
    {
        if ($this->overloaded || $this->network->regulators !== []) {
            return $this->afresh($fault);
        }
        if (isset($this->sources[$fault->element])) {
            $was = $this->network->sources[$this->sources[$fault->element]];
            $now = $fault->ofBattery($was);
            $right = $this->nothing;
            $this->network->inject(
                $right,
                $was->plus,
                $was->minus,
                $now->volts / $now->ohms - $was->volts / $was->ohms,
            );
            $sources = $this->network->sources;
            $sources[$this->sources[$fault->element]] = $now;

            return $this->changed(
                $fault,
                [[$was->plus, $was->minus, 1 / $now->ohms - 1 / $was->ohms]],
                $right,
                array_values($sources),
                null,
                true,
            );
        }
        if (! isset($this->resistors[$fault->element])) {
            return $this->changed($fault, [], null, $this->network->sources, null, false);
        }
        $was = $this->network->resistors[$this->resistors[$fault->element]];
        $now = $fault->of($was);
        if ($now === null) {
            $cutOff = $this->bridges->beyond($this->resistors[$fault->element]);

            // What crosses a bridge is nothing once no load pulls across it: the rest of the network stays as it was.
            return $this->changed(
                $fault,
                $cutOff === null ? [[$was->from, $was->to, -1 / $was->ohms]] : [],
                null,
                $this->network->sources,
                $cutOff,
                true,
            );
        }
        $sameEnds = $now->from === $was->from && $now->to === $was->to;
        if (! $sameEnds && $this->parts($this->resistors[$fault->element], $now)) {
            return $this->afresh($fault);
        }

        return $this->changed($fault, $sameEnds ? [[$was->from, $was->to, 1 / $now->ohms - 1 / $was->ohms]]
            : [[$was->from, $was->to, -1 / $was->ohms], [$now->from, $now->to, 1 / $now->ohms]],
            null, $this->network->sources, null, ! $sameEnds);
    }

    /**
     * @param  list<array{string, string, float}>  $changes  conductances added between nodes
     * @param  array<int, float>|null  $right  A more that the batteries drive, by place; null: none
     * @param  list<Source>  $sources
     * @param  array<int, true>|null  $cutOff
     * @param  bool  $feedsOthers  whether other loads may be fed than before
     */
    private function changed(
        Fault $fault,
        array $changes,
        ?array $right,
        array $sources,
        ?array $cutOff,
        bool $feedsOthers,
    ): Solution|Overload {
        $update = Update::of($this->factors, $this->network->topology, $changes, self::SINGULAR);
        if ($update === null) {
            return $this->afresh($fault);
        }
        $changed = $update->applyTo($this->sound);
        if ($right !== null) {
            $changed = $this->sum($changed, $update->solve($right));
        }
        $fed = $this->fed($feedsOthers, $sources, $cutOff, $fault);
        $solved = $changed;
        $before = $this->across;
        for ($round = 0; ; $round++) {
            $change = 0.0;
            $drawn = $this->nothing;
            foreach ($this->ports as $i => [$a, $b]) {
                $volts = ($a < 0 ? 0.0 : $solved[$a]) - ($b < 0 ? 0.0 : $solved[$b]);
                $change = max($change, abs($volts - $before[$i]));
                $before[$i] = $volts;
                if ($fed[$i] && $volts < self::SAFE_SHARE * $this->unloaded[$i]) {
                    return $this->afresh($fault);
                }
                // How far the load is from the tangent that stands in the factors.
                $bent = ($fed[$i] ? $this->loads[$i]->ampsAt($volts) : 0.0) - $this->tangents[$i] - $this->slopes[$i] * ($volts - $this->across[$i]);
                if ($a >= 0) {
                    $drawn[$a] -= $bent;
                }
                if ($b >= 0) {
                    $drawn[$b] += $bent;
                }
            }
            if ($change < self::CONVERGED_VOLTS && ($round > 0 || $cutOff === null)) {
                return new Solution($this->network->topology, $solved, $sources, $cutOff);
            }
            if ($round === self::ROUNDS) {
                return $this->afresh($fault);
            }
            $solved = $this->sum($changed, $update->solve($drawn));
        }
    }

    /**
     * @param  array<int, float>  $a
     * @param  array<int, float>  $b
     * @return array<int, float> by place, of observed places
     */
    private function sum(array $a, array $b): array
    {
        for ($place = $this->network->topology->hidden, $size = count($a); $place < $size; $place++) {
            $a[$place] += $b[$place];
        }

        return $a;
    }

    /**
     * Which loads draw with the fault in: those whose pins something still joins, and not the wrong way round.
     *
     * @param  list<Source>  $sources
     * @param  array<int, true>|null  $cutOff
     * @return list<bool>
     */
    private function fed(bool $feedsOthers, array $sources, ?array $cutOff, Fault $fault): array
    {
        if ($this->loads === [] || ! $feedsOthers) {
            return array_fill(0, count($this->loads), true);
        }
        if ($cutOff !== null) {
            $index = $this->network->topology->index;

            return array_map(
                static fn (Load $load): bool => isset($cutOff[$index[$load->plus]]) === isset($cutOff[$index[$load->minus]]),
                $this->loads,
            );
        }
        $rest = ($this->rest ??= new self($this->network, false))->with($fault);

        return array_map(
            static fn (Load $load): bool => $rest instanceof Solution && ($rest->between($load->plus, $load->minus) ?? 0.0) > Network::LEAST_FEEDING_VOLTS,
            $this->loads,
        );
    }

    /** Whether a wire moved leaves behind what only it joined to the rest. */
    private function parts(int $resistor, Resistor $moved): bool
    {
        $topology = $this->network->topology;
        if (! $topology->joins($moved->from, $moved->to)) {
            return true;
        }
        $beyond = $this->bridges->beyond($resistor);

        return $beyond !== null && isset($beyond[$topology->index[$moved->from]]) === isset($beyond[$topology->index[$moved->to]]);
    }

    private function afresh(Fault $fault): Solution|Overload
    {
        $faulty = $fault->in($this->network);

        return $this->network->loads === [] ? $faulty->atRest() : $faulty->loaded();
    }
}
