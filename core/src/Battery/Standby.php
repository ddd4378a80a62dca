<?php

declare(strict_types=1);

namespace Dinghy\Battery;

use Dinghy\Plan\Bank;
use Dinghy\Plan\Device;
use Dinghy\Plan\Feed;
use Dinghy\Plan\HouseRules;
use Dinghy\Wiring\Wiring;

/** What a bank loses while nobody is aboard and every switch is off. */
final readonly class Standby
{
    /**
     * @param  list<Device>  $devices  that draw though switched off, without a switch in their way
     * @param  list<Feed>  $feeds  that a switch would stop them in
     * @param  float  $amps  A
     * @param  float|null  $daysToFloor  from full, as a boat is laid up; null: nothing draws, or its floor is unknown
     */
    private function __construct(
        public array $devices,
        public array $feeds,
        public float $amps,
        public ?float $daysToFloor,
    ) {
    }

    public static function of(Wiring $wiring, HouseRules $rules, Bank $bank): self
    {
        $devices = $feeds = [];
        foreach ($wiring->paths as $path) {
            if ($path->bank() === $bank && $path->drainsWhenOff()) {
                $devices[$path->device->id] = $path->device;
                $feed = $path->feed();
                if ($feed !== null) {
                    $feeds[$feed->id] = $feed;
                }
            }
        }
        $amps = array_sum(array_map(static fn (Device $device): float => $device->standbyAmps, $devices));
        $floor = $rules->floorOf($bank->batteries()[0]->chemistry);

        return new self(array_values($devices), array_values($feeds), $amps,
            $floor === null || $amps <= 0 ? null : (1 - $floor) * $bank->capacityAh() / $amps / 24);
    }
}
