<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Dinghy\Source\SourceKind;

final readonly class MainsByLicence extends TickedHold
{
    public function text(): RuleText
    {
        return new RuleText('S06', [Level::Warn], 'a mains inlet or a charger plug is fitted',
            'mains on a boat kills in the water beside her: earth-fault protection, the drain hole down, and a licensed person where the code asks for one', 'common practice', SourceKind::CommonPractice);
    }

    public function statement(): string
    {
        return 'Earth-fault protection is there, and a licensed person has seen it where the code asks for one.';
    }
}
