<?php

declare(strict_types=1);

namespace Dinghy\Area\Power\Figure;

use Dinghy\Circuit\State;
use Dinghy\Circuit\States;
use Dinghy\Conductor\ShortTime;
use Dinghy\Plan\Bank;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Solving\SolvedBoat;

/**
 * What the wires that are plugged on a bank do with everything off: current in jumpers, volts at devices that they do
 * not bear.
 */
final readonly class Plugging
{
    /** A; below it, strings that rest a little apart level out */
    private const AMPS = 1.0;

    /** s; beyond it the arithmetic of a short time says nothing */
    private const LONGEST = 5.0;

    /**
     * @param  array<string, float>  $amps  A through each jumper that carries more than 1 A with everything off, by id
     * @param  list<string>  $says  a sentence for each, and for each device whose plug has volts that it does not bear
     */
    private function __construct(
        public array $amps,
        public array $says,
    ) {
    }

    public static function of(SolvedBoat $boat, Bank $bank): self
    {
        $solution = $boat->states->in(State::Rest);
        if ($solution === null || ! States::knows($bank)) {
            return new self([], []);
        }
        $words = $boat->words;
        $resistors = array_column($boat->states->network(State::Rest)->resistors, null, 'name');
        $amps = [];
        $says = [];
        foreach ($bank->wires() as $at => $wire) {
            $through = isset($resistors[$wire->id]) ? abs($solution->through($resistors[$wire->id])) : 0.0;
            if ($through > self::AMPS) {
                $amps[$wire->id] = $through;
                $spoilt = ShortTime::insulation($wire->gauge, $through);
                $melts = ShortTime::melting($wire->gauge, $through, $boat->plan->houseRules->ambient);
                $says[] = 'Jumper '.($at + 1)." carries {$words->amps($through)} with everything off: ".($spoilt > self::LONGEST
                    ? 'it heats as long as it is landed.'
                    : "its insulation is spoilt after {$words->seconds($spoilt)}, ".($melts > self::LONGEST ? 'its copper lasts longer.' : "its copper melts after {$words->seconds($melts)}."));
            }
        }
        foreach ($boat->wiring->paths as $path) {
            $volts = $path->bank() === $bank ? $solution->at($path->device) : null;
            if ($volts !== null && $volts < -0.5) {
                $says[] = "{$path->device->label()} has plus and minus exchanged, {$words->volts($volts)}.";
            } elseif ($volts !== null && $volts > $path->device->maxVolts) {
                $says[] = "{$path->device->label()} gets {$words->volts($volts)}; it bears {$words->volts($path->device->maxVolts)}.";
            }
        }

        return new self($amps, array_values(array_unique($says)));
    }

    /** Said when there is nothing to say. */
    public static function quiet(QuantityFormatter $words): string
    {
        return "With everything off, no jumper carries more than {$words->amps(self::AMPS)} and every plug has volts that its device bears.";
    }
}
