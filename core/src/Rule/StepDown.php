<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Conductor\Ampacity;
use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Metal;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Patch;
use Dinghy\Wiring\Path;
use Dinghy\Wiring\SizedRun;

final readonly class StepDown implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F06', [Level::Stop], 'the conductor gets thinner, and the protection upstream is larger than the thinner one\'s ampacity: a factory lead behind its run, a jumper behind the bank\'s main fuse',
            'where a wire gets thinner the fuse must suit the thinner one', 'common practice', Mark::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->wiring->paths as $path) {
            $last = $path->circuits[count($path->circuits) - 1];
            $run = $assessment->runs[$last->id];
            $lead = $assessment->runs[$path->device->id] ?? null;
            $index = count($run->protection) - 1;
            if ($lead === null || $index < 0) {
                continue;
            }
            if ($lead->ampacity === null) {
                yield new Unchecked('F06', $last->on(), "ampacity of {$lead->gauge}");
            } elseif ($run->protection[$index]->rating > $lead->ampacity) {
                yield $this->lead($assessment, $path, $run, $lead->gauge, $lead->ampacity, $index);
            }
        }
        foreach ($assessment->plan->banks as $bank) {
            yield from $this->jumpers($assessment, $bank);
        }
    }

    private function lead(Assessment $assessment, Path $path, SizedRun $run, Gauge $gauge, float $ampacity, int $index): Finding
    {
        $words = $assessment->words;
        $protection = $run->protection[$index];
        $least = $run->circuit?->demand->leastRating() ?? 0.0;
        $size = $protection->planned->family->smallestOfAtLeast($least);
        $fits = $size !== null && $size <= $ampacity;

        return new Finding($this->text(), Level::Stop, $run->circuit?->on() ?? '',
            "The factory lead of {$path->device->label()}, {$gauge}, carries {$words->amps($ampacity)}; the {$protection->planned->family->label()} before it is {$words->amps($protection->rating)}.",
            $fits ? "Fit {$words->amps($size)}." : 'Fit a fuse that suits the factory lead where the lead is joined.',
            $fits ? Patch::set($run->circuit?->on() ?? '', [ProtectionAboveAmpacity::field($run, $index) => $size]) : null,
            ['rating_a' => $protection->rating, 'ampacity_a' => $ampacity]);
    }

    /** @return iterable<Finding> */
    private function jumpers(Assessment $assessment, Bank $bank): iterable
    {
        $rules = $assessment->plan->houseRules;
        $main = 0.0;
        foreach ($assessment->plan->feedsOf($bank) as $feed) {
            foreach (array_slice($assessment->runs[$feed->id]->protection, 0, 1) as $protection) {
                $main = max($main, $protection->rating);
            }
        }
        $gauge = null;
        foreach ($bank->wires() as $wire) {
            $gauge = $gauge === null || $wire->gauge->isThinnerThan($gauge) ? $wire->gauge : $gauge;
        }
        $ampacity = $gauge === null ? null : Ampacity::of($gauge, Metal::TinnedCopper, $rules->insulation, $rules->ambient, false, 1);
        if ($gauge === null || $ampacity === null || $main <= $ampacity) {
            return;
        }
        $better = array_values(array_filter($rules->stock, static fn (Gauge $stock): bool => (Ampacity::of($stock, Metal::TinnedCopper, $rules->insulation, $rules->ambient, false, 1) ?? 0.0) >= $main))[0] ?? null;
        yield new Finding($this->text(), Level::Stop, "bank:{$bank->id}",
            "A jumper of bank {$bank->id}, {$gauge}, carries {$assessment->words->amps($ampacity)}; the main protection behind it is {$assessment->words->amps($main)}.",
            $better === null ? 'Use thicker jumpers.' : "Use jumpers of {$better}.",
            $better === null || $bank->jumpers !== null ? null : Patch::set("bank:{$bank->id}", ['jumper.gauge' => $better->name]),
            ['rating_a' => $main, 'ampacity_a' => $ampacity]);
    }
}
