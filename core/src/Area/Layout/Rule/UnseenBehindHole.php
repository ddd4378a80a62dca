<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Rule;

use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class UnseenBehindHole implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('M03', [Level::Stop], 'a hole is to be drilled and nobody has said what is behind it',
            'what cannot be seen is what the drill finds', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        foreach ($solved->plan->holes as $hole) {
            if ($hole->behind === '') {
                yield new Finding($this->text(), Level::Stop, "hole:{$hole->id}",
                    "Nobody has looked behind {$hole->label()}, a hole of ".QuantityFormatter::trim($hole->diameter, 1).' mm.',
                    'Look behind with a small camera through an opening that is there, and write down what you see.', null, []);
            }
        }
    }
}
