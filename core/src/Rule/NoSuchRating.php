<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Plan\Patch;

final readonly class NoSuchRating implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F07', [Level::Warn], 'a rating that does not exist as a size of its family',
            'it cannot be bought, and the next size may not suit the wire', 'sizes by family', Mark::FromMemory);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->circuits() as $run) {
            foreach ($run->protection as $index => $protection) {
                $family = $protection->planned->family;
                if ($run->circuit === null || $family->has($protection->rating)) {
                    continue;
                }
                $words = $assessment->words;
                $size = $family->smallestOfAtLeast($run->circuit->demand->leastRating());
                $fits = $size !== null && $size <= ($run->ampacity ?? 0.0);
                yield new Finding($this->text(), Level::Warn, $run->circuit->on(),
                    "There is no {$family->label()} of {$words->amps($protection->rating)} (run {$run->circuit->label}).",
                    $fits ? "Fit {$words->amps($size)}." : 'Choose another family, or a thicker wire.',
                    $fits ? Patch::set($run->circuit->on(), [ProtectionAboveAmpacity::field($run, $index) => $size]) : null,
                    ['rating_a' => $protection->rating]);
            }
        }
    }
}
