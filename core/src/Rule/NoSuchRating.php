<?php

declare(strict_types=1);

namespace Dinghy\Rule;

final readonly class NoSuchRating implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F07', [Level::Warn], 'a rating that does not exist as a size of its family',
            'it cannot be bought, and the next size may not suit the wire', 'sizes by family', SourceKind::FromMemory);
    }

    public function check(Assessment $assessment): iterable
    {
        foreach ($assessment->protections as $protection) {
            $family = $protection->family();
            if ($family->has($protection->rating())) {
                continue;
            }
            $words = $assessment->words;
            yield new Finding($this->text(), Level::Warn, $protection->on,
                "There is no {$family->label()} of {$words->amps($protection->rating())} ({$protection->where}).",
                'Choose another family, or a thicker wire.',
                static function () use ($assessment, $protection): iterable {
                    $least = $protection->asks ?? $protection->rating();
                    yield from OtherProtection::between($assessment, $protection, $least, $protection->bears());
                    yield from OtherProtection::onThickerWire($assessment, $protection, $least);
                },
                ['rating_a' => $protection->rating()]);
        }
    }
}
