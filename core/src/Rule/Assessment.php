<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Circuit\States;
use Dinghy\Conductor\Resistance;
use Dinghy\Layout\Ducts;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Device;
use Dinghy\Plan\DeviceKind;
use Dinghy\Plan\Feed;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Spot;
use Dinghy\Wiring\RunKind;
use Dinghy\Wiring\SizedRun;
use Dinghy\Wiring\Wiring;

/** What rules judge: the plan, how it hangs together, and every run after sizing. */
final readonly class Assessment
{
    /** @param  array<string, SizedRun>  $runs by id */
    public function __construct(
        public Plan $plan,
        public Wiring $wiring,
        public array $runs,
        public Words $words,
        public States $states,
        public Ducts $ducts,
    ) {
    }

    /** @return list<SizedRun> feeds and branches, without factory leads */
    public function circuits(): array
    {
        return array_values(array_filter($this->runs, static fn (SizedRun $run): bool => $run->circuit !== null));
    }

    /** @return array<string, Device> every device that a bank feeds, by id */
    public function devicesOn(Bank $bank): array
    {
        $devices = [];
        foreach ($this->wiring->paths as $path) {
            if ($path->feed->supply->bank->id === $bank->id) {
                $devices[$path->device->id] = $path->device;
            }
        }

        return $devices;
    }

    /** The feed that a circuit hangs on, or is; null: nothing feeds it. */
    public function feedOf(SizedRun $run): ?Feed
    {
        return $run->circuit === null ? null : $this->plan->feeds[$run->id] ?? ($this->wiring->pathsThrough($run->circuit)[0] ?? null)?->feed;
    }

    /**
     * What a dead short would draw where a protection of a circuit sits: full batteries, cold copper, contacts included.
     *
     * @return array{float, float} V before, A through
     */
    public function prospective(SizedRun $run, int $index): array
    {
        $feed = $this->feedOf($run) ?? throw new \LogicException('Nothing feeds this circuit.');
        [$plus, $minus] = [$feed->supply->plus->post($feed->supply->bank), $feed->supply->minus->post($feed->supply->bank)];
        $before = 0.0;
        if ($run->kind === RunKind::Branch) {
            $block = $feed->block ?? '';
            [$plus, $minus] = [$block.'+', $block.'-'];
        } elseif ($index > 0) {
            $plus = "{$run->id}/+{$index}";
        } else {
            $before = ($run->protection[0]->planned->fromSource ?? 0.0) * Resistance::perMetre($run->gauge, $run->metal, 20.0);
        }
        $network = $this->states->coldNetwork();
        $volts = $network->atRest()->between($plus, $minus) ?? 0.0;
        $ohms = $network->resistanceBetween($plus, $minus) ?? INF;

        return [$volts, $volts / ($ohms + $before)];
    }

    /** @return array<string, Spot> what a magnet disturbs, by name: heading sensors whose place is known, and the compass */
    public function sensors(): array
    {
        $sensors = $this->plan->boat->compass === null ? [] : ['the compass' => $this->plan->boat->compass];
        foreach ($this->plan->devices as $device) {
            $spot = $device->kind === DeviceKind::HeadingSensor ? $this->plan->spotOf($device) : null;
            if ($spot !== null) {
                $sensors[$device->label()] = $spot;
            }
        }

        return $sensors;
    }

    /** A: Σ peak of everything a bank feeds. */
    public function peakAmpsOf(Bank $bank): float
    {
        return array_sum(array_map(static fn (Device $device): float => $device->peakAmps, $this->devicesOn($bank)));
    }
}
