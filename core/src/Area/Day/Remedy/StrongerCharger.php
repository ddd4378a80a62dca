<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Remedy;

use Dinghy\Charging\BatteryNight;
use Dinghy\File\Patch;
use Dinghy\Rule\Remedy;
use Dinghy\Solving\SolvedBoat;

/** A charger that gives a battery more, up to what its kind takes. */
final class StrongerCharger
{
    /** times the amps that the hours alone ask for: the slow end is not hurried by more */
    private const TIMES = [1.0, 1.25, 1.6, 2.0, 3.0];

    /**
     * @param  float  $hours  h that the night has
     * @return iterable<Remedy> weakest first
     */
    public static function for(SolvedBoat $solved, BatteryNight $late, float $hours): iterable
    {
        $charger = $late->charger;
        $rate = $late->battery->chemistry->highestChargingRate();
        if ($charger === null || $hours <= 0) {
            return;
        }
        $given = 0;
        foreach (self::TIMES as $times) {
            $set = $says = [];
            foreach ($charger->batteryOutputs() as $number => $output) {
                $bank = $solved->plan->bankOf($late->battery->id);
                $whole = $bank !== null && $output->chargesWhole($bank);
                if ($whole || $output->charges($late->battery)) {
                    $most = $rate === null ? INF : $rate * ($whole ? $bank->capacityAh() : $late->battery->capacityAh);
                    $amps = min($most, ceil($times * $output->amps * max(1.0, ($late->fullAfter ?? 2 * $hours) / $hours)));
                    $amps > $output->amps && $amps > $given && $set["outputs.{$number}.amps"] = $amps;
                    $says[] = $solved->words->amps($amps);
                    $given = max($given, $amps);
                }
            }
            if ($set !== []) {
                yield new Remedy('Use a larger charger: '.implode(' and ', $says)." from {$charger->label()}.", Patch::set("charger:{$charger->id}", $set));
            }
        }
    }
}
