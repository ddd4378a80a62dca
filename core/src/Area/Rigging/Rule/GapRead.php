<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Dinghy\Source\SourceKind;

final readonly class GapRead extends MeteredHold
{
    public function text(): RuleText
    {
        return new RuleText('S09', [Level::Stop], 'a conductor is landed across a gap whose volts were not read, or are not those expected',
            'a wrong jumper shows in volts before it shows in sparks: the gap is read while it is open', 'common practice', SourceKind::CommonPractice);
    }

    public function statement(): string
    {
        return 'The gap and the post read what they must.';
    }
}
