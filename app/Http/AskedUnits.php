<?php

declare(strict_types=1);

namespace App\Http;

use Dinghy\Quantity\Units;
use Illuminate\Http\Request;

/** The units that an answer is to be written in. */
final class AskedUnits
{
    /** @return Units|null null: those of the plan */
    public static function of(Request $request): ?Units
    {
        $units = $request->input('units');

        return is_string($units) ? Units::tryFrom($units) : null;
    }
}
