<?php

declare(strict_types=1);

namespace Dinghy\Metering;

use Dinghy\Quantity\QuantityFormatter;

/** Resistances as a hand meter writes them. */
final class Ohms
{
    public static function written(float $ohms): string
    {
        return match (true) {
            $ohms >= HandMeter::OVER => 'open',
            $ohms >= 1e6 => QuantityFormatter::trim($ohms / 1e6, 2).' MΩ',
            $ohms >= 1e3 => QuantityFormatter::trim($ohms / 1e3, 2).' kΩ',
            default => QuantityFormatter::trim($ohms, $ohms < 10 ? 2 : 1).' Ω',
        };
    }
}
