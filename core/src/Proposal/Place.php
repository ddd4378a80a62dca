<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\Plan\Plan;

/** Where a new part stands. */
final class Place
{
    /**
     * @param  string|null  $station  null: nobody has said
     * @return array{station?: string} the keys that say it in a part
     */
    public static function at(Plan $plan, ?string $station): array
    {
        return match (true) {
            $station === null => [],
            isset($plan->boat->stations[$station]) => ['station' => $station],
            default => throw ProposalRefused::noSuch('station', $station),
        };
    }
}
