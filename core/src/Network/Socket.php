<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Sonar\SonarFunction;

/** Where a transducer is plugged into a device. */
final readonly class Socket
{
    /**
     * @param  string  $plug  the kind that fits
     * @param  list<SonarFunction>  $shows  what the device makes of it
     */
    public function __construct(public string $id, public string $plug, public array $shows)
    {
    }
}
