<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Proposal;

use Dinghy\File\Patch;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\FreeId;
use Dinghy\Proposal\ProposalRefused;

/** A network cable between two devices. */
final class AddNetworkCable
{
    /** @param  \stdClass  $figures  its length and what it is called in the catalogue, as the plan file has them */
    public static function between(Plan $plan, string $from, string $to, \stdClass $figures): Patch
    {
        foreach ([$from, $to] as $device) {
            isset($plan->devices[$device]) || throw ProposalRefused::noSuch('device', $device);
        }
        if ($from === $to) {
            throw ProposalRefused::because('A network cable joins two devices: choose another than the one it begins at.');
        }
        $id = FreeId::like($plan, "net {$from} {$to}");

        return Patch::put("network-cable:{$id}", (object) ['id' => $id, ...get_object_vars($figures), 'from' => $from, 'to' => $to]);
    }
}
