<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Area\Rigging\Rule\GapRead;
use Dinghy\Area\Rigging\Rule\NegativesLast;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\ChargerOutput;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Wiring\ConnectionOrder;
use Dinghy\Wiring\Landings;

/** The posts of each bank, one terminal at a time: as ConnectionOrder has it, load negatives last. */
final class LandingSteps
{
    /** @var list<Step> */
    public readonly array $steps;

    /** @var array<string, list<string>> by part, as "feed:house": ids of the steps that land it */
    private array $landed = [];

    /** @var array<string, list<string>> by bank: ids of the steps that land what lies on its posts */
    private array $onBank = [];

    public function __construct(private readonly SolvedBoat $boat, private readonly WireSteps $wires)
    {
        $steps = [];
        foreach ($boat->plan->banks as $bank) {
            array_push($steps, ...$this->ofBank($bank));
        }
        foreach ($boat->plan->chargers as $charger) {
            foreach ($charger->outputs as $number => $output) {
                array_push($steps, ...$this->ofOutput("charger:{$charger->id}", $number, $output));
            }
        }
        $this->steps = $steps;
    }

    /** @return list<string> ids of every step that lands a part's conductors */
    public function of(string $on): array
    {
        return [...$this->wires->landingsOf($on), ...$this->landed[$on] ?? []];
    }

    /** @return list<string> ids of every step that lands on a bank's posts, or on its shunt */
    public function onBank(string $bank): array
    {
        return $this->onBank[$bank] ?? [];
    }

    /** @return list<Step> */
    private function ofBank(Bank $bank): array
    {
        $plan = $this->boat->plan;
        $before = [PreparingSteps::madeSafe($bank->id), ...array_map(static fn (Battery $battery): string => "mount:battery:{$battery->id}", $bank->batteries())];
        if ($bank->shunt !== null) {
            $before[] = "mount:bank:{$bank->id}";
        }
        if (count($bank->batteries()) > 1) {
            $before[] = PreparingSteps::charged($bank->id);
        }
        $opened = $before[0];
        $steps = $positives = [];
        foreach (ConnectionOrder::of($plan, $bank, $this->boat->words, $plan->houseRules->chargerFirst) as $step) {
            if ($step->post === null || $step->on === null || $step->wire === null) {
                continue;
            }
            $isJumper = $step->on === "bank:{$bank->id}" && $step->wire !== $bank->id;
            // By what lands where, so that what is landed is known again where something else is put before it.
            $id = "connect:bank:{$bank->id}:".($isJumper ? "jumper:{$step->wire}" : $step->on.$step->side)."@{$step->post->name}";
            $id = isset($steps[$id]) ? "{$id}, again" : $id;
            // A string's fuse and a shunt are no wire, though their bank has some.
            $landed = $step->on === "bank:{$bank->id}" && ! $isJumper ? null : $this->wires->endOn($step->on, $step->post->name, $step->side, $isJumper ? $step->wire : null);
            $isLoadNegative = $step->side === '-' && str_starts_with($step->on, 'feed:');
            $steps[$id] = new Step(
                $id, StepKind::Connect, $step->says, [$step->on],
                array_values(array_unique([...$before, $opened, ...$isLoadNegative ? $positives : [], ...$this->wires->before($step->on, $step->post->name, $step->side, $isJumper ? $step->wire : null)])),
                PartStation::of($plan, Landings::partOf($step->post)),
                $step->post->isShunt() ? null : $step->post->name,
                $isLoadNegative ? new NegativesLast : null,
                piece: $landed[0] ?? null,
                end: $landed[1] ?? null,
                node: $step->post->name,
                side: $step->side,
                metered: new GapRead,
            );
            // One terminal at a time.
            $before = [$id];
            $step->side === '+' && str_starts_with($step->on, 'feed:') && $positives[] = $id;
            $this->landed[$step->on][] = $id;
            $this->onBank[$bank->id][] = $id;
        }

        return array_values($steps);
    }

    /**
     * What no bank's order has: an output to a fuse block that has no wire of the boat's, and one to a battery of no bank.
     *
     * @return list<Step>
     */
    private function ofOutput(string $on, int $number, ChargerOutput $output): array
    {
        $alone = $output->block === null && $this->boat->plan->bankOf($output->across[0]->id) === null;
        if (! $alone && ($output->block === null || $output->leadGauge !== null)) {
            return [];
        }
        $steps = [];
        foreach (['+', '-'] as $side) {
            $post = $output->block !== null ? null : ($side === '+' ? $output->across[count($output->across) - 1]->plus() : $output->across[0]->minus());
            $id = "connect:{$on}:{$number}{$side}";
            $at = $output->block !== null ? "block:{$output->block}" : "battery:{$output->across[0]->id}";
            $landed = $post === null ? null : $this->wires->endOn($on, $post->name, $side, null);
            $steps[] = new Step($id, StepKind::Connect, 'Land the lead of output '.($number + 1).", {$side}.", [$on], [...MountingSteps::mounted($this->boat->plan, $on), "mount:{$at}", ...PreparingSteps::safe($this->boat->plan), ...$post === null ? [] : $this->wires->before($on, $post->name, $side, null)], PartStation::of($this->boat->plan, $at), $post?->name, piece: $landed[0] ?? null, end: $landed[1] ?? null, node: $post?->name, side: $side, metered: $post === null ? null : new GapRead);
            $this->landed[$on][] = $id;
        }

        return $steps;
    }
}
