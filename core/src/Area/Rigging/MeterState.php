<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

/** What a circuit does while it is metered: no power on it, power but no load, or its load. */
enum MeterState: string
{
    case Off = 'off';
    case Rest = 'rest';
    case Loaded = 'loaded';
}
