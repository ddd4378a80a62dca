<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Proposal;

use Dinghy\File\Patch;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\ProposalRefused;

/** What a comparison of with and without an extra ground comes to: a wire of the plan, or none, and why. */
final class SettleGround
{
    /**
     * @param  string|null  $bank  to whose minus it leads; null: it comes off
     * @param  string  $why  in words
     */
    public static function of(Plan $plan, string $device, ?string $bank, string $why): Patch
    {
        isset($plan->devices[$device]) || throw ProposalRefused::noSuch('device', $device);
        $bank === null || isset($plan->banks[$bank]) || throw ProposalRefused::noSuch('bank', $bank);

        return Patch::set("device:{$device}", ['ground' => $bank === null ? null : (object) ['bank' => $bank, ...($why === '' ? [] : ['words' => $why])]]);
    }
}
