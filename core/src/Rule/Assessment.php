<?php

declare(strict_types=1);

namespace Dinghy\Rule;

use Dinghy\Circuit\State;
use Dinghy\Circuit\States;
use Dinghy\Conduit\Bundles;
use Dinghy\Conduit\Ducts;
use Dinghy\Geometry\Spot;
use Dinghy\Overcurrent\Currents;
use Dinghy\Overcurrent\PlacedConductor;
use Dinghy\Overcurrent\PlacedProtection;
use Dinghy\Overcurrent\Protections;
use Dinghy\Overcurrent\ShortCircuits;
use Dinghy\Overcurrent\Throughput;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Device;
use Dinghy\Plan\DeviceKind;
use Dinghy\Plan\Plan;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Wiring\Path;
use Dinghy\Wiring\SizedRun;
use Dinghy\Wiring\Wiring;

/** What rules judge: the plan, how it hangs together, every run after sizing, and what flows in every wire. */
final readonly class Assessment
{
    public Throughput $throughput;

    public Currents $currents;

    public ShortCircuits $shorts;

    /** @var list<PlacedProtection> */
    public array $protections;

    /**
     * @param  array<string, SizedRun>  $runs by id
     * @param  list<PlacedConductor>  $conductors
     */
    public function __construct(
        public Plan $plan,
        public Wiring $wiring,
        public array $runs,
        public QuantityFormatter $words,
        public States $states,
        public Ducts $ducts,
        public Bundles $bundles,
        public array $conductors,
    ) {
        $this->throughput = new Throughput($wiring, $runs, $states->network(State::Loaded), $states->circuit(State::Loaded)->resistors());
        $this->currents = new Currents($plan, $states);
        $this->shorts = new ShortCircuits($wiring, $states);
        $this->protections = Protections::of($wiring, $runs, $this->throughput, $this->currents);
    }

    /** @return list<SizedRun> feeds and branches, without factory leads */
    public function circuits(): array
    {
        return array_values(array_filter($this->runs, static fn (SizedRun $run): bool => $run->circuit !== null));
    }

    /** @return array<string, Device> every device that a bank feeds, through a converter too, by id */
    public function devicesOn(Bank $bank): array
    {
        $devices = [];
        foreach ($this->wiring->paths as $path) {
            if ($path->bank()->id === $bank->id) {
                $devices[$path->device->id] = $path->device;
            }
        }

        return $devices;
    }

    /** The fuse or breaker at a place of a run, from the source outward; null: there is none. */
    public function protectionOf(SizedRun $run, int $index): ?PlacedProtection
    {
        foreach ($this->protections as $protection) {
            if ($protection->run === $run && $protection->index === $index) {
                return $protection;
            }
        }

        return null;
    }

    /** The path through a circuit whose source reaches the highest volts; null: nothing feeds it, or nothing hangs on it. */
    public function pathThrough(SizedRun $run): ?Path
    {
        $highest = null;
        foreach ($run->circuit === null ? [] : $this->wiring->pathsThrough($run->circuit) as $path) {
            if ($highest === null || ($path->highestVolts() ?? INF) > ($highest->highestVolts() ?? INF)) {
                $highest = $path;
            }
        }

        return $highest;
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
}
