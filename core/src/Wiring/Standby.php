<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Plan\Bank;
use Dinghy\Plan\Feed;
use Dinghy\Plan\HouseRules;

/** What a bank loses while nobody is aboard and every switch is off. */
final readonly class Standby
{
    /**
     * @param  list<string>  $names  of what draws though switched off, without a switch in its way: devices and converters
     * @param  list<Feed>  $feeds  that a switch would stop them in
     * @param  float  $amps  A
     * @param  float|null  $daysToFloor  from full, as a boat is laid up; null: nothing draws, or its floor is unknown
     */
    private function __construct(
        public array $names,
        public array $feeds,
        public float $amps,
        public ?float $daysToFloor,
    ) {
    }

    public static function of(Wiring $wiring, HouseRules $rules, Bank $bank): self
    {
        $drawn = $feeds = $names = [];
        foreach ($wiring->paths as $path) {
            if ($path->bank() === $bank && $path->drainsWhenOff()) {
                $drawn[$path->device->id] = $path->device->standbyAmps * $path->ampsAtBank();
                $names[$path->device->id] = $path->device->label();
                $feed = $path->feed();
                if ($feed !== null) {
                    $feeds[$feed->id] = $feed;
                }
            }
        }
        foreach ($wiring->converters as $converter) {
            if ($converter->input->bank === $bank && ! $bank->switch && $converter->charger->standbyAmps > 0) {
                $drawn[$converter->on()] = $converter->charger->standbyAmps;
                $names[$converter->on()] = $converter->charger->label();
            }
        }
        $amps = array_sum($drawn);
        $floor = $rules->floorOf($bank->batteries()[0]->chemistry);

        return new self(array_values($names), array_values($feeds), $amps,
            $floor === null || $amps <= 0 ? null : (1 - $floor) * $bank->capacityAh() / $amps / 24);
    }
}
