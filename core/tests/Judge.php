<?php

declare(strict_types=1);

namespace Dinghy\Tests;

use Dinghy\Circuit\Resistor;
use Dinghy\Circuit\Solution;
use Dinghy\Circuit\State;
use Dinghy\Circuit\States;
use Dinghy\Conductor\Ampacity;
use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Metal;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Plan\Device;
use Dinghy\Plan\Plan;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;

/**
 * Looks at a solved network as one who knows no rule of the book: what flows in every wire against what it carries, and against
 * the protection that the same current flows through, found by following the current both ways. What is over must have been said.
 */
final class Judge
{
    private const SLACK = 1 + 1e-6;

    /** times its nominal volts, that a battery rests at (13.6 V of 12 V LiFePO4): common practice, no source */
    private const FULL_BATTERY = 1.15;

    /** @var array<string, Resistor> by name */
    private array $resistors;

    /** @var array<string, list<Resistor>> by node */
    private array $at = [];

    private function __construct(private readonly Evaluation $evaluation)
    {
        $this->resistors = $evaluation->boat->states->circuit(State::Loaded)->resistors();
        foreach ($this->resistors as $resistor) {
            $this->at[$resistor->from][] = $resistor;
            $this->at[$resistor->to][] = $resistor;
        }
    }

    /** @return list<string> what is over and was not said */
    public static function of(Evaluation $evaluation): array
    {
        foreach ($evaluation->boat->plan->banks as $bank) {
            if (! States::knows($bank)) {
                return []; // nothing that flows is known
            }
        }
        $judge = new self($evaluation);
        $unsaid = [];
        foreach ([State::Rest, State::Loaded] as $state) {
            $solution = $evaluation->boat->states->in($state);
            foreach ($solution === null ? [] : $judge->resistors as $wire) {
                if ($wire->wireOhms > 0) {
                    array_push($unsaid, ...array_map(static fn (string $says): string => "{$state->value}: {$says}", $judge->unsaidOf($wire, $solution)));
                }
            }
        }

        return $unsaid;
    }

    /** @return list<string> */
    private function unsaidOf(Resistor $wire, Solution $solution): array
    {
        $unsaid = [];
        $amps = abs($solution->through($wire));
        [$on, $ampacity] = $this->conductor($wire);
        if ($ampacity !== null && $amps > $ampacity * self::SLACK && ! $this->isSaid($on, [])) {
            $unsaid[] = "{$wire->name} carries {$amps} A of {$ampacity} A";
        }
        foreach ([$wire->from, $wire->to] as $end) {
            [$fuse, $protects, $rating] = $this->protection($wire, $end, $solution);
            // What is fused for its stated peak draws a little more from a full battery: rated for it by every maker.
            $stated = $rating !== null && $rating >= $this->statedPeak($wire->wire) ? self::FULL_BATTERY * $this->statedPeak($wire->wire) : 0.0;
            if ($rating !== null && $amps > max($rating, $stated) * self::SLACK && ! $this->isSaid($on, ['F03']) && ! $this->isSaid($protects, ['F03'])) {
                $unsaid[] = "{$wire->name} carries {$amps} A through {$fuse} of {$rating} A";
            }
        }

        return $unsaid;
    }

    /** @return float A, of all that hangs on a run, as its plan states it; 0 of what is no run */
    private function statedPeak(string $id): float
    {
        $run = $this->evaluation->boat->runs[$id] ?? null;
        $behind = $run === null ? [] : $run->circuit->behind ?? [$this->evaluation->boat->plan->devices[$id]];

        return array_sum(array_map(static fn (Device $device): float => max($device->peakAmps, $device->typicalAmps), $behind));
    }

    /** @return array{string, float|null} its part, A that it carries */
    private function conductor(Resistor $wire): array
    {
        $plan = $this->evaluation->boat->plan;
        $run = $this->evaluation->boat->runs[$wire->wire] ?? null;
        if ($run !== null) {
            return [$run->circuit?->on() ?? "device:{$run->id}", $run->ampacity];
        }
        foreach ($plan->banks as $bank) {
            foreach ($bank->wires() as $jumper) {
                if ($jumper->id === $wire->wire) {
                    return ["bank:{$bank->id}", self::ampacity($plan, $jumper->gauge)];
                }
            }
        }
        foreach ($plan->bonds as $bond) {
            if ($bond->id === $wire->wire) {
                return ["bond:{$bond->id}", self::ampacity($plan, $bond->gauge)];
            }
        }
        [$id, $number] = explode('/', $wire->name);
        $gauge = $plan->chargers[$id]->outputs[(int) $number]->leadGauge;

        return ["charger:{$id}", $gauge === null ? null : self::ampacity($plan, $gauge)];
    }

    private static function ampacity(Plan $plan, Gauge $gauge): ?float
    {
        return Ampacity::of($gauge, Metal::TinnedCopper, $plan->houseRules->insulation, $plan->houseRules->ambient, false, 1);
    }

    /**
     * The first protection on the way that all of a wire's current takes: through nodes where two elements meet and nothing else is landed.
     *
     * @return array{string, string, float|null} its element and part, A of its rating; null: another node comes first
     */
    private function protection(Resistor $wire, string $end, Solution $solution): array
    {
        for ($steps = 0; $steps < 100; $steps++) {
            $next = array_values(array_filter($this->at[$end], static fn (Resistor $other): bool => $other !== $wire));
            if (count($next) !== 1 || abs(abs($solution->through($next[0])) - abs($solution->through($wire))) > 1e-6) {
                break;
            }
            [$wire, $end] = [$next[0], $next[0]->from === $end ? $next[0]->to : $next[0]->from];
            $found = $this->rating($wire->name);
            if ($found !== null) {
                return [$wire->name, ...$found];
            }
        }

        return ['', '', null];
    }

    /** @return array{string, float}|null part and A, where the element is a fuse or breaker */
    private function rating(string $element): ?array
    {
        $plan = $this->evaluation->boat->plan;
        if (str_ends_with($element, '+/string fuse')) {
            $bank = $plan->bankOf(substr($element, 0, -strlen('+/string fuse')));

            return $bank?->stringProtection?->rating === null ? null : ["bank:{$bank->id}", $bank->stringProtection->rating];
        }
        if (preg_match('#^(.+)/fuse(\d+)$#', $element, $match) !== 1) {
            return null;
        }
        [, $id, $number] = $match;
        $run = $this->evaluation->boat->runs[$id] ?? null;
        if ($run?->circuit !== null) {
            return [$run->circuit->on(), $run->protection[(int) $number - 1]->rating];
        }
        $fused = [];
        foreach ($plan->banks as $bank) {
            foreach ($bank->wires() as $jumper) {
                $fused[$jumper->id] = ["bank:{$bank->id}", $jumper->protection];
            }
        }
        foreach ($plan->bonds as $bond) {
            $fused[$bond->id] = ["bond:{$bond->id}", $bond->protection];
        }
        foreach ($plan->chargers as $charger) {
            foreach ($charger->outputs as $place => $output) {
                $fused["{$charger->id}/{$place}/+lead"] = ["charger:{$charger->id}", $output->protection];
            }
        }
        $rating = ($fused[$id][1][(int) $number - 1] ?? null)?->rating;

        return $rating === null ? null : [$fused[$id][0], $rating];
    }

    /** @param  list<string>  $codes  that will do beside a stop */
    private function isSaid(string $on, array $codes): bool
    {
        return array_filter($this->evaluation->findings, static fn (Finding $finding): bool => $finding->on === $on && ($finding->level === Level::Stop || in_array($finding->rule->code, $codes, true))) !== [];
    }
}
