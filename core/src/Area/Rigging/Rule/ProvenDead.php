<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Dinghy\Source\SourceKind;

final readonly class ProvenDead implements HoldRule
{
    public function text(): RuleText
    {
        return new RuleText('S08', [Level::Stop], 'a conductor is worked on that is not proven dead',
            'a meter that reads nothing may be broken: a live point, the conductor, the live point again', 'common practice', SourceKind::CommonPractice);
    }

    public function asks(): Proof
    {
        return Proof::Reading;
    }
}
