<?php

declare(strict_types=1);

namespace Dinghy\Sonar;

use Dinghy\Record\Record;

/** A cable with a plug moulded on: where it is pulled, the plug has to go through first. */
final readonly class MouldedCable
{
    /**
     * @param  float|null  $plug  mm across; null: nobody has measured it
     * @param  float|null  $cable  mm across, likewise
     * @param  float|null  $bend  mm, the least radius that its maker allows
     */
    private function __construct(public ?float $plug, public ?float $cable, public ?float $bend)
    {
    }

    /** @param  Record  $cable  of a transducer or of the network */
    public static function of(Record $cable): self
    {
        return new self($cable->numberOrNull('plug_mm'), $cable->numberOrNull('cable_mm'), $cable->numberOrNull('bend_mm'));
    }
}
