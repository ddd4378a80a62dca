<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Solving\SolvedBoat;

/** One judgement of the rulebook. */
interface Rule
{
    public function text(): RuleText;

    /** @return iterable<Finding|Unchecked> */
    public function check(SolvedBoat $solved): iterable;
}
