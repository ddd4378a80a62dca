<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\Battery\InternalResistance;
use Dinghy\Battery\RestingVoltage;
use Dinghy\Circuit\Network;
use Dinghy\Circuit\PlanNetwork;
use Dinghy\Circuit\Solution;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Device;
use Dinghy\Plan\Plan;
use Dinghy\Wiring\SizedRun;

/** The circuit of a plan in each of its states, solved when first asked for. */
final class States
{
    /** °C, conductors when a short-circuit current is predicted: cold copper carries the most */
    private const COLD = 20.0;

    private ?PlanNetwork $warm = null;

    private ?PlanNetwork $cold = null;

    private ?Network $coldNetwork = null;

    /** @var array<string, Solution|null> by state */
    private array $solved = [];

    /** @param  array<string, SizedRun>  $runs */
    public function __construct(private readonly Plan $plan, private readonly array $runs)
    {
    }

    /** @return Solution|null null: the banks cannot give what the devices ask for */
    public function in(State $state): ?Solution
    {
        if (! array_key_exists($state->value, $this->solved)) {
            $this->solved[$state->value] = match ($state) {
                State::Rest => $this->warm()->network()->atRest(),
                State::Loaded => $this->warm()->network()->loaded(),
                State::Lowest => $this->lowest()->network()->loaded(),
            };
        }

        return $this->solved[$state->value];
    }

    /** The circuit of a state as a SPICE netlist. */
    public function netlist(State $state): string
    {
        $circuit = match ($state) {
            State::Rest => $this->build(self::restedVolts(...), static fn (): float => 0.0),
            State::Loaded => $this->warm(),
            State::Lowest => $this->lowest(),
        };

        return $circuit->netlist("{$this->plan->title}, state {$state->value}");
    }

    /** The network of the states rest and loaded. */
    public function warm(): PlanNetwork
    {
        return $this->warm ??= $this->build(self::restedVolts(...), static fn (Device $device): float => $device->sizingAmps());
    }

    private function lowest(): PlanNetwork
    {
        return $this->build($this->floorVolts(...), static fn (Device $device): float => $device->peakAmps);
    }

    /** A through a dead short at the far end of a run: cold copper, full batteries, contacts included. */
    public function shortAtFarEnd(SizedRun $run): float
    {
        [$plus, $minus] = $this->cold()->farEnd($run);

        return $this->shortBetween($plus, $minus);
    }

    /** A through a dead short between two posts. */
    public function shortBetween(string $plus, string $minus): float
    {
        $this->coldNetwork ??= $this->cold()->network();

        return $this->coldNetwork->shortCircuitAmps($plus, $minus);
    }

    /** Whether volts and resistance of every battery of a bank are known or can be estimated. */
    public static function knows(Bank $bank): bool
    {
        foreach ($bank->batteries() as $battery) {
            if (self::restingVoltsOrNull($battery) === null || InternalResistance::sag($battery) === null) {
                return false;
            }
        }

        return true;
    }

    private static function restingVoltsOrNull(Battery $battery): ?float
    {
        return $battery->restedVolts ?? RestingVoltage::at($battery->chemistry, $battery->stateOfCharge, $battery->nominalVolts);
    }

    /** Volts of a battery that nothing is known of stand in the network as its nominal ones; what it feeds is not reported. */
    private static function restedVolts(Battery $battery): float
    {
        return self::restingVoltsOrNull($battery) ?? $battery->nominalVolts;
    }

    private function floorVolts(Battery $battery): float
    {
        $floor = $this->plan->houseRules->floorOf($battery->chemistry);

        return ($floor === null ? null : RestingVoltage::at($battery->chemistry, $floor, $battery->nominalVolts)) ?? $battery->nominalVolts;
    }

    private static function fullVolts(Battery $battery): float
    {
        return RestingVoltage::at($battery->chemistry, 1.0, $battery->nominalVolts) ?? $battery->nominalVolts;
    }

    private function cold(): PlanNetwork
    {
        return $this->cold ??= new PlanNetwork($this->plan, $this->runs, self::COLD, self::fullVolts(...), static fn (): float => 0.0, true);
    }

    /**
     * @param  \Closure(Battery): float  $volts
     * @param  \Closure(Device): float  $amps
     */
    private function build(\Closure $volts, \Closure $amps): PlanNetwork
    {
        return new PlanNetwork($this->plan, $this->runs, $this->plan->houseRules->conductorCelsius, $volts, $amps);
    }
}
