<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Dinghy\Source\SourceKind;

final readonly class NegativesLast extends TickedHold
{
    public function text(): RuleText
    {
        return new RuleText('S03', [Level::Stop], 'a load negative of a bank is connected before its last positive',
            'it closes the circuit: the tool that lands the next positive sparks', 'common practice', SourceKind::CommonPractice);
    }

    public function statement(): string
    {
        return 'Every positive of this bank is on and booted.';
    }
}
