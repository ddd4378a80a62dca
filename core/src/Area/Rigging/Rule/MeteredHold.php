<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Rule;

/** A hold that a meter passes: what it must show follows from the boat as it is built by then. */
abstract readonly class MeteredHold implements HoldRule
{
    public function asks(): Proof
    {
        return Proof::Reading;
    }

    /** As the boat has it: Probing names them. */
    public function readings(): array
    {
        return [];
    }

    public function lacks(Evidence $evidence): ?string
    {
        if ($evidence->judgements === null) {
            return 'It holds until every reading is taken: '.$this->statement();
        }
        foreach ($evidence->judgements as $judgement) {
            if (! $judgement->isInside()) {
                return $judgement->says.($judgement->next === null ? '' : " {$judgement->next}");
            }
        }

        return null;
    }
}
