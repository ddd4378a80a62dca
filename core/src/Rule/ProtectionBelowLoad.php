<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Overcurrent\PlacedProtection;
use Dinghy\Plan\Patch;

final readonly class ProtectionBelowLoad implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F03', [Level::Warn],
            "continuous loads: rating < 1.25 × typical; any: rating < peak; motors: rating < peak. The maker's figure prevails where there is one. On strings, jumpers, bonds and chargers: of what the solved network puts through them",
            'it opens in use though nothing is wrong', 'common practice', Mark::CommonPractice);
    }

    public function check(Assessment $assessment): iterable
    {
        $words = $assessment->words;
        foreach ($assessment->protections as $protection) {
            $asks = $protection->asks;
            if ($asks === null || $protection->rating() >= $asks - 1e-9) {
                continue;
            }
            [$remedy, $patch] = $this->remedy($assessment, $protection, $protection->family()->smallestOfAtLeast($asks - 1e-9));
            $run = $protection->run;
            yield new Finding($this->text(), Level::Warn, $protection->on,
                ucfirst("{$protection->family()->label()} of {$words->amps($protection->rating())} on {$protection->where}: ".($run === null ? 'what flows there' : 'the load')." asks for at least {$words->amps($asks)}"
                    .match (true) {
                        $run === null => ($protection->draws === null ? '' : " ({$words->amps($protection->draws)} flow)").'.',
                        $run->circuit?->demand->makers === null => " ({$words->amps($run->amps)} running, {$words->amps($run->peakAmps)} at peak).",
                        default => ', says its maker.',
                    }),
                $remedy, $patch, ['rating_a' => $protection->rating(), 'least_a' => $asks]);
        }
    }

    /** @return array{string, Patch|null} */
    private function remedy(Assessment $assessment, PlacedProtection $protection, ?float $size): array
    {
        // A rating that Dinghy chooses follows the wire by itself.
        $rating = $protection->sized->chosen ? [] : [$protection->ratingField() => $size];
        $words = $assessment->words;
        if ($size !== null && $protection->bears($size)) {
            return ["Fit {$words->amps($size)}.", Patch::set($protection->on, $rating)];
        }
        $thinnest = $protection->thinnest();
        $gauge = $size === null || $thinnest === null ? null : $thinnest->gaugeFor($size, $assessment->plan->houseRules);
        $thicker = $gauge === null ? null : $thinnest->withGauge($gauge);

        return $size === null || $thicker === null ? ['Split the load over two circuits.', null]
            : ["Run {$gauge} and fit {$words->amps($size)}.", $rating === [] ? $thicker : $thicker->and(Patch::set($protection->on, $rating))];
    }
}
