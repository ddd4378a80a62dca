<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Dinghy\Source\SourceKind;

final readonly class RestInside extends MeteredHold
{
    public function text(): RuleText
    {
        return new RuleText('S04', [Level::Stop], 'electronics are plugged in before every reading at rest of their circuit is within tolerance',
            'a screen survives no reversed plug and no wrong tap', 'common practice', SourceKind::CommonPractice);
    }

    public function statement(): string
    {
        return 'Every plug of this circuit reads what it must, red on plus.';
    }
}
