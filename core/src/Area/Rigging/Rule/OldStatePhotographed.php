<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Dinghy\Source\SourceKind;

/** What the survey asks for as a whole, asked place by place before the first wire is unhooked. */
final readonly class OldStatePhotographed implements HoldRule
{
    public function text(): RuleText
    {
        return new RuleText('S07', [Level::Note], 'a place is worked on that was not photographed as it came',
            'what was where is forgotten with the first wire unhooked', 'common practice', SourceKind::CommonPractice, isCloser: true);
    }

    public function asks(): Proof
    {
        return Proof::Photo;
    }

    public function readings(): array
    {
        return [];
    }

    public function statement(): string
    {
        return 'It is photographed as it came, posts and all.';
    }

    public function lacks(Evidence $evidence): ?string
    {
        return $evidence->isPhotographed ? null : 'There is no photograph of this place yet. Take one first.';
    }
}
