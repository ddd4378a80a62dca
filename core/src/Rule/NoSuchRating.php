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
        foreach ($assessment->protections as $protection) {
            $family = $protection->family();
            if ($family->has($protection->rating())) {
                continue;
            }
            $words = $assessment->words;
            $size = $family->smallestOfAtLeast($protection->asks ?? $protection->rating());
            $fits = $size !== null && $protection->bears($size);
            yield new Finding($this->text(), Level::Warn, $protection->on,
                "There is no {$family->label()} of {$words->amps($protection->rating())} ({$protection->where}).",
                $fits ? "Fit {$words->amps($size)}." : 'Choose another family, or a thicker wire.',
                $fits ? Patch::set($protection->on, [$protection->ratingField() => $size]) : null,
                ['rating_a' => $protection->rating()]);
        }
    }
}
