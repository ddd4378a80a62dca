<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Circuit\ChargerElements;
use Dinghy\Circuit\Meter;
use Dinghy\Circuit\Network;
use Dinghy\Circuit\PlanNetwork;
use Dinghy\Circuit\Resistor;
use Dinghy\Circuit\Source;
use Dinghy\Circuit\State;
use Dinghy\Conductor\Resistance;
use Dinghy\Kit\Piece\End;
use Dinghy\Kit\Piece\Piece;
use Dinghy\Solving\SolvedBoat;

/**
 * The circuit of a boat as far as it is built: blocks on their trays, and of the wires those that are landed at both ends, with
 * breakers open, fuses out, devices unplugged and chargers dead.
 */
final class HalfBuilt
{
    /** V */
    private const NOISE = 1e-9;

    /** @var list<Source> */
    private array $sources;

    /** @var list<Resistor> what is landed at both ends, and what bank posts have between them */
    private array $landed = [];

    /** @var array<string, string> of each conductor the node that its first end landed on */
    private array $ends = [];

    /** nodes */
    private Joined $joined;

    private ?Network $network = null;

    private function __construct(private readonly SolvedBoat $boat)
    {
        $this->joined = new Joined;
        $this->sources = $boat->states->network(State::Rest)->sources;
    }

    /** Blocks stand there before any wire does; a string's fuse and a shunt are part of their bank. */
    public static function begun(SolvedBoat $boat): self
    {
        $built = new self($boat);
        foreach ($built->sources as $source) {
            $built->joined->join($source->plus, $source->minus);
        }
        $resistors = $boat->states->circuit(State::Rest)->resistors();
        foreach ($boat->plan->banks as $bank) {
            foreach ($bank->batteries() as $battery) {
                $fuse = $resistors["{$battery->id}/string fuse"] ?? null;
                $fuse === null || $built->add($fuse);
            }
        }

        return $built;
    }

    /**
     * With blocks that rest at other volts than the plan expects, as they were read, or as they would be if something is wrong.
     *
     * @param  array<string, float>  $volts  by battery
     */
    public function resting(array $volts): self
    {
        $other = clone $this;
        $other->joined = clone $this->joined;
        $other->network = null;
        $other->sources = array_map(static fn (Source $source): Source => new Source($source->name, $source->plus, $source->minus, $volts[$source->name] ?? $source->volts, $source->ohms), $this->sources);

        return $other;
    }

    /** @return Gap|null null: it lands nothing, or the first end of what it lands */
    public function gapOf(Step $step): ?Gap
    {
        $landing = $this->landingOf($step);
        if ($landing === null) {
            return null;
        }
        [$conductor, $inside, $post, $ohms] = $landing;
        $free = $this->ends[$conductor] ?? $inside;

        return $free === null ? null : new Gap($conductor, $free, $post, $ohms);
    }

    /**
     * Lands what a step lands; a step that lands nothing changes nothing.
     *
     * @param  string|null  $on  node that it lands on instead, by mistake
     */
    public function land(Step $step, ?string $on = null): void
    {
        $landing = $this->landingOf($step);
        if ($landing === null) {
            return;
        }
        $gap = $this->gapOf($step);
        if ($gap === null) {
            $this->ends[$landing[0]] = $on ?? $landing[2];

            return;
        }
        // Both ends on one post join nothing.
        if ($gap->free !== ($on ?? $gap->post)) {
            $this->add(new Resistor("{$gap->conductor}, landed", $gap->free, $on ?? $gap->post, $gap->ohms));
        }
    }

    /** @return float|null V that a meter of 10 MΩ shows; null: nothing joins the two nodes yet */
    public function volts(string $red, string $black): ?float
    {
        if (! $this->joined->are($red, $black)) {
            return null;
        }
        $network = $this->network();
        $meter = Meter::read($network, $network->atRest(), $red, $black);

        // Noise of the arithmetic no meter shows.
        return $meter->floating ? null : (abs($meter->volts) < self::NOISE ? 0.0 : $meter->volts);
    }

    /** @return float|null Ω of what is landed between two nodes, blocks left out; null: nothing joins them that way */
    public function ohms(string $red, string $black): ?float
    {
        return (new Network([], $this->landed, []))->resistanceBetween($red, $black);
    }

    public function network(): Network
    {
        return $this->network ??= new Network($this->sources, $this->landed, []);
    }

    /**
     * Where a step's conductor lands.
     *
     * @return array{string, string|null, string, float}|null the conductor; the node of its other end, where that came with a part;
     *                                                        the node that it lands on; its Ω; null: nothing lands
     */
    private function landingOf(Step $step): ?array
    {
        if ($step->kind !== StepKind::Connect) {
            return null;
        }
        if ($step->piece !== null && $step->end !== null) {
            $wire = ($step->piece->cut ?? 0.0) * Resistance::perMetre($step->piece->stock->gauge, $step->piece->stock->metal, $this->boat->plan->houseRules->conductorCelsius);

            return ["{$step->piece->id}/{$step->end->side}", null, $this->nodeOf($step->piece, $step->end), $wire + 2 * PlanNetwork::RING];
        }

        return $this->ownLead($step);
    }

    private function nodeOf(Piece $piece, End $end): string
    {
        $name = $end->at->name;
        [$kind, $id] = explode(':', $end->at->part ?? '', 2) + ['', ''];
        // Of a fuse in its own wire one side is the source's; nobody has put it in yet. One between blocks of a bank stays in.
        $isOpen = $end->at->part === null && ! str_starts_with($piece->of, 'bank:') && ! str_starts_with($piece->of, 'bond:');

        return match (true) {
            $isOpen => $name.($end->first ? ', outer' : ', inner'),
            $kind === 'block' && $end->first && $end->side === '+' && str_starts_with($piece->of, 'branch:') => "{$piece->of}, behind its fuse",
            $kind === 'charger' && $end->side === '-' => ChargerElements::minusNode($this->boat->plan->chargers[$id], (int) (preg_replace('/^.*\.(\d+)[+-]$/', '$1', $name) ?? 1) - 1),
            default => $name,
        };
    }

    /**
     * A lead that came with its charger: its other end is inside. A shunt, whose other stud nothing is on yet.
     *
     * @return array{string, string, string, float}|null
     */
    private function ownLead(Step $step): ?array
    {
        [$kind, $id] = explode(':', $step->on[0] ?? '', 2) + ['', ''];
        if ($step->node === null || $step->side !== '-' || ! in_array($kind, ['charger', 'bank'], true)) {
            return null;
        }
        $charger = $this->boat->plan->chargers[$id] ?? null;
        $free = match (true) {
            $charger === null => "{$id}:shunt",
            ChargerElements::sharesMinus($charger) => ChargerElements::minusNode($charger, 0),
            default => "{$step->id}, inside",
        };

        return [$step->id, $free, $step->node, $kind === 'bank' ? $this->boat->plan->banks[$id]->shunt->ohms ?? 0.0 : 2 * PlanNetwork::RING];
    }

    private function add(Resistor $resistor): void
    {
        $this->network = null;
        $this->landed[] = $resistor;
        $this->joined->join($resistor->from, $resistor->to);
    }
}
