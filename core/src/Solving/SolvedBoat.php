<?php

declare(strict_types=1);

namespace Dinghy\Solving;

use Dinghy\Circuit\State;
use Dinghy\Circuit\States;
use Dinghy\Conduit\Bundles;
use Dinghy\Conduit\Ducts;
use Dinghy\Geometry\Spot;
use Dinghy\Overcurrent\Conductors;
use Dinghy\Overcurrent\Currents;
use Dinghy\Overcurrent\InsulationTime;
use Dinghy\Overcurrent\PlacedConductor;
use Dinghy\Overcurrent\PlacedProtection;
use Dinghy\Overcurrent\Protections;
use Dinghy\Overcurrent\ShortCircuits;
use Dinghy\Overcurrent\Throughput;
use Dinghy\Overcurrent\WarmWires;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\BatteryName;
use Dinghy\Plan\Device;
use Dinghy\Plan\DeviceKind;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Post;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Wiring\Path;
use Dinghy\Wiring\SizedRun;
use Dinghy\Wiring\Wiring;

/**
 * A boat whose every run is sized and whose circuit is solved: what rules judge, and what every figure is taken from. Figures
 * that not everybody wants are computed when they are first asked for.
 */
final class SolvedBoat
{
    public readonly Wiring $wiring;

    /** @var array<string, SizedRun> by id */
    public readonly array $runs;

    public readonly States $states;

    /** what lies in each way */
    public readonly Ducts $ducts;

    /** how many conductors lie together in tubes */
    public readonly Bundles $bundles;

    /** @var list<PlacedConductor> */
    public readonly array $conductors;

    public readonly Throughput $throughput;

    public readonly Currents $currents;

    public readonly ShortCircuits $shorts;

    public readonly InsulationTime $insulation;

    /** @var list<PlacedProtection> */
    public readonly array $protections;

    public readonly WarmWires $warm;

    /** @var array<class-string<Figures>, Figures> those that were asked for */
    private array $figures = [];

    private function __construct(
        public readonly Plan $plan,
        public readonly QuantityFormatter $words,
        Settling $settled,
    ) {
        $this->wiring = $settled->wiring;
        $this->runs = $settled->runs;
        $this->states = $settled->states;
        $this->ducts = $settled->ducts;
        $this->bundles = $settled->bundles;
        $this->conductors = Conductors::of($plan, $this->runs);
        $this->throughput = new Throughput(
            $this->wiring,
            $this->runs,
            $this->states->network(State::Loaded),
            $this->states->circuit(State::Loaded)->resistors(),
        );
        $this->currents = new Currents($plan, $this->states);
        $this->shorts = new ShortCircuits($this->wiring, $this->states);
        $this->insulation = new InsulationTime($plan, $this->currents);
        $this->protections = Protections::of($this->wiring, $this->runs, $this->throughput, $this->currents);
        $this->warm = new WarmWires($this->wiring, $this->conductors, $this->states);
    }

    /** @param  QuantityFormatter  $words  that sentences about her are written with */
    public static function of(Plan $plan, QuantityFormatter $words): self
    {
        return new self($plan, $words, Settling::of($plan));
    }

    /**
     * The figures of an area, computed once.
     *
     * @template T of Figures
     *
     * @param  class-string<T>  $class
     * @return T
     */
    public function figures(string $class): Figures
    {
        $figures = $this->figures[$class] ??= $class::of($this);

        return $figures instanceof $class
            ? $figures
            : throw new \LogicException("{$class} makes figures of another class.");
    }

    /** A battery as a sentence speaks of it: "Battery 3 of thrust". */
    public function called(Battery $battery): string
    {
        return BatteryName::alone($this->plan, $battery, $this->words->countedFrom);
    }

    /** A post of a bank as a sentence speaks of it: "Battery 3 of thrust +". */
    public function post(Post $post): string
    {
        return $post->isShunt()
            ? "the load side of the shunt of {$this->plan->banks[$post->part]->label()}"
            : $this->called($this->plan->batteries[$post->part]).($post->isPlus() ? ' +' : ' −');
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

    /**
     * The path through a circuit whose source reaches the highest volts; null: nothing feeds it, or nothing hangs on
     * it.
     */
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

    /**
     * @return array<string, Spot> what a magnet disturbs, by name: heading sensors whose place is known, and the compass
     */
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

    /** Whether it can be told what a short at the far end of a run draws. */
    public function knowsShorts(SizedRun $run): bool
    {
        return $run->length !== null && $run->nominalVolts !== null && States::firstUnknown(
            $this->wiring->banksBehind($run),
        ) === null;
    }

    /** @return Path|null of several the one that loses most, or one of unknown length; null: nothing feeds it */
    public function worstPathTo(Device $device): ?Path
    {
        [$worst, $path] = [null, null];
        foreach ($this->wiring->pathsTo($device) as $candidate) {
            $drop = $candidate->drop($this->runs, $this->plan->houseRules->conductorCelsius);
            if ($path === null || $drop === null || ($worst !== null && $drop > $worst)) {
                [$path, $worst] = [$candidate, $drop];
            }
        }

        return $path;
    }
}
