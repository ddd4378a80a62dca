<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

/** A condition of the whole boat in which volts are predicted. */
enum State: string
{
    /** nothing drawn */
    case Rest = 'rest';
    /** every device at its typical current, motors at their peak */
    case Loaded = 'loaded';
    /** every device at its peak current, banks at their floor of charge */
    case Lowest = 'lowest';
    /** the engine's starter turns, every other device but the motors at its typical current */
    case Cranking = 'cranking';
    /** every charger works, nothing is drawn but what converters draw */
    case Charging = 'charging';
}
