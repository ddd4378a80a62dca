<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Circuit\ChargerElements;
use Dinghy\Circuit\Resistor;
use Dinghy\Circuit\State;
use Dinghy\Circuit\States;
use Dinghy\File\Patch;
use Dinghy\Overcurrent\PlacedConductor;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Post;
use Dinghy\Proposal\TakeOut;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Remedy;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class BanksDriveEachOther implements Rule
{
    /** A per Ah of the smallest battery passed */
    private const LIMIT = 0.05;

    /** Share of the current that a battery must carry to count as passed. */
    private const PASSED = 0.01;

    public function text(): RuleText
    {
        return new RuleText('B28', [Level::Stop], 'with nothing switched on more than 0.05 A per Ah of the smallest battery passed flows between banks or blocks, over whatever joins them: a block, a device fed twice, a bond, a charger; strings of one bank alike in volts and chemistry are judged as unequal blocks',
            'one drives the other backwards; wires and fuses carry it for ever', 'computed', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $rest = $solved->states->in(State::Rest);
        if ($rest === null) {
            return;
        }
        if ($rest->isStill()) {
            return;
        }
        $amps = $rest->sourceAmps();
        $topology = $solved->states->network(State::Loaded)->topology;
        $joints = [];
        foreach ($this->joints($solved) as [$conductor, $element]) {
            $joints[$topology->part[$topology->index[$element->from]]][] = [$conductor, abs($rest->through($element))];
        }
        foreach ($joints as $part => $carrying) {
            // One current through several wires differs by noise alone: the first of them is named.
            usort($carrying, static fn (array $a, array $b): int => round($b[1], 6) <=> round($a[1], 6));
            [$conductor, $through] = $carrying[0];
            if ($through <= 0.0) {
                continue;
            }
            $passed = array_filter($amps, static fn (float $out, string $battery): bool => isset($solved->plan->batteries[$battery])
                && $topology->part[$topology->index[(string) Post::minus((string) $battery)]] === $part && abs($out) > self::PASSED * $through, ARRAY_FILTER_USE_BOTH);
            if ($passed !== [] && $this->known($solved->plan, array_keys($passed))) {
                $others = array_values(
                    array_filter($carrying, static fn (array $joint): bool => $joint[1] > self::PASSED * $through),
                );
                yield from $this->judge($solved, $conductor, $through, $passed, array_column($others, 0));
            }
        }
    }

    /**
     * @param  non-empty-array<string, float>  $passed  A out of each battery
     * @param  list<PlacedConductor>  $joints  that carry it, the busiest first
     * @return iterable<Finding>
     */
    private function judge(
        SolvedBoat $solved,
        PlacedConductor $conductor,
        float $amps,
        array $passed,
        array $joints,
    ): iterable {
        $plan = $solved->plan;
        $smallest = min(
            array_map(
                static fn (string $battery): float => $plan->batteries[$battery]->capacityAh,
                array_keys($passed),
            ),
        );
        if ($amps <= self::LIMIT * $smallest) {
            return;
        }
        asort($passed);
        [$backwards, $forwards] = [(string) array_key_first($passed), (string) array_key_last($passed)];
        [$into, $from] = [$plan->bankOf($backwards), $plan->bankOf($forwards)];
        $name = static fn (?Bank $bank, string $battery): string => $bank === null || $into === $from
            ? $solved->called($plan->batteries[$battery])
            : $bank->label();
        $words = $solved->words;
        yield new Finding($this->text(), Level::Stop, $into === null ? "battery:{$backwards}" : "bank:{$into->id}",
            "With nothing switched on {$words->amps($amps)} flow through {$conductor->label()}: ".($passed[$backwards] < 0 ? "{$name($from, $forwards)} drives {$name($into, $backwards)} backwards." : "{$name($from, $forwards)} is shorted through it."),
            'Give each bank a block of its own, or part what joins them: '.$conductor->label().'.', static fn (): iterable => self::parting($solved, $joints, $into),
            ['current_a' => $amps, 'limit_a' => self::LIMIT * $smallest]);
    }

    /**
     * @param  list<PlacedConductor>  $joints
     * @param  Bank|null  $driven  backwards: what it feeds is better fed by the other
     * @return iterable<Remedy>
     */
    private static function parting(SolvedBoat $solved, array $joints, ?Bank $driven): iterable
    {
        $ofDriven = static fn (PlacedConductor $joint): bool => $driven !== null && ($solved->plan->feeds[$joint->run->id ?? ''] ?? null)?->supply->bank === $driven;
        usort($joints, static fn (PlacedConductor $a, PlacedConductor $b): int => $ofDriven($b) <=> $ofDriven($a));
        $ons = array_values(array_unique(array_map(static fn (PlacedConductor $joint): string => $joint->on, $joints)));
        foreach ($ons as $on) {
            [$kind] = explode(':', $on, 2);
            if ($kind === 'charger') {
                yield new Remedy('Use a charger with isolated outputs.', Patch::set($on, ['isolated_outputs' => true]));
            }
        }
        foreach ($joints as $joint) {
            if (in_array(explode(':', $joint->on, 2)[0], ['feed', 'branch', 'bond'], true)) {
                yield new Remedy("Take {$joint->label()} out.", TakeOut::of($solved->plan, $joint->on));
            }
        }
    }

    /**
     * @return iterable<array{PlacedConductor, Resistor}> what joins banks to one another: not the wires that make one bank
     */
    private function joints(SolvedBoat $solved): iterable
    {
        $resistors = $solved->states->circuit(State::Loaded)->resistors();
        $inside = $this->insideBanks($solved->plan);
        foreach ($solved->conductors as $conductor) {
            foreach ($conductor->elements as $element) {
                if (isset($resistors[$element]) && ! isset($inside[$element])) {
                    yield [$conductor, $resistors[$element]];
                }
            }
        }
        foreach ($solved->plan->chargers as $charger) {
            foreach (array_keys($charger->outputs) as $number) {
                $lead = $resistors[ChargerElements::lead($charger, $number, '-')] ?? null;
                if ($lead !== null) {
                    yield [
                        new PlacedConductor(
                            "charger:{$charger->id}",
                            "the minus of {$charger->label()}",
                            $solved->plan->houseRules->stock[0],
                            null,
                            [$lead->name],
                        ),
                        $lead,
                    ];
                }
            }
        }
    }

    /** @return array<string, true> the jumpers of banks whose strings are alike, and all that stay within one string */
    private function insideBanks(Plan $plan): array
    {
        $inside = [];
        foreach ($plan->banks as $bank) {
            $alike = count(
                array_unique(
                    array_map(
                        static fn (array $string): string => $string[0]->chemistry->value.' '.Bank::nominalOf($string),
                        $bank->strings,
                    ),
                ),
            ) === 1;
            foreach ($bank->wires() as $wire) {
                [$from, $to] = [$bank->stringOf($wire->from), $bank->stringOf($wire->to)];
                if ($from !== null && $to !== null && ($alike || $from === $to)) {
                    $inside[$wire->id] = true;
                }
            }
        }

        return $inside;
    }

    /** @param  list<string>  $batteries */
    private function known(Plan $plan, array $batteries): bool
    {
        foreach ($batteries as $battery) {
            $bank = $plan->bankOf($battery);
            if ($bank !== null && ! States::knows($bank)) {
                return false;
            }
        }

        return true;
    }
}
