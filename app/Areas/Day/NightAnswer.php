<?php

declare(strict_types=1);

namespace App\Areas\Day;

use Dinghy\Area\Day\Figure\NightFigures;
use Dinghy\Charging\BatteryNight;
use Dinghy\Charging\ChargerNight;
use Dinghy\Solving\SolvedBoat;

/** What the stage Day says of the night after it. */
final class NightAnswer
{
    /** @return array<string, mixed>|null null: there is no day that it follows */
    public static function of(SolvedBoat $boat): ?array
    {
        $night = $boat->figures(NightFigures::class)->night;

        return $night === null ? null : [
            'hours' => $night->hours,
            'celsius' => $boat->plan->tripCelsius,
            'batteries' => array_map(self::battery(...), array_values($night->batteries)),
            'chargers' => array_map(static fn (ChargerNight $one): array => [
                'id' => $one->charger->id, 'mains_w' => $one->mainsWatts(), 'heat_w' => $one->heatWatts(), 'mains_wh' => $one->mainsWattHours(),
            ], array_values($night->chargers)),
        ];
    }

    /** @return array<string, mixed> */
    private static function battery(BatteryNight $one): array
    {
        return [
            'id' => $one->battery->id,
            'lead' => $one->battery->chemistry->isLead(),
            'space' => $one->battery->space,
            'charger' => $one->charger?->id,
            'not_charged' => $one->isNot?->says(),
            'evening' => $one->evening,
            'morning' => $one->morning,
            'full_after_h' => $one->isNot === null ? $one->fullAfter : null,
            'bulk_h' => $one->bulk,
            'absorption_h' => $one->absorption,
            'float_v' => $one->floatVolts(),
            'most_a' => $one->mostAmps,
            'ah' => $one->ah,
            'lost_in_lead_v' => $one->lostInLead,
        ];
    }
}
