<?php

declare(strict_types=1);

namespace Dinghy\Trip;

use Dinghy\Circuit\Network;
use Dinghy\Circuit\Overload;
use Dinghy\Circuit\Regulator;
use Dinghy\Circuit\Solution;
use Dinghy\Network\BackboneNode;
use Dinghy\Network\DataNetwork;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Device;
use Dinghy\Plan\LoadKind;
use Dinghy\Plan\TripPhase;
use Dinghy\Solving\SolvedBoat;

/**
 * A day on the water, step by step: in each the circuit is solved with every battery at the charge that it has as the step begins; then
 * charges move. A device whose volts fall below what it works from is off from there to the end.
 */
final class Simulation
{
    /** s of a step, unless somebody asks for another */
    public const STEP = 60.0;

    /** V and A; arithmetic noise is below it */
    private const NOISE = 1e-9;

    private const NO_CURRENT = 1e-6;

    private readonly DayCircuit $circuit;

    /** @var array<string, BatteryCharge> */
    private array $batteries = [];

    /** @var array<string, DeviceUse> */
    private array $devices = [];

    private readonly EnergyBalance $energy;

    private readonly DaySeries $series;

    private ?Solution $before = null;

    /** the phase, what was empty and what was out, a step before */
    private string $condition = '';

    private function __construct(private readonly SolvedBoat $boat)
    {
        $plan = $boat->plan;
        $this->circuit = new DayCircuit($boat->states, $plan->tripCelsius);
        foreach ($plan->banks as $bank) {
            foreach ($bank->batteries() as $battery) {
                $this->batteries[$battery->id] = new BatteryCharge($battery, $plan->tripCelsius, $plan->houseRules->floorOf($battery->chemistry));
            }
        }
        $backbones = $plan->part(DataNetwork::class)->backbones ?? [];
        foreach ($plan->consumers as $device) {
            $this->devices[$device->id] = new DeviceUse(
                $device,
                $boat->wiring->lowestPathTo($device)?->nominalVolts(),
                array_map(static fn (BackboneNode $node): string => $node->device, $backbones[$device->id]->nodes ?? []),
            );
        }
        [$this->energy, $this->series] = [new EnergyBalance, new DaySeries];
    }

    /** @return Day|null null: no day is planned, or nothing aboard feeds anything */
    public static function of(SolvedBoat $boat, float $stepSeconds = self::STEP): ?Day
    {
        return $boat->plan->trip === null || $boat->plan->banks === [] ? null : self::through($boat, $boat->plan->trip, $stepSeconds);
    }

    /**
     * Another day of the same boat.
     *
     * @param  list<TripPhase>  $phases
     */
    public static function through(SolvedBoat $boat, array $phases, float $stepSeconds = self::STEP): Day
    {
        return (new self($boat))->run($phases, $stepSeconds);
    }

    /**
     * What comes after a moment of a day that was run: what was out stays out, and the batteries are as they were left.
     *
     * @param  float  $minute  min from that day's start
     * @param  list<TripPhase>  $phases
     */
    public static function after(SolvedBoat $boat, Day $day, float $minute, array $phases, float $stepSeconds = self::STEP): Day
    {
        $simulation = new self($boat);
        foreach ($day->series->chargesAt($minute) as $id => $charge) {
            $simulation->batteries[$id]->charge = $charge;
        }
        foreach ($day->devices as $id => $use) {
            $simulation->devices[$id]->outAt = $use->outAt !== null && $use->outAt < $minute ? 0.0 : null;
        }

        return $simulation->run($phases, $stepSeconds);
    }

    /** @param  list<TripPhase>  $phases */
    private function run(array $phases, float $stepSeconds): Day
    {
        foreach (TripStep::of($phases, $stepSeconds) as $step) {
            $this->take($step);
        }

        return new Day(
            $stepSeconds,
            array_sum(array_map(static fn (TripPhase $phase): float => $phase->hours, $phases)),
            $this->batteries,
            $this->devices,
            $this->energy,
            $this->series,
        );
    }

    private function take(TripStep $step): void
    {
        [$solution, $open] = $this->settle($step);
        $amps = array_diff_key($solution?->sourceAmps() ?? [], array_flip($open));
        $this->series->add($step->at, $this->batteries, array_map(
            static fn (DeviceUse $use): ?float => $solution?->at($use->device),
            $this->devices,
        ), $amps);
        if ($solution === null) {
            return;
        }
        $this->account($solution, $open, $step);
        foreach ($this->batteries as $id => $battery) {
            $volts = $solution->across($battery->battery);
            if ($volts !== null) {
                $battery->flow($amps[$id] ?? 0.0, $volts, $step);
            }
        }
    }

    /**
     * The volts of a step, once what they do not suffice for is off and no empty battery gives anything.
     *
     * @return array{Solution|null, list<string>} null: there is nothing left that could have volts; and what is open
     */
    private function settle(TripStep $step): array
    {
        $charging = [];
        for ($round = count($this->devices) + 2 * count($this->batteries) + 1; $round >= 0; $round--) {
            $open = array_keys(array_filter($this->batteries, static fn (BatteryCharge $battery): bool => $battery->isEmpty() && ! isset($charging[$battery->battery->id])));
            $solved = $this->solve($step, $open);
            $solution = $solved instanceof Overload ? $solved->elsewhere : $solved;
            if ($this->dropped($step, $solution, $solved instanceof Overload ? $solved->load : null)) {
                continue;
            }
            if ($solution === null || ! $this->moved($solution, $open, $charging)) {
                return [$solution, $open];
            }
        }

        throw new \LogicException('A step of the day did not settle, though what goes off stays off.');
    }

    /** @param  list<string>  $open */
    private function solve(TripStep $step, array $open): Solution|Overload
    {
        // What is on, what is empty and what gave out decide which loads are fed: only while they stay are the volts near those before.
        $out = array_keys(array_filter($this->devices, static fn (DeviceUse $use): bool => $use->outAt !== null));
        $condition = spl_object_id($step->phase).' '.implode(' ', $open).' '.implode(' ', $out);
        $solved = $this->circuit->solve(
            $step->phase->engine,
            $open,
            fn (Battery $battery): float => $this->batteries[$battery->id]->openVolts(),
            fn (Device $device): float => $this->devices[$device->id]->asks($step),
            $condition === $this->condition ? $this->before : null,
        );
        $this->condition = $condition;
        $this->before = $solved instanceof Solution ? $solved : null;

        return $solved;
    }

    /** Puts off what has too few volts, or none where it asks for more than there is; says whether anything went off. */
    private function dropped(TripStep $step, ?Solution $solution, ?string $unfed): bool
    {
        $off = [];
        foreach ($this->devices as $id => $use) {
            if ($use->asks($step) > 0) {
                $volts = $solution?->at($use->device);
                if ($unfed === $id || ($volts !== null && $volts < $use->device->minVolts - self::NOISE)) {
                    $off[] = $use;
                }
            }
        }
        // A converter that asks for more than there is takes with it whatever then has no volts.
        if ($off === [] && $unfed !== null) {
            $off = array_filter($this->devices, static fn (DeviceUse $use): bool => $use->asks($step) > 0 && $solution?->at($use->device) === null);
        }
        foreach ($off as $use) {
            $use->outAt = $step->at;
        }

        return $off !== [];
    }

    /**
     * Whether an empty battery is to be let take charge, or one that was let gives instead.
     *
     * @param  list<string>  $open
     * @param  array<string, bool>  $charging  empty batteries that take charge; one that gave stays open
     */
    private function moved(Solution $solution, array $open, array &$charging): bool
    {
        $moved = false;
        foreach ($open as $id) {
            $battery = $this->batteries[$id];
            $volts = $solution->across($battery->battery) ?? 0.0;
            if (! array_key_exists($id, $charging) && $volts > $battery->openVolts() + self::NOISE) {
                [$charging[$id], $moved] = [true, true];
            }
        }
        $amps = $solution->sourceAmps();
        foreach (array_keys(array_filter($charging)) as $id) {
            if (! in_array($id, $open, true) && ($amps[$id] ?? 0.0) > self::NO_CURRENT) {
                [$charging[$id], $moved] = [false, true];
            }
        }

        return $moved;
    }

    /** @param  list<string>  $open */
    private function account(Solution $solution, array $open, TripStep $step): void
    {
        $heat = $this->circuit->heat($solution, $step->phase->engine, $open);
        foreach ($solution->sourceAmps() as $id => $amps) {
            $this->energy->batteries += $this->batteries[$id]->openVolts() * $amps * $step->hours;
            $heat += $amps * $amps * ($this->batteries[$id]->battery->resistanceUnderLoad() ?? 0.0);
        }
        $this->energy->wires += $heat * $step->hours;
        foreach ($this->devices as $use) {
            $asked = $use->asks($step);
            $volts = $asked > 0 ? $solution->at($use->device) : null;
            // A resistance draws either way.
            if ($volts !== null && ($volts > Network::LEAST_FEEDING_VOLTS || $use->device->load === LoadKind::Resistance)) {
                $amps = $use->drawn($asked, $volts);
                $use->draw($volts, $amps, $step->hours);
                $this->energy->loads += $volts * $amps * $step->hours;
            }
        }
        $network = $this->circuit->network($step->phase->engine, $open);
        foreach (array_filter($network->regulators, $network->works(...)) as $regulator) {
            $this->accountFor($regulator, $solution, $step->hours);
        }
    }

    private function accountFor(Regulator $regulator, Solution $solution, float $hours): void
    {
        $input = $regulator->inputPlus === null || $regulator->inputMinus === null ? null : $solution->between($regulator->inputPlus, $regulator->inputMinus) ?? 0.0;
        $volts = $solution->between($regulator->plus, $regulator->minus) ?? 0.0;
        $watts = $volts * $solution->given($regulator);
        $this->energy->charged += $watts * $hours;
        $this->energy->loads += $input === null ? 0.0 : (max(0.0, $watts) / $regulator->efficiency + $regulator->standbyAmps * $input) * $hours;
    }
}
