<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\Battery\Chemistry;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Charger;

/** Other batteries, new and full, in the places of those of a bank; what charges them is set for them, and no stronger than they take. */
final class OtherBatteries
{
    /** What is the place's and stays, whatever stands in it. */
    private const OF_THE_PLACE = ['id', 'station', 'lies', 'plus_side', 'tray_mm', 'restrained', 'booted', 'space', 'petrol_fitting_m', 'petrol_shield'];

    /** What was measured of one that is not there yet. */
    private const MEASURED = ['rested_v', 'commissioned', 'soc'];

    /** @param  \stdClass  $figures  a block as the plan file has it, without id */
    public static function in(PlanDocument $document, Bank $bank, \stdClass $figures): Patch
    {
        $old = $document->partsOf('battery');
        $patches = [];
        foreach ($bank->batteries() as $battery) {
            $stays = array_intersect_key(get_object_vars($old[$battery->id]), array_flip(self::OF_THE_PLACE));
            $patches[] = Patch::put("battery:{$battery->id}", (object) [...get_object_vars(self::fresh($figures)), ...$stays]);
        }
        $chemistry = Chemistry::tryFrom(is_string($figures->chemistry ?? null) ? $figures->chemistry : '');
        $capacity = is_numeric($figures->capacity_ah ?? null) ? (float) $figures->capacity_ah : 0.0;
        if ($chemistry !== null) {
            foreach ($document->plan()->chargers as $charger) {
                $set = self::outputs($charger, $bank, $chemistry, $capacity);
                $set === [] || $patches[] = Patch::set("charger:{$charger->id}", $set);
            }
        }

        return Patch::all($patches);
    }

    /** @return array<string, float|string> what is to be set of a charger for them */
    private static function outputs(Charger $charger, Bank $bank, Chemistry $chemistry, float $capacity): array
    {
        $set = [];
        foreach ($charger->batteryOutputs() as $number => $output) {
            if ($output->isOn($bank)) {
                $most = ($chemistry->highestChargingRate() ?? INF) * $capacity * ($output->chargesWhole($bank) ? count($bank->strings) : 1);
                $output->profile !== $chemistry && $set["outputs.{$number}.profile"] = $chemistry->value;
                $output->amps > $most && $set["outputs.{$number}.amps"] = max(0.5, floor($most));
            }
        }

        return $set;
    }

    /** As new, charged full. */
    public static function fresh(\stdClass $figures): \stdClass
    {
        return (object) [...array_diff_key(get_object_vars($figures), array_flip(self::MEASURED)), 'soc' => 1.0];
    }
}
