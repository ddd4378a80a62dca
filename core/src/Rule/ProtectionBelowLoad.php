<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Plan\Patch;
use Dinghy\Wiring\SizedRun;

final readonly class ProtectionBelowLoad implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F03', [Level::Warn],
            "continuous loads: rating < 1.25 × typical; any: rating < peak; motors: rating < peak. The maker's figure prevails where there is one",
            'it opens in use though nothing is wrong', 'common practice', Mark::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        $words = $assessment->words;
        foreach ($assessment->circuits() as $run) {
            $demand = $run->circuit?->demand;
            foreach ($run->protection as $index => $protection) {
                if ($run->circuit === null || $demand === null || $protection->rating >= $demand->leastRating()) {
                    continue;
                }
                $family = $protection->planned->family;
                $size = $family->smallestOfAtLeast($demand->leastRating());
                [$remedy, $patch] = $this->remedy($run, $index, $size, $words);
                yield new Finding($this->text(), Level::Warn, $run->circuit->on(),
                    ucfirst("{$family->label()} of {$words->amps($protection->rating)} on {$run->circuit->label}: the load asks for at least {$words->amps($demand->leastRating())}"
                        .($demand->makers === null ? " ({$words->amps($run->amps)} running, {$words->amps($run->peakAmps)} at peak)." : ', says its maker.')),
                    $remedy, $patch, ['rating_a' => $protection->rating, 'least_a' => $demand->leastRating()]);
            }
        }
    }

    /** @return array{string, Patch|null} */
    private function remedy(SizedRun $run, int $index, ?float $size, Words $words): array
    {
        $on = $run->circuit?->on() ?? '';
        // A rating that Dinghy chooses follows the wire by itself.
        $rating = $run->protection[$index]->chosen ? [] : [ProtectionAboveAmpacity::field($run, $index) => $size];
        if ($size !== null && $size <= ($run->ampacity ?? 0.0)) {
            return ["Fit {$words->amps($size)}.", Patch::set($on, $rating)];
        }
        foreach ($run->rungs as $rung) {
            if ($size !== null && $rung->ampacity !== null && $rung->ampacity >= $size) {
                return ["Run {$rung->gauge} and fit {$words->amps($size)}.", Patch::set($on, ['run.gauge' => $rung->gauge->name, ...$rating])];
            }
        }

        return ['Split the load over two circuits.', null];
    }
}
