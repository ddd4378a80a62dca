<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Plan\Plan;

/** Devices that data cables join: by name, as network cables, on a backbone, on a serial line. */
final class JoinedDevices
{
    /** @var array<string, string> what a device is joined to, by its id; one at the root is joined to itself */
    private array $root = [];

    private function __construct()
    {
    }

    /** @return list<list<string>> ids of devices, two of a list at least, in the order of the plan */
    public static function of(Plan $plan): array
    {
        $joined = new self;
        $named = [];
        foreach ($plan->devices as $device) {
            $device->data === null || $named[$device->data][] = $device->id;
        }
        $network = $plan->part(DataNetwork::class);
        foreach ([
            ...array_values($named),
            ...array_map(static fn (NetworkCable $cable): array => [$cable->from, $cable->to], array_values($network->cables ?? [])),
            ...array_map(static fn (Backbone $backbone): array => array_map(static fn (BackboneNode $node): string => $node->device, $backbone->nodes), array_values($network->backbones ?? [])),
            ...array_map(static fn (SerialLine $line): array => [$line->talker, ...$line->listeners], array_values($network->serial ?? [])),
        ] as $together) {
            foreach ($together as $device) {
                $joined->root[$joined->rootOf($device)] = $joined->rootOf($together[0]);
            }
        }
        $groups = [];
        foreach (array_keys($plan->devices) as $device) {
            $groups[$joined->rootOf((string) $device)][] = (string) $device;
        }

        return array_values(array_filter($groups, static fn (array $group): bool => count($group) > 1));
    }

    private function rootOf(string $device): string
    {
        while (($this->root[$device] ?? $device) !== $device) {
            $device = $this->root[$device];
        }

        return $device;
    }
}
