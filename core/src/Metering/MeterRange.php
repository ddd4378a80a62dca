<?php

declare(strict_types=1);

namespace Dinghy\Metering;

/** What a hand meter is set to. */
enum MeterRange: string
{
    case Volts20 = '20 V DC';
    case Volts200 = '200 V DC';
    case Ohms20k = '20 kΩ';

    /** The lowest that holds whatever may stand there, so that it is not changed from post to post. */
    public static function forVolts(float $highest): self
    {
        return abs($highest) < 20 ? self::Volts20 : self::Volts200;
    }
}
