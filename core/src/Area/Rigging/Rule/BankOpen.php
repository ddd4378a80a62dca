<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Dinghy\Source\SourceKind;

final readonly class BankOpen extends TickedHold
{
    public function text(): RuleText
    {
        return new RuleText('S02', [Level::Stop], 'a main fuse or breaker is not off, or the load negative of a bank was not lifted first',
            'a tool that slips then closes no circuit through the boat', 'common practice', SourceKind::CommonPractice);
    }

    public function statement(): string
    {
        return 'Every breaker and switch is open, the fuses are out, the load negative is off.';
    }
}
