<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Dinghy\Source\SourceKind;

final readonly class ToolsCountedOut extends TickedHold
{
    public function text(): RuleText
    {
        return new RuleText('S11', [Level::Stop], 'a compartment is closed before it is vacuumed and its tools are counted out',
            'a strand of copper pits an aluminium bilge, and a spanner left behind welds itself across two posts', 'common practice', SourceKind::CommonPractice);
    }

    public function statement(): string
    {
        return 'Vacuumed, and every tool is counted out.';
    }
}
