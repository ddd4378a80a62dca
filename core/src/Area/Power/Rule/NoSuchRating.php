<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Rule;

use Dinghy\Area\Power\Remedy\OtherProtection;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class NoSuchRating implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('F07', [Level::Warn], 'a rating that does not exist as a size of its family',
            'it cannot be bought, and the next size may not suit the wire', 'sizes by family', SourceKind::FromMemory);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->protections as $protection) {
            $family = $protection->family();
            if ($family->has($protection->rating())) {
                continue;
            }
            $words = $solved->words;
            yield new Finding($this->text(), Level::Warn, $protection->on,
                "There is no {$family->label()} of {$words->amps($protection->rating())} ({$protection->where}).",
                'Choose another family, or a thicker wire.',
                static function () use ($solved, $protection): iterable {
                    $least = $protection->asks ?? $protection->rating();
                    yield from OtherProtection::between($solved, $protection, $least, $protection->bears());
                    yield from OtherProtection::onThickerWire($solved, $protection, $least);
                },
                ['rating_a' => $protection->rating()]);
        }
    }
}
