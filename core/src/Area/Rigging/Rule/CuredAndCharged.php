<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Dinghy\Source\SourceKind;

final readonly class CuredAndCharged extends TickedHold
{
    public function text(): RuleText
    {
        return new RuleText('S12', [Level::Warn], 'a sealant or glue is not cured, or a battery is not charged full before it joins others',
            'what is loaded before it has set lets go under way; a low block among full ones is charged by them all at once', 'common practice', SourceKind::CommonPractice);
    }

    public function statement(): string
    {
        return 'It has stood as long as it has to.';
    }
}
