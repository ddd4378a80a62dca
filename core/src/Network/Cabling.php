<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Plan\Device;
use Dinghy\Plan\DeviceKind;
use Dinghy\Plan\Plan;

/** Which devices network cables join, and the ports that they take. */
final readonly class Cabling
{
    /** @var array<string, list<string>> devices at the other ends of a device's cables, by its id */
    private array $neighbours;

    /**
     * @param  list<string>  $out  devices that are off: no cable leads through them
     * @param  string|null  $pulled  a cable that is not there
     */
    public function __construct(private Plan $plan, private DataNetwork $network, array $out = [], ?string $pulled = null)
    {
        $neighbours = [];
        foreach ($network->cables as $cable) {
            if ($cable->id === $pulled || in_array($cable->from, $out, true) || in_array($cable->to, $out, true)) {
                continue;
            }
            $neighbours[$cable->from][] = $cable->to;
            $neighbours[$cable->to][] = $cable->from;
        }
        $this->neighbours = $neighbours;
    }

    /**
     * The same while something is off.
     *
     * @param  list<string>  $out  devices
     * @param  string|null  $pulled  a cable
     */
    public function without(array $out, ?string $pulled): self
    {
        return new self($this->plan, $this->network, $out, $pulled);
    }

    /** Cables that end at a device. */
    public function used(string $device): int
    {
        return count($this->neighbours[$device] ?? []);
    }

    /** @return list<Device> that have ports, or cables that end at them */
    public function devices(): array
    {
        return array_values(array_filter(
            $this->plan->devices,
            fn (Device $device): bool => ($this->network->devices[$device->id]->ports ?? 0) > 0 || $this->used($device->id) > 0,
        ));
    }

    /** Whether more cables end at a device than it has ports; one of which nobody has said has none. */
    public function isOverfull(string $device): bool
    {
        return $this->used($device) > ($this->network->devices[$device]->ports ?? 0);
    }

    /** Free ports of a device; 0 where nobody has said how many it has. */
    public function free(string $device): int
    {
        return max(0, ($this->network->devices[$device]->ports ?? 0) - $this->used($device));
    }

    /** @return array<string, true> devices that cables lead to from one, itself included */
    public function reachedFrom(string $device): array
    {
        $reached = [$device => true];
        for ($next = [$device]; $next !== [];) {
            $from = array_pop($next);
            foreach ($this->neighbours[$from] ?? [] as $to) {
                if (! isset($reached[$to])) {
                    $reached[$to] = true;
                    $next[] = $to;
                }
            }
        }

        return $reached;
    }

    /** @return array<string, list<string>> transducers that each screen sees, by the screen's id, in the order of the plan */
    public function seen(Chains $chains): array
    {
        $seen = [];
        foreach ($this->plan->devices as $device) {
            if ($device->kind !== DeviceKind::Display) {
                continue;
            }
            $reached = $this->reachedFrom($device->id);
            $seen[$device->id] = [];
            foreach ($this->network->transducers as $transducer) {
                if ($transducer->device !== null && isset($reached[$transducer->device]) && $chains->chainOf($transducer) !== null) {
                    $seen[$device->id][] = $transducer->id;
                }
            }
        }

        return $seen;
    }
}
