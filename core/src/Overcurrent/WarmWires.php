<?php

declare(strict_types=1);

namespace Dinghy\Overcurrent;

use Dinghy\Circuit\Solution;
use Dinghy\Circuit\State;
use Dinghy\Circuit\States;
use Dinghy\Circuit\WireTemperature;
use Dinghy\Conductor\Heating;
use Dinghy\Plan\HouseRules;

/** The state loaded once every wire has grown as warm as its current makes it. */
final class WarmWires
{
    /** K that all wires must keep from the temperature predicted at for their resistance to move by less than a twentieth */
    private const TELLING = 12.7;

    /**
     * @param  list<PlacedConductor>  $conductors
     * @return Solution|null null: no wire grows warm enough to tell, or there are no volts
     */
    public static function loaded(array $conductors, HouseRules $rules, States $states): ?Solution
    {
        $loaded = $states->in(State::Loaded);
        $resistors = $loaded === null ? [] : $states->circuit(State::Loaded)->resistors();
        $celsius = [];
        $telling = false;
        foreach ($conductors as $conductor) {
            $element = $resistors[$conductor->elements[0]] ?? null;
            if ($loaded === null || $element === null || $conductor->ampacity === null) {
                continue;
            }
            $steady = min(Heating::SHORT_TIME, (new Heating($conductor->gauge, $conductor->ampacity, $rules->insulation, $rules->ambient))->steady(abs($loaded->through($element))));
            $celsius[$conductor->run->id ?? $conductor->elements[0]] = $steady;
            $telling = $telling || $steady - $rules->conductorCelsius > self::TELLING;
        }

        return $telling ? $states->loadedAt(new WireTemperature($rules->conductorCelsius, $celsius)) : null;
    }
}
