<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Dinghy\Source\SourceKind;

final readonly class OhmsRead extends MeteredHold
{
    /** @param  bool  $isOnMetal  whether her hull carries current */
    public function __construct(private bool $isOnMetal = true)
    {
    }

    public function text(): RuleText
    {
        return new RuleText('S10', [Level::Stop], 'a new circuit is powered before its ohms were read, plus to minus and to a metal hull, with its devices unplugged',
            'a short that ohms would have shown burns at the first touch of power', 'common practice', SourceKind::CommonPractice);
    }

    public function statement(): string
    {
        return $this->isOnMetal ? 'Nothing joins plus to minus, or to the hull.' : 'Nothing joins plus to minus.';
    }
}
