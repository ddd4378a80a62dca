<?php

declare(strict_types=1);

namespace App\Areas\Day;

use Dinghy\Area\Day\Figure\LayUpFigures;
use Dinghy\LayUp\Drain;
use Dinghy\LayUp\LayUp;
use Dinghy\Solving\SolvedBoat;

/** What the stage Day says of a boat that nobody touches, bank by bank. */
final class LayUpAnswer
{
    /** @return list<array<string, mixed>> */
    public static function of(SolvedBoat $boat): array
    {
        $figures = $boat->figures(LayUpFigures::class);

        return array_values(array_map(static fn (LayUp $layUp): array => [
            'bank' => $layUp->bank->id,
            'floor' => $boat->plan->houseRules->floorOf($layUp->bank->batteries()[0]->chemistry),
            'lead' => $layUp->bank->batteries()[0]->chemistry->isLead(),
            'drains' => array_map(static fn (Drain $drain): array => [
                'on' => $drain->on, 'amps' => $drain->amps, 'meant' => $drain->isMeant, 'feed' => $drain->feed,
            ], $layUp->drains),
            'between_trips' => self::stretch($layUp),
            'winter' => self::stretch($figures->winter[$layUp->bank->id]),
        ], $figures->betweenTrips));
    }

    /** @return array<string, mixed> */
    private static function stretch(LayUp $layUp): array
    {
        return [
            'days' => $layUp->days,
            'celsius' => $layUp->celsius,
            'by_itself_a_day' => $layUp->byItself,
            'left' => $layUp->left(),
            'days_to_floor' => $layUp->daysToFloor(),
            'days_to_empty' => $layUp->daysToEmpty(),
            'days_to_floor_switched_off' => $layUp->daysToFloorSwitchedOff(),
        ];
    }
}
