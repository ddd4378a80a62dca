<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Dinghy\Source\SourceKind;

final readonly class ChargersUnplugged extends TickedHold
{
    public function text(): RuleText
    {
        return new RuleText('S01', [Level::Stop], 'work on conductors while the charger is plugged in',
            'a charger that wakes up puts its volts on the wires in your hands', 'common practice', SourceKind::CommonPractice);
    }

    public function statement(): string
    {
        return 'Every charger is unplugged, and its plug hangs where nobody takes it up.';
    }
}
