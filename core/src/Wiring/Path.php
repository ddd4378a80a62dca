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

    /** Whether its device draws though switched off, with nothing in its way to stop it; what is meant to stay on does not count. */
    public function drainsWhenOff(): bool
    {
        return $this->device->standbyAmps > 0 && ! $this->device->alwaysOn && ! $this->feed->isSwitched();
    }

    /**
     * What is lost on the way and back, bank post to plug: feed, branch and factory lead by the sizing arithmetic.
     *
     * @param  array<string, SizedRun>  $runs  by id
     * @return float|null V; null when a length on the way is unknown
     */
    public function drop(array $runs): ?float
    {
        $lost = $this->leadDrop($runs);
        foreach ($this->circuits as $circuit) {
            $drop = $runs[$circuit->id]->drop;
            if ($drop === null) {
                return null;
            }
            $lost += $drop;
        }

        return $lost;
    }

    /**
     * @param  array<string, SizedRun>  $runs  by id
     * @return float V lost in the device's factory lead; 0 without one
     */
    public function leadDrop(array $runs): float
    {
        return ($runs[$this->device->id] ?? null)->drop ?? 0.0;
    }
}
