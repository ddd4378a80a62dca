<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Rule\RuleText;

/** A rule of the work itself: it speaks of no plan, and holds a step until what it asks for is given. */
interface HoldRule
{
    public function text(): RuleText;

    public function asks(): Proof;
}
