<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Conductor\Ampacity;
use Dinghy\Conductor\CopperMass;
use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Resistance;
use Dinghy\Conductor\SizingDrop;
use Dinghy\Plan\HouseRules;

/** What a metre of wire of one gauge does where a circuit lies. */
final readonly class LaidWire
{
    /**
     * @param  float  $voltsPerAmpMetre  V lost there and back by the sizing arithmetic
     * @param  float  $ohmsPerMetre  Ω of one conductor at the house rules' conductor temperature
     * @param  float  $kilogramsPerMetre  kg of copper, both ways
     * @param  float|null  $ampacity  A after factors
     */
    private function __construct(
        public Gauge $gauge,
        public float $voltsPerAmpMetre,
        public float $ohmsPerMetre,
        public float $kilogramsPerMetre,
        public ?float $ampacity,
    ) {
    }

    public static function of(Gauge $gauge, Circuit $circuit, HouseRules $rules): self
    {
        $metal = $circuit->run->metal;

        return new self(
            $gauge,
            SizingDrop::volts($gauge, $metal, 1.0, 1.0, $rules->conductorCelsius),
            Resistance::perMetre($gauge, $metal, $rules->conductorCelsius),
            CopperMass::kilograms($gauge, 1.0),
            Ampacity::of(
                $gauge,
                $metal,
                $rules->insulation,
                $rules->ambient,
                $circuit->entersEngineSpace(),
                $circuit->bundled,
            ),
        );
    }

    /** What figures of circuits that lie alike have in common. */
    public static function lieOf(Circuit $circuit): string
    {
        return "{$circuit->run->metal->value} {$circuit->bundled}".($circuit->entersEngineSpace() ? ' engine' : '');
    }
}
