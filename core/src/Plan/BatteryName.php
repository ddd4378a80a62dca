<?php

declare(strict_types=1);

namespace Dinghy\Plan;

use Dinghy\Quantity\NumberingEnd;
use Dinghy\Record\IdWords;

/** What a battery is called in a sentence: by its number in its bank, and by its bank where that is not plain. */
final class BatteryName
{
    /** Where a bank is spoken of: a battery of another bank with that bank's name. */
    public static function beside(Plan $plan, Bank $here, Battery $battery, NumberingEnd $countedFrom): string
    {
        $bank = $plan->bankOf($battery->id);

        if ($bank === null) {
            return ucfirst(IdWords::with('battery', $battery->id));
        }

        return ($bank === $here ? '' : IdWords::of($bank->id).': ')."Battery {$bank->numberOf($battery, $countedFrom)}";
    }

    /** Where no bank is spoken of. */
    public static function alone(Plan $plan, Battery $battery, NumberingEnd $countedFrom): string
    {
        $bank = $plan->bankOf($battery->id);

        return $bank === null
            ? ucfirst(IdWords::with('battery', $battery->id))
            : self::numbered($bank->numberOf($battery, $countedFrom), $bank->id);
    }

    /** "Battery 3 of thrust" */
    public static function numbered(int $number, string $bank): string
    {
        return "Battery {$number} of ".IdWords::of($bank);
    }
}
