<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Dinghy\Source\SourceKind;

final readonly class NoFlame extends TickedHold
{
    public function text(): RuleText
    {
        return new RuleText('S05', [Level::Stop], 'a heat gun or a flame in a compartment with petrol or an open battery box',
            'vapour of petrol and the gas of batteries gather there, and light', 'common practice', SourceKind::CommonPractice);
    }

    public function statement(): string
    {
        return 'It is aired: no petrol, no open battery box, no flame.';
    }
}
