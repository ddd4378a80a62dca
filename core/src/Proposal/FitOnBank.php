<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Plan;

/** A shunt, a battery switch or the fuses of its strings put on a bank that is there. */
final class FitOnBank
{
    /** @param  \stdClass  $figures  rating_a, mohm, stud; its monitor is set to the capacity of the bank */
    public static function shunt(Plan $plan, \stdClass $figures, string $bank): Patch
    {
        $capacity = self::bank($plan, $bank)->capacityAh();

        return Patch::set("bank:{$bank}", ['shunt' => (object) [...get_object_vars($figures), 'capacity_set_ah' => $capacity]]);
    }

    /** @param  float|null  $amps  A that it is made for; null: nobody has said */
    public static function batterySwitch(Plan $plan, ?float $amps, string $bank): Patch
    {
        self::bank($plan, $bank);

        return Patch::set("bank:{$bank}", ['switch' => true, ...($amps === null ? [] : ['switch_rating_a' => $amps])]);
    }

    /** @param  \stdClass  $figures  of a protection, as the plan file has it, with its rating */
    public static function stringFuses(Plan $plan, \stdClass $figures, string $bank): Patch
    {
        $strings = count(self::bank($plan, $bank)->strings);
        if ($strings === 1) {
            throw ProposalRefused::because(ucfirst(self::bank($plan, $bank)->label()).' has one string: its fuse sits in the feed.');
        }
        if (! isset($figures->rating_a)) {
            throw ProposalRefused::because('The fuse of a string is not chosen by itself: take one of a fixed rating.');
        }

        return Patch::set("bank:{$bank}", ['string_protection' => $figures]);
    }

    private static function bank(Plan $plan, string $bank): Bank
    {
        return $plan->banks[$bank] ?? throw ($bank === '' ? ProposalRefused::because('Choose the bank that it goes on.') : ProposalRefused::noSuch('bank', $bank));
    }
}
