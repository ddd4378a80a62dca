<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

/** A hold that is passed by the word of whoever may sign it. */
abstract readonly class TickedHold implements HoldRule
{
    public function asks(): Proof
    {
        return Proof::Tick;
    }

    public function readings(): array
    {
        return [];
    }

    public function lacks(Evidence $evidence): ?string
    {
        return $evidence->tick ? null : 'It holds until somebody who may sign it says: '.$this->statement();
    }
}
