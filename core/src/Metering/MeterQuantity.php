<?php

declare(strict_types=1);

namespace Dinghy\Metering;

enum MeterQuantity: string
{
    case Volts = 'V';
    case Ohms = 'Ω';
}
