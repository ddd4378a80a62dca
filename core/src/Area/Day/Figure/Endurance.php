<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Figure;

use Dinghy\Plan\Bank;
use Dinghy\Plan\TripPhase;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Trip\Day;
use Dinghy\Trip\Simulation;

/** Whether a boat bears a day: nothing gives out, no battery is at its floor, and she comes home and starts. */
final readonly class Endurance
{
    private Homecoming $home;

    /** @param  list<TripPhase>  $phases  that the day was made of */
    public function __construct(private SolvedBoat $boat, public Day $day, array $phases)
    {
        $this->home = new Homecoming($boat, $day, $phases);
    }

    /**
     * @param  list<TripPhase>  $phases
     * @param  float  $stepSeconds  s
     */
    public static function of(SolvedBoat $boat, array $phases, float $stepSeconds = Simulation::STEP): self
    {
        return new self($boat, Simulation::through($boat, $phases, $stepSeconds), $phases);
    }

    public function holds(): bool
    {
        return $this->failing() === [] && $this->home->succeeds() && $this->day->firstOut() === null;
    }

    /** @return list<Bank> those that do not bear it */
    public function failing(): array
    {
        return array_values(array_filter($this->boat->plan->banks, fn (Bank $bank): bool => ! $this->holdsFor($bank)));
    }

    /** Whether none of a bank's batteries is at its floor, nothing that hangs on it gives out, and the engine starts if it does so from here. */
    public function holdsFor(Bank $bank): bool
    {
        foreach ($bank->batteries() as $battery) {
            $charge = $this->day->batteries[$battery->id];
            if ($charge->toFloor !== null || $charge->toEmpty !== null || ($this->home->weakStart()[0] ?? null)?->id === $battery->id) {
                return false;
            }
        }
        foreach ($this->boat->devicesOn($bank) as $id => $device) {
            if (($this->day->devices[$id] ?? null)?->outAt !== null) {
                return false;
            }
        }

        return true;
    }
}
