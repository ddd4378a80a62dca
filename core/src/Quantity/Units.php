<?php

declare(strict_types=1);

namespace Dinghy\Quantity;

/** The units people see; the file and the arithmetic are SI always. */
enum Units: string
{
    case Imperial = 'imperial';
    case Metric = 'metric';
}
