<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Circuit\ChargerElements;
use Dinghy\Circuit\Meter;
use Dinghy\Circuit\Network;
use Dinghy\Circuit\PlanNetwork;
use Dinghy\Circuit\Resistor;
use Dinghy\Circuit\State;
use Dinghy\Conductor\Resistance;
use Dinghy\Kit\Piece\End;
use Dinghy\Kit\Piece\Piece;
use Dinghy\Solving\Figures;
use Dinghy\Solving\SolvedBoat;

/**
 * What a meter of 10 MΩ shows across each gap just before it is closed, red on the free end: in the circuit as the steps before
 * have built it, with breakers open, fuses out, devices unplugged and chargers dead.
 */
final class GapVolts implements Figures
{
    /** V */
    private const NOISE = 1e-9;

    /** @var array<string, float|null> V by connect step; null: nothing joins the two sides yet */
    private array $volts = [];

    /** @var list<Resistor> what is landed at both ends, and what bank posts have between them */
    private array $landed = [];

    /** @var array<string, string> of each conductor the node that its first end landed on */
    private array $ends = [];

    /** @var array<string, string> of each node one that it is joined to; a node that is its own stands for all of them */
    private array $joined = [];

    private function __construct(private readonly SolvedBoat $boat)
    {
    }

    public static function of(SolvedBoat $boat): self
    {
        $gaps = new self($boat);
        $gaps->beginWithBanks();
        foreach ($boat->figures(Steps::class)->all as $step) {
            if ($step->kind === StepKind::Connect) {
                $gaps->land($step);
            }
        }

        return $gaps;
    }

    /** @return float|null V; null: it lands nothing, or nothing joins the two sides of the gap yet */
    public function across(Step $step): ?float
    {
        return $this->volts[$step->id] ?? null;
    }

    /** Blocks stand there before any wire does; a string's fuse and a shunt are part of their bank. */
    private function beginWithBanks(): void
    {
        foreach ($this->boat->states->network(State::Rest)->sources as $source) {
            $this->join($source->plus, $source->minus);
        }
        $resistors = $this->boat->states->circuit(State::Rest)->resistors();
        foreach ($this->boat->plan->banks as $bank) {
            foreach ($bank->batteries() as $battery) {
                $fuse = $resistors["{$battery->id}/string fuse"] ?? null;
                $fuse === null || $this->add($fuse);
            }
        }
    }

    private function land(Step $step): void
    {
        [$conductor, $node, $ohms] = $step->piece !== null && $step->end !== null
            ? $this->ofPiece($step->piece, $step->end)
            : $this->ofOwnLead($step);
        if ($node === null) {
            return;
        }
        $other = $this->ends[$conductor] ?? null;
        if ($other === null) {
            $this->ends[$conductor] = $node;

            return;
        }
        $this->volts[$step->id] = $this->read($other, $node);
        $this->add(new Resistor("{$conductor}, landed", $other, $node, $ohms));
    }

    /** @return array{string, string, float} the conductor, the node that this end of it comes to, its Ω */
    private function ofPiece(Piece $piece, End $end): array
    {
        $wire = ($piece->cut ?? 0.0) * Resistance::perMetre($piece->stock->gauge, $piece->stock->metal, $this->boat->plan->houseRules->conductorCelsius);

        return ["{$piece->id}/{$end->side}", $this->nodeOf($piece, $end), $wire + 2 * PlanNetwork::RING];
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
     * @return array{string, string|null, float}
     */
    private function ofOwnLead(Step $step): array
    {
        [$kind, $id] = explode(':', $step->on[0] ?? '', 2) + ['', ''];
        if ($step->node === null || $step->side !== '-' || ! in_array($kind, ['charger', 'bank'], true)) {
            return [$step->id, null, 0.0];
        }
        $charger = $this->boat->plan->chargers[$id] ?? null;
        $this->ends[$step->id] = match (true) {
            $charger === null => "{$id}:shunt",
            ChargerElements::sharesMinus($charger) => ChargerElements::minusNode($charger, 0),
            default => "{$step->id}, inside",
        };

        return [$step->id, $step->node, $kind === 'bank' ? $this->boat->plan->banks[$id]->shunt->ohms ?? 0.0 : 2 * PlanNetwork::RING];
    }

    private function read(string $free, string $post): ?float
    {
        if ($this->rootOf($free) !== $this->rootOf($post)) {
            return null;
        }
        $network = new Network($this->boat->states->network(State::Rest)->sources, $this->landed, []);
        $meter = Meter::read($network, $network->atRest(), $free, $post);

        // Noise of the arithmetic no meter shows.
        return $meter->floating ? null : (abs($meter->volts) < self::NOISE ? 0.0 : $meter->volts);
    }

    private function add(Resistor $resistor): void
    {
        $this->landed[] = $resistor;
        $this->join($resistor->from, $resistor->to);
    }

    private function join(string $one, string $other): void
    {
        $this->joined[$this->rootOf($one)] = $this->rootOf($other);
    }

    private function rootOf(string $node): string
    {
        while (($this->joined[$node] ?? $node) !== $node) {
            $node = $this->joined[$node];
        }

        return $node;
    }
}
