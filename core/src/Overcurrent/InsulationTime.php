<?php

declare(strict_types=1);

namespace Dinghy\Overcurrent;

use Dinghy\Conductor\Heating;
use Dinghy\Conductor\ShortTime;
use Dinghy\Plan\Plan;
use Dinghy\Wiring\SizedRun;

/** How long a wire's insulation bears a short, from what the wire is warmed to by what it carries anyway: one answer for rules and drawings. */
final readonly class InsulationTime
{
    public function __construct(private Plan $plan, private Currents $currents)
    {
    }

    /** @return float s until the insulation of a wire is past what it bears for a short time, at so many A; INF: never */
    public function of(PlacedConductor $wire, float $amps): float
    {
        if ($wire->ampacity === null) {
            return ShortTime::insulation($wire->gauge, $amps);
        }
        $running = $this->currents->most($wire->elements[0]) ?? $wire->run->amps ?? 0.0;
        $rules = $this->plan->houseRules;

        return (new Heating($wire->gauge, $wire->ampacity, $rules->insulation, $rules->ambient))->untilSpoilt($amps, min($running, $wire->ampacity));
    }

    /** @return float s, likewise of the wire of a feed, a branch or a factory lead */
    public function ofRun(SizedRun $run, float $amps): float
    {
        return $this->of(Conductors::run($this->plan, $run), $amps);
    }
}
