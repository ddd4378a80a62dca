<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Proposal;

use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\File\Patch;
use Dinghy\Plan\Device;
use Dinghy\Plan\DeviceKind;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\AddDevice;
use Dinghy\Proposal\FreeId;

/** For a device at which more cables end than it has ports: a hub of the catalogue, the smallest that does. */
final readonly class OrderHub
{
    /** @param  array<string, \stdClass>  $offered  hubs as the plan file has devices, by what they are called in the catalogue */
    public function __construct(private array $offered)
    {
    }

    /** @return list<Order> */
    public function for(Plan $plan, SonarFigures $figures): array
    {
        $orders = [];
        foreach ($figures->cabling->devices() as $device) {
            $ports = $figures->network->devices[$device->id]->ports;
            $used = $figures->cabling->used($device->id);
            if ($ports !== null && $figures->cabling->isOverfull($device->id)) {
                $isHub = $device->kind === DeviceKind::NetworkHub;
                // Beside a screen, the hub also takes the cable to it.
                $hub = $this->smallest($isHub ? $used : $used + 1);
                if ($hub !== null && ($isHub || $ports > 0)) {
                    $orders[] = $isHub ? $this->instead($device, $hub) : $this->beside($plan, $figures, $device, $hub);
                }
            }
        }

        return $orders;
    }

    /** @return string|null null: the catalogue has none with so many */
    private function smallest(int $ports): ?string
    {
        $enough = array_filter($this->offered, static fn (\stdClass $hub): bool => ($hub->network_ports ?? 0) >= $ports);
        $least = array_map(static fn (\stdClass $hub): mixed => $hub->network_ports ?? 0, $enough);
        asort($least);

        return $least === [] ? null : (string) array_key_first($least);
    }

    private function instead(Device $full, string $hub): Order
    {
        /** @var array<string, mixed> $figures */
        $figures = get_object_vars($this->offered[$hub]);

        return new Order("device:{$full->id}", "{$hub} in its place", [$hub], [], Patch::set("device:{$full->id}", [...$figures, 'part' => $hub]));
    }

    /** What ends at the device ends at a hub beside it, and one cable leads on. */
    private function beside(Plan $plan, SonarFigures $figures, Device $full, string $hub): Order
    {
        $id = FreeId::like($plan, $hub);
        $patch = AddDevice::to($plan, (object) ['name' => $hub, ...get_object_vars($this->offered[$hub]), 'part' => $hub], $full->station);
        foreach ($figures->network->cables as $cable) {
            foreach (['from' => $cable->from, 'to' => $cable->to] as $end => $at) {
                $at === $full->id && $patch = $patch->and(Patch::set("network-cable:{$cable->id}", [$end => $id]));
            }
        }
        $new = FreeId::like($plan, "net {$full->id}");

        return new Order("device:{$full->id}", "{$hub} beside it, and a cable from there", [$hub], [], $patch->and(
            Patch::put("network-cable:{$new}", (object) ['id' => $new, 'from' => $id, 'to' => $full->id]),
        ));
    }
}
