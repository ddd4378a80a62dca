<?php

declare(strict_types=1);

namespace Dinghy\Trip;

use Dinghy\Circuit\Network;
use Dinghy\Circuit\Overload;
use Dinghy\Circuit\PlanNetwork;
use Dinghy\Circuit\Solution;
use Dinghy\Circuit\States;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Charger;
use Dinghy\Plan\ChargerOutput;
use Dinghy\Plan\Device;

/**
 * The boat's circuit through a day: the same wires from step to step, whose factors are kept as long as neither the engine starts or
 * stops nor a battery runs empty, solved from the volts of the step before.
 */
final class DayCircuit
{
    /** @var array<string, array{PlanNetwork, Network, list<array{int, int, float}>}> by what works and what is open */
    private array $known = [];

    /** @param  float  $celsius  °C of the batteries */
    public function __construct(private readonly States $states, private readonly float $celsius)
    {
    }

    /**
     * @param  bool  $engine  whether alternator and DC–DC chargers work
     * @param  list<string>  $open  batteries that are empty
     * @param  \Closure(Battery): float  $volts  open volts
     * @param  \Closure(Device): float  $amps  A at nominal volts
     * @param  Solution|null  $before  volts of a moment before with the same at work; null: there were none
     */
    public function solve(bool $engine, array $open, \Closure $volts, \Closure $amps, ?Solution $before): Solution|Overload
    {
        [$circuit, $network] = $this->circuit($engine, $open);
        $now = $circuit->inState($volts, $amps)->networkLike($network);

        return $before === null ? $now->loaded() : $now->loadedNear($before);
    }

    /** @param  list<string>  $open */
    public function network(bool $engine, array $open): Network
    {
        return $this->circuit($engine, $open)[1];
    }

    /**
     * W that wires and batteries turn into heat.
     *
     * @param  list<string>  $open
     */
    public function heat(Solution $solution, bool $engine, array $open): float
    {
        return $solution->heatIn($this->circuit($engine, $open)[2]);
    }

    /**
     * @param  list<string>  $open
     * @return array{PlanNetwork, Network, list<array{int, int, float}>}
     */
    private function circuit(bool $engine, array $open): array
    {
        $key = ($engine ? 'engine ' : '').implode(' ', $open);
        if (! isset($this->known[$key])) {
            $circuit = $open === []
                ? $this->states->whileRunning(fn (Charger $charger, ChargerOutput $output): bool => $engine && $this->charges($charger, $output))
                : $this->circuit($engine, [])[0]->without($open);
            $network = $circuit->network($open === [] ? null : $this->circuit($engine, [])[1]->topology);
            $this->known[$key] = [$circuit, $network, $network->topology->conductances(array_values($circuit->resistors()))];
        }

        return $this->known[$key];
    }

    private function charges(Charger $charger, ChargerOutput $output): bool
    {
        $takes = array_filter(
            $output->across,
            fn (Battery $battery): bool => ! $battery->chemistry->takesChargeAt($this->celsius),
        ) === [];

        return $takes && in_array($charger->input, ['alternator', 'dc-dc'], true);
    }
}
