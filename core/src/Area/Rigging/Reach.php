<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Plan\Bank;
use Dinghy\Plan\Bond;
use Dinghy\Plan\ChargerOutput;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Wiring\Circuit;

/** What hands that work on a part reach: the circuits that are opened with it, and the banks that have to be dead meanwhile. */
final readonly class Reach
{
    /** kinds of parts that lie among conductors of any bank */
    private const ANYWHERE = ['hole', 'board', 'plan', 'check', 'found'];

    /** kinds of steps that are hands on copper, or on what carries it */
    private const HANDS = [StepKind::StripOut, StepKind::Clean, StepKind::Drill, StepKind::Mount, StepKind::Pull, StepKind::Terminate, StepKind::Connect];

    private function __construct(private SolvedBoat $boat, private Islands $islands)
    {
    }

    public static function on(SolvedBoat $boat, Islands $islands): self
    {
        return new self($boat, $islands);
    }

    /** @return list<string> as "feed:house": circuits whose readings do not hold any more where the step was done anew */
    public function circuits(Step $step): array
    {
        $circuits = [];
        foreach ($step->on as $on) {
            [$kind, $id] = explode(':', $on, 2) + ['', ''];
            array_push($circuits, ...match ($kind) {
                'feed', 'branch' => isset($this->islands->circuits[$on]) ? [$this->islands->circuits[$on]] : [],
                'block', 'device', 'backbone' => $this->islands->at($on),
                'bank' => $this->islands->fedBy($id),
                'battery' => ($bank = $this->boat->plan->bankOf($id)) === null ? [] : $this->islands->fedBy($bank->id),
                default => [],
            });
        }

        return array_values(array_unique(array_map(static fn (Circuit $circuit): string => $circuit->on(), $circuits)));
    }

    /** @return list<string> as "feed:house": circuits that have power when the step's own has */
    public function liveWith(Step $step): array
    {
        $circuit = $this->islands->circuits[$step->on[0] ?? ''] ?? null;

        return $circuit === null ? [] : array_map(static fn (Circuit $other): string => $other->on(), $this->islands->of($circuit));
    }

    /** @return list<string> ids of banks: those that feed what is worked on; every one where nobody can say what runs there */
    public function banks(Step $step): array
    {
        $banks = [];
        foreach ($step->on as $on) {
            array_push($banks, ...$this->banksOf($on));
        }

        return array_values(array_unique($banks));
    }

    /** Whether hands on copper are what the step is, so that the banks that it reaches are made safe before. */
    public static function isOnCopper(Step $step): bool
    {
        return in_array($step->kind, self::HANDS, true) && array_filter($step->needs, static fn (string $need): bool => str_starts_with($need, PreparingSteps::madeSafe(''))) !== [];
    }

    /** Whether nobody can say what the step meets: a drill, and what is taken out, meet whatever runs there. */
    public function isAnywhere(Step $step): bool
    {
        return self::isOnCopper($step) && array_filter($step->on, static fn (string $on): bool => in_array(explode(':', $on)[0], self::ANYWHERE, true)) !== [];
    }

    /** Whether a bank's own blocks and jumpers are worked on. */
    public static function isOnBank(Step $step): bool
    {
        return in_array(explode(':', $step->on[0] ?? '')[0], ['bank', 'battery'], true);
    }

    /** A bank, as people call it. */
    public function nameOf(string $bank): string
    {
        return $this->boat->plan->banks[$bank]->label();
    }

    /** Whether a bank's load negative is what the step lands: it is lifted whenever the bank is made safe. */
    public function isLoadNegative(Step $step, string $bank): bool
    {
        return $step->side === '-' && str_starts_with($step->on[0], 'feed:') && str_starts_with($step->id, "connect:bank:{$bank}:");
    }

    /** @return list<string> */
    private function banksOf(string $on): array
    {
        [$kind, $id] = explode(':', $on, 2) + ['', ''];
        $plan = $this->boat->plan;

        return match ($kind) {
            'feed', 'branch', 'block', 'device', 'backbone' => $this->islands->banksOf($on),
            'bank' => $this->joinedTo($id),
            'battery' => ($bank = $plan->bankOf($id)) === null ? [] : $this->joinedTo($bank->id),
            'bond' => array_merge([], ...array_map(static fn (Bond $bond): array => $bond->id === $id ? [$bond->from->id, $bond->to->id] : [], $plan->bonds)),
            'charger' => isset($plan->chargers[$id]) ? [
                ...Islands::banksAt($plan, $plan->chargers[$id]),
                ...array_merge([], ...array_map(fn (ChargerOutput $output): array => $this->islands->banksOf("block:{$output->block}"), $plan->chargers[$id]->blockOutputs())),
            ] : [],
            default => in_array($kind, self::ANYWHERE, true) ? array_map(static fn (Bank $one): string => $one->id, array_values($plan->banks)) : [],
        };
    }

    /** @return list<string> a bank, and those that feed a block together with it */
    private function joinedTo(string $bank): array
    {
        return [$bank, ...array_merge([], ...array_map(fn (Circuit $circuit): array => $this->islands->banksOf($circuit->on()), $this->islands->fedBy($bank)))];
    }
}
