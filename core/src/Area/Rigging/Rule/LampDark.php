<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Dinghy\Source\SourceKind;

/** What ohms do not show: that a short does not come with the power. */
final readonly class LampDark extends TickedHold
{
    public function text(): RuleText
    {
        return new RuleText('S10', [Level::Stop], 'a new circuit is powered without a lamp or a small fuse in its fuse’s place first',
            'a lamp lights, or a small fuse opens, where the right fuse would have let a fire begin', 'common practice', SourceKind::CommonPractice, isCloser: true);
    }

    public function statement(): string
    {
        return 'A lamp in the fuse’s place stays dark, or a small fuse holds.';
    }
}
