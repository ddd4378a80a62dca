<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;
use Dinghy\Plan\Plan;

/** A converter that feeds a fuse block at other volts than those of the bank that it draws on. */
final class AddConverter
{
    /**
     * @param  float  $amps  A that it gives at most
     * @param  float  $volts  V that it gives
     * @param  float|null  $efficiency  share of what it draws that it gives; null: the usual one
     * @param  string|null  $part  what it is called in the catalogue
     */
    public static function to(Plan $plan, string $name, float $amps, float $volts, ?float $efficiency, string $from, string $block, ?string $part = null): Patch
    {
        isset($plan->banks[$from]) || throw ProposalRefused::noSuch('bank', $from);
        isset($plan->blocks[$block]) || throw ProposalRefused::noSuch('block', $block);
        foreach ($plan->feeds as $feed) {
            if ($feed->block === $block) {
                throw ProposalRefused::because(ucfirst($plan->blocks[$block]->label()).' has a feed already: take that out first, or choose another block.');
            }
        }
        $id = FreeId::like($plan, $name);

        return Patch::put("charger:{$id}", (object) [
            'id' => $id, ...($part === null ? [] : ['part' => $part]), 'input' => 'dc-dc', 'input_from' => (object) ['bank' => $from],
            ...($efficiency === null ? [] : ['efficiency' => $efficiency]),
            'outputs' => [(object) ['block' => $block, 'amps' => $amps, 'volts' => $volts]],
        ]);
    }
}
