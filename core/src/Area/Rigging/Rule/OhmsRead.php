<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Dinghy\Source\SourceKind;

final readonly class OhmsRead extends MeteredHold
{
    public function text(): RuleText
    {
        return new RuleText('S10', [Level::Stop], 'a new circuit is powered before its ohms were read, plus to minus and to a metal hull, with its devices unplugged',
            'a short that ohms would have shown burns at the first touch of power', 'common practice', SourceKind::CommonPractice);
    }

    public function statement(): string
    {
        return 'Nothing joins plus to minus, or to the hull.';
    }
}
