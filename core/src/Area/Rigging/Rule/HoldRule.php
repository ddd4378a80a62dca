<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

use Dinghy\Rule\RuleText;

/** A rule of the work itself: it speaks of no plan, and holds a step until what it asks for is given. */
interface HoldRule
{
    public function text(): RuleText;

    public function asks(): Proof;

    /** @return list<string> what is read, one after the other, each with its unit first: "V, live point" */
    public function readings(): array;

    /** What the person who passes it says by doing so, as "Every charger is unplugged." */
    public function statement(): string;

    /** @return string|null what is missing in what was given, as a sentence; null: it is passed */
    public function lacks(Evidence $evidence): ?string;
}
