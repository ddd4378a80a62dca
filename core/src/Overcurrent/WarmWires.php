<?php

declare(strict_types=1);

namespace Dinghy\Overcurrent;

use Dinghy\Circuit\Solution;
use Dinghy\Circuit\State;
use Dinghy\Circuit\States;
use Dinghy\Conductor\Heating;
use Dinghy\Plan\Device;
use Dinghy\Wiring\Wiring;

/** The state loaded once every wire has grown as warm as its current makes it; solved when first asked for. */
final class WarmWires
{
    /** Share of the drop at a plug that warm wires must add to it to be told of. */
    private const TELLING = 0.05;

    private bool $asked = false;

    private ?Solution $solution = null;

    /** @param  list<PlacedConductor>  $conductors */
    public function __construct(
        private readonly Wiring $wiring,
        private readonly array $conductors,
        private readonly States $states,
    ) {
    }

    /**
     * @return float|null V at a device's plug, where warm wires take more than a twentieth of its drop again; null: they do not, or there are no volts
     */
    public function at(Device $device): ?float
    {
        [$plus, $minus] = [$device->plus()->name, $device->minus()->name];
        [$rest, $loaded] = [
            $this->states->in(State::Rest)?->between($plus, $minus),
            $this->states->in(State::Loaded)?->between($plus, $minus),
        ];
        if ($rest === null || $loaded === null) {
            return null;
        }
        if (! $this->asked) {
            [$this->asked, $this->solution] = [true, $this->solve()];
        }
        $warm = $this->solution?->between($plus, $minus);

        return $warm !== null && abs($loaded - $warm) > self::TELLING * abs($rest - $loaded) ? $warm : null;
    }

    private function solve(): ?Solution
    {
        $loaded = $this->states->in(State::Loaded);
        if ($loaded === null) {
            return null;
        }
        $rules = $this->wiring->plan->houseRules;
        $resistors = $this->states->circuit(State::Loaded)->resistors();
        $celsius = [];
        foreach ($this->conductors as $conductor) {
            $element = $resistors[$conductor->elements[0]] ?? null;
            if ($element !== null && $conductor->ampacity !== null) {
                $heating = new Heating($conductor->gauge, $conductor->ampacity, $rules->insulation, $rules->ambient);
                $celsius[$element->wire] = min(Heating::SHORT_TIME, $heating->steady(abs($loaded->through($element))));
            }
        }

        return $this->states->loadedAt($celsius);
    }
}
