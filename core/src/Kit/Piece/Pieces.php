<?php

declare(strict_types=1);

namespace Dinghy\Kit\Piece;

use Dinghy\Plan\Bank;
use Dinghy\Plan\Bond;
use Dinghy\Plan\Charger;
use Dinghy\Plan\Jumper;
use Dinghy\Plan\Protection;
use Dinghy\Record\IdWords;
use Dinghy\Solving\Figures;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Wiring\SizedProtection;
use Dinghy\Wiring\SizedRun;

/** Every piece of wire of a boat: of feeds and branches, then jumpers, bonds and charger leads. */
final readonly class Pieces implements Figures
{
    /** The colours that a positive and a negative have where the plan says nothing [pub ABYC E-11, from memory]. */
    private const PLUS = 'red';

    private const MINUS = 'black';

    /** Of a tapped positive: a colour of its own. */
    private const TAPPED = 'orange';

    private Termini $termini;

    /** @var list<Piece> */
    public array $all;

    private function __construct(private SolvedBoat $boat)
    {
        $this->termini = new Termini($boat);
        $all = [];
        foreach ($boat->circuits() as $run) {
            array_push($all, ...$this->ofRun($run));
        }
        foreach ($boat->plan->banks as $bank) {
            foreach ($bank->wires() as $jumper) {
                array_push($all, ...$this->ofJumper($bank, $jumper));
            }
        }
        foreach ($boat->plan->bonds as $bond) {
            array_push($all, ...$this->ofBond($bond));
        }
        foreach ($boat->plan->chargers as $charger) {
            foreach (array_keys($charger->outputs) as $number) {
                array_push($all, ...$this->ofCharger($charger, $number));
            }
        }
        $this->all = $all;
    }

    public static function of(SolvedBoat $boat): self
    {
        return new self($boat);
    }

    /** @return list<PlanField> that nobody has filled and that they need, each once */
    public function asks(): array
    {
        return array_values(array_unique(array_merge([], ...array_map(static fn (Piece $piece): array => $piece->asks(), $this->all))));
    }

    /** @return list<Piece> */
    private function ofRun(SizedRun $run): array
    {
        $circuit = $run->circuit ?? throw new \LogicException('A factory lead is cut by nobody.');
        [$id, $on] = [$run->id, $circuit->on()];
        $feed = $this->boat->plan->feeds[$id] ?? null;
        $ends = $this->endsOf($run);
        $maker = $this->maker($on, $this->circuitName($run), 'protection.', 'run.length_m');
        [$plus, $minus] = [strtolower($circuit->run->plusColour ?? ($feed?->supply->isTap() === true ? self::TAPPED : self::PLUS)), strtolower($circuit->run->minusColour ?? self::MINUS)];
        $stock = static fn (string $colour, bool $pair = false): WireStock => new WireStock($run->gauge, $pair, $colour, $run->metal, $circuit->run->wire);
        $cuts = $feed === null ? [] : $this->placed($on, $id, array_map(static fn (SizedProtection $one): Protection => $one->planned, $run->protection), 'protection.');
        if ($circuit->run->jacketed) {
            $before = $cuts === [] ? [] : $maker->conductor("{$id}+", $stock($plus), $ends['plus'][0], $cuts, $ends['plus'][1], $run->length, '+', null, false);
            $begins = $cuts === [] ? $ends['plus'][0] : $cuts[count($cuts) - 1][1];

            return [...$before, $maker->pair($id, $stock("{$plus}/{$minus}", true), [$begins, $ends['plus'][1]], $ends['minus'], $run->length, $circuit->route)];
        }
        $back = $run->length === null || $circuit->route === null || $circuit->minusRoute === null ? $run->length : $run->length - $circuit->route->length + $circuit->minusRoute->length;

        return [
            ...$maker->conductor("{$id}+", $stock($plus), $ends['plus'][0], $cuts, $ends['plus'][1], $run->length, '+', $circuit->route),
            ...$maker->conductor("{$id}-", $stock($minus), $ends['minus'][0], [], $ends['minus'][1], $back, '-', $circuit->minusRoute),
        ];
    }

    /** @return array{plus: array{Terminus, Terminus}, minus: array{Terminus, Terminus}} where its conductors begin and end */
    private function endsOf(SizedRun $run): array
    {
        $plan = $this->boat->plan;
        $circuit = $run->circuit ?? throw new \LogicException('A factory lead is cut by nobody.');
        $on = $circuit->on();
        $ends = [];
        foreach ([true, false] as $plus) {
            $feed = $plan->feeds[$run->id] ?? null;
            $block = $circuit->block === null ? null : $plan->blocks[$circuit->block];
            $from = $feed !== null
                ? $this->termini->post($plus ? $feed->supply->plusPost() : $feed->supply->minusEnd(), $plus ? $feed->lug->fromHole : $feed->lug->toHole, new PlanField($on, $plus ? 'plus_hole' : 'minus_hole'))
                : $this->termini->circuit($plan->blocks[(string) $circuit->fromBlock], $plus, $this->branchHole((string) $circuit->fromBlock, $run->id), new PlanField($on, 'hole'));
            $to = $block !== null
                ? $this->termini->bus($block, $plus, $circuit->run->toHole, new PlanField($on, 'run.to_hole'))
                : $this->termini->device($circuit->device ?? throw new \LogicException('A run leads to a device or a block.'), $plus, $run->gauge, $circuit->run, $on);
            $ends[] = [$from, $to];
        }

        return ['plus' => $ends[0], 'minus' => $ends[1]];
    }

    private function branchHole(string $block, string $branch): ?string
    {
        foreach ($this->boat->plan->blocks[$block]->branches as $one) {
            if ($one->id === $branch) {
                return $one->hole;
            }
        }

        return null;
    }

    private function circuitName(SizedRun $run): string
    {
        return $run->circuit?->device?->label() ?? ucfirst(IdWords::with('block', $run->circuit->block ?? $run->id));
    }

    /** @return list<Piece> */
    private function ofJumper(Bank $bank, Jumper $jumper): array
    {
        $on = $bank->jumpers === null ? "bank:{$bank->id}" : "jumper:{$jumper->id}";
        $field = $bank->jumpers === null ? 'jumper.' : '';
        $side = match (true) {
            ! $jumper->joinsLike() => '',
            $jumper->from->isPlus() => '+',
            default => '-',
        };

        return $this->maker("bank:{$bank->id}", 'Jumper', 'protection.', null, $on)->conductor(
            $jumper->id,
            new WireStock($jumper->gauge, false, $side === '-' ? self::MINUS : self::PLUS),
            $this->termini->post($jumper->from, $jumper->lug->fromHole, new PlanField($on, "{$field}from_hole")),
            $this->placed($on, $jumper->id, $jumper->protection, 'protection.'),
            $this->termini->post($jumper->to, $jumper->lug->toHole, new PlanField($on, "{$field}to_hole")),
            $jumper->length, $side, null,
        );
    }

    /** @return list<Piece> */
    private function ofBond(Bond $bond): array
    {
        $on = "bond:{$bond->id}";

        return $this->maker($on, 'Bond', 'protection.', null)->conductor(
            $bond->id,
            new WireStock($bond->gauge, false, self::MINUS),
            $this->termini->post($bond->from->negativePost(), $bond->fromHole, new PlanField($on, 'from_hole')),
            $this->placed($on, $bond->id, $bond->protection, 'protection.'),
            $this->termini->post($bond->to->negativePost(), $bond->toHole, new PlanField($on, 'to_hole')),
            $bond->length, '-', null,
        );
    }

    /** @return list<Piece> those of an output whose lead is the boat's own wire */
    private function ofCharger(Charger $charger, int $number): array
    {
        $output = $charger->outputs[$number];
        if ($output->leadGauge === null) {
            return [];
        }
        $on = "charger:{$charger->id}";
        $id = Termini::ofOutput($charger, $number);
        $maker = $this->maker($on, ucfirst(IdWords::with($output->block === null ? 'charger' : 'converter', $charger->id)), "outputs.{$number}.protection.", null);
        $pieces = [];
        foreach ([true, false] as $plus) {
            $own = $this->termini->charger($charger, $number, $plus);
            $fuses = $plus ? $this->placed($on, $id, $output->protection, "outputs.{$number}.protection.") : [];
            $stock = new WireStock($output->leadGauge, false, $plus ? self::PLUS : self::MINUS);
            if ($output->block !== null) {
                $far = $this->termini->bus($this->boat->plan->blocks[$output->block], $plus, $plus ? $output->plusHole : $output->minusHole, new PlanField($on, "outputs.{$number}.lead.".($plus ? 'plus_hole' : 'minus_hole')));
                array_push($pieces, ...$maker->conductor($id.($plus ? '+' : '-'), $stock, $own, $fuses, $far, $output->leadLength, $plus ? '+' : '-', null));

                continue;
            }
            // A charger's fuses are counted from the battery on: that is their source.
            array_push($pieces, ...$maker->conductor($id.($plus ? '+' : '-'), $stock, $this->battery($charger, $number, $plus), $fuses, $own, $output->leadLength, $plus ? '+' : '-', null));
        }

        return $pieces;
    }

    private function battery(Charger $charger, int $number, bool $plus): Terminus
    {
        $output = $charger->outputs[$number];
        $given = new PlanField("charger:{$charger->id}", "outputs.{$number}.lead.".($plus ? 'plus_hole' : 'minus_hole'));
        if ($plus) {
            return $this->termini->post($output->across[count($output->across) - 1]->plus(), $output->plusHole, $given);
        }
        $minus = $output->across[0]->minus();
        $bank = $this->boat->plan->bankOf($output->across[0]->id);

        return $this->termini->post($bank?->minusEnd($minus, $output->pastShunt) ?? $minus, $output->minusHole, $given);
    }

    /**
     * @param  list<Protection>  $protections
     * @return list<array{Protection, Terminus}>
     */
    private function placed(string $on, string $id, array $protections, string $field): array
    {
        $placed = [];
        foreach ($protections as $number => $protection) {
            $placed[] = [$protection, $this->termini->protection($protection, $on, "{$field}{$number}.", "{$id}/fuse".($number + 1))];
        }

        return $placed;
    }

    private function maker(string $of, string $circuit, string $field, ?string $lengthField, ?string $on = null): PieceMaker
    {
        return new PieceMaker($this->boat->plan->houseRules, $of, $on ?? $of, $circuit, $field, $lengthField);
    }
}
