<?php

declare(strict_types=1);

namespace Dinghy\Overcurrent;

/** What a protection sits in. */
enum Seat
{
    case Feed;
    case Branch;
    /** on the top post of a string */
    case BatteryString;
    case Jumper;
    case Bond;
    /** the lead of a charger's or a converter's output */
    case ChargerLead;
}
