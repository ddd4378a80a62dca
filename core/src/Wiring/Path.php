<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Plan\Device;
use Dinghy\Plan\Feed;
use Dinghy\Plan\LoadClass;

/** The way the current takes from a bank to a device: a feed, or a feed and a branch; then the device's factory lead. */
final readonly class Path
{
    /** @param  non-empty-list<Circuit>  $circuits from the bank outward */
    public function __construct(
        public Feed $feed,
        public array $circuits,
        public Device $device,
    ) {
    }

    /** The class of its branch, or of its feed where there is no branch: the drop limit goes by it. */
    public function class(): LoadClass
    {
        return $this->circuits[count($this->circuits) - 1]->class;
    }

    /** V between the bank terminals used */
    public function nominalVolts(): float
    {
        return $this->feed->supply->nominalVolts();
    }

    public function passes(Circuit $circuit): bool
    {
        return in_array($circuit, $this->circuits, true);
    }
}
