<?php

declare(strict_types=1);

namespace Dinghy\Overcurrent;

use Dinghy\Circuit\Resistor;
use Dinghy\Circuit\Solution;
use Dinghy\Circuit\State;
use Dinghy\Circuit\States;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Post;

/** What flows in every wire, fuse and joint of a solved network: at rest, loaded, and while the chargers work. */
final class Currents
{
    /** @var list<array{Solution, array<string, Resistor>}> one for each state that has a solution */
    private array $solved = [];

    /** @var array<string, true> the batteries whose volts or resistance nobody knows */
    private array $unknown = [];

    public function __construct(Plan $plan, private readonly States $states)
    {
        foreach ($plan->banks as $bank) {
            if (! States::knows($bank)) {
                foreach ($bank->batteries() as $battery) {
                    $this->unknown[$battery->id] = true;
                }
            }
        }
        $resistors = $states->circuit(State::Loaded)->resistors();
        foreach ([State::Loaded, State::Rest] as $state) {
            $solution = $states->in($state);
            if ($solution !== null && ($state === State::Loaded || ! $solution->isStill())) {
                $this->solved[] = [$solution, $resistors];
            }
        }
        if ($plan->chargers !== []) {
            [$solution, $circuit] = $states->charging();
            $this->solved[] = [$solution, $circuit->resistors()];
        }
    }

    /**
     * @return float|null A, the most that flows in an element in any of the states; null: its batteries are not known
     */
    public function most(string $element): ?float
    {
        $most = null;
        foreach ($this->solved as [$solution, $resistors]) {
            $resistor = $resistors[$element] ?? null;
            if ($resistor !== null && $this->isKnown($resistor)) {
                $most = max($most ?? 0.0, abs($solution->through($resistor)));
            }
        }

        return $most;
    }

    /** Whether every battery of the part that an element lies in is known. */
    private function isKnown(Resistor $resistor): bool
    {
        if ($this->unknown === []) {
            return true;
        }
        $topology = $this->states->network(State::Loaded)->topology;
        foreach ($this->unknown as $battery => $_) {
            if ($topology->joins(Post::minus((string) $battery)->name, $resistor->from)) {
                return false;
            }
        }

        return true;
    }
}
