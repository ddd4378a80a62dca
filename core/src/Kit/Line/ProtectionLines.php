<?php

declare(strict_types=1);

namespace Dinghy\Kit\Line;

use Dinghy\Overcurrent\Seat;
use Dinghy\Plan\Plan;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Solving\SolvedBoat;

/** Fuses with two spares of each size, their holders, breakers, switches, blocks, boots. */
final class ProtectionLines
{
    private const SPARES = 2;

    /** @return list<KitLine> */
    public static function of(SolvedBoat $boat): array
    {
        $tray = new Tray('Fuses and switches');
        $spared = [];
        foreach ($boat->protections as $one) {
            $item = ucfirst($one->family()->label()).' '.QuantityFormatter::trim($one->rating(), 1).' A';
            if ($one->family()->isBreaker()) {
                $tray->pieces($item, 1, $one->on);

                continue;
            }
            $tray->pieces($item, isset($spared[$item]) ? 1 : 1 + self::SPARES, $one->on);
            $spared[$item] = true;
            // A branch's fuse sits in its block.
            $tray->pieces('Holder for a '.$one->family()->label(), $one->seat === Seat::Branch ? 0 : 1, $one->on);
        }

        return [...$tray->lines(), ...self::switches($boat->plan)];
    }

    /** @return list<KitLine> */
    private static function switches(Plan $plan): array
    {
        $tray = new Tray('Fuses and switches');
        foreach ($plan->feeds as $feed) {
            // A breaker serves as the switch of its feed.
            $tray->pieces('Switch'.self::made($feed->switchRating), $feed->switch && ! $feed->hasBreaker() ? 1 : 0, "feed:{$feed->id}");
        }
        foreach ($plan->banks as $bank) {
            $tray->pieces('Battery switch'.self::made($bank->switchRating), $bank->switch ? 1 : 0, "bank:{$bank->id}");
        }
        foreach ($plan->blocks as $block) {
            $tray->pieces('Fuse block'.($block->circuits === null ? '' : ", {$block->circuits} circuits"), 1, "block:{$block->id}");
        }
        foreach ($plan->banks as $bank) {
            $bank->shunt === null || $tray->pieces('Monitor shunt'.self::made($bank->shunt->amps), 1, "bank:{$bank->id}");
        }
        foreach ($plan->batteries as $battery) {
            $tray->pieces('Boot for a positive post', $plan->bankOf($battery->id) === null || $battery->booted === true ? 0 : 1, "battery:{$battery->id}");
        }

        return $tray->lines();
    }

    private static function made(?float $amps): string
    {
        return $amps === null ? '' : ' '.QuantityFormatter::trim($amps, 1).' A';
    }
}
