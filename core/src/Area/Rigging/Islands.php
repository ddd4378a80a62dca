<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Plan\Bank;
use Dinghy\Plan\Charger;
use Dinghy\Plan\Plan;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Wiring\Circuit;

/**
 * Circuits that are live together: whatever power comes to one comes to all of them, over the blocks and devices at which they
 * meet.
 */
final class Islands
{
    /** circuits, blocks and devices where they meet */
    private readonly Joined $met;

    /** @var array<string, Circuit> by part, as "feed:house" */
    public readonly array $circuits;

    /** @var array<string, list<string>> by what stands for an island: ids of the banks that feed it */
    private array $banks = [];

    public function __construct(private readonly SolvedBoat $boat)
    {
        $this->met = new Joined;
        $circuits = [];
        foreach ($boat->circuits() as $run) {
            if ($run->circuit !== null) {
                $circuits[$run->circuit->on()] = $run->circuit;
            }
        }
        $this->circuits = $circuits;
        foreach ($circuits as $on => $circuit) {
            foreach ([$circuit->block, $circuit->fromBlock] as $block) {
                $block === null || $this->met->join($on, "block:{$block}");
            }
            $circuit->device === null || $this->met->join($on, $circuit->device->on());
        }
        foreach ($boat->plan->feeds as $feed) {
            $this->banks[$this->met->rootOf("feed:{$feed->id}")][] = $feed->supply->bank->id;
        }
        foreach ($boat->plan->chargers as $charger) {
            foreach ($charger->blockOutputs() as $output) {
                $charger->inputFrom === null || $this->banks[$this->met->rootOf("block:{$output->block}")][] = $charger->inputFrom->bank->id;
            }
        }
    }

    /**
     * @param  string  $part  a circuit, a block or a device
     * @return list<string> ids of the banks that feed it, whichever way
     */
    public function banksOf(string $part): array
    {
        return array_values(array_unique($this->banks[$this->met->rootOf($part)] ?? []));
    }

    /** @return list<Circuit> that are live with a circuit, itself among them */
    public function of(Circuit $circuit): array
    {
        return array_values(array_filter($this->circuits, fn (Circuit $other): bool => $this->met->are($other->on(), $circuit->on())));
    }

    /**
     * @param  string  $part  a block or a device
     * @return list<Circuit> that lead to it, or leave it
     */
    public function at(string $part): array
    {
        return array_values(array_filter($this->circuits, static fn (Circuit $circuit): bool => in_array($part, ["block:{$circuit->block}", "block:{$circuit->fromBlock}", $circuit->device?->on()], true)));
    }

    /** @return list<Circuit> that a bank feeds, over blocks too */
    public function fedBy(string $bank): array
    {
        return array_values(array_filter($this->circuits, fn (Circuit $circuit): bool => in_array($bank, $this->banksOf($circuit->on()), true)));
    }

    /** @return list<string> ids of the banks that a charger stands on, at either end */
    public static function banksAt(Plan $plan, Charger $charger): array
    {
        return array_values(array_map(static fn (Bank $bank): string => $bank->id, array_filter($plan->banks, static function (Bank $bank) use ($charger): bool {
            if ($charger->inputFrom?->bank === $bank) {
                return true;
            }
            foreach ($charger->batteryOutputs() as $output) {
                if ($output->isOn($bank)) {
                    return true;
                }
            }

            return false;
        })));
    }

    /** @return list<Charger> that stand on one of those banks, or feed a block of a circuit's island */
    public function chargersOf(Circuit $circuit): array
    {
        $banks = $this->banksOf($circuit->on());

        return array_values(array_filter($this->boat->plan->chargers, function (Charger $charger) use ($banks, $circuit): bool {
            foreach ($charger->blockOutputs() as $output) {
                if ($this->met->are("block:{$output->block}", $circuit->on())) {
                    return true;
                }
            }

            return array_intersect($banks, self::banksAt($this->boat->plan, $charger)) !== [];
        }));
    }
}
