<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Conductor\Ampacity;
use Dinghy\Conductor\CopperMass;
use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\SizingDrop;
use Dinghy\Source\Formula;

/** One gauge a run could have, and what it would do there. */
final readonly class GaugeOption
{
    /**
     * @param  float|null  $drop  V lost in the run, there and back; null: its length is unknown
     * @param  float|null  $dropPercent  of nominal
     * @param  float|null  $pathDropPercent  of the worst path through the run
     * @param  float|null  $longest  m one way that still meets the limit
     * @param  float|null  $ampacity  A after factors
     * @param  float|null  $rating  A, the protection that would go with it; null: none exists that suits load and wire
     * @param  float|null  $heat  W lost in the run at its current
     * @param  float|null  $physicalDrop  V by the resistance of the wire at the house rules' conductor temperature
     * @param  float|null  $kilograms  of copper, both ways
     */
    public function __construct(
        public Gauge $gauge,
        public ?float $drop,
        public ?float $dropPercent,
        public ?float $pathDropPercent,
        public ?float $longest,
        public ?float $ampacity,
        public ?float $rating,
        public ?float $heat,
        public ?float $kilograms,
        public bool $fits,
        public ?float $physicalDrop,
    ) {
    }

    public function formula(): Formula
    {
        $drop = SizingDrop::formula($this->gauge);

        return Formula::fromMemory("{$drop->says} for this run, with the rest of its worst path as it is; heat = I² · R; copper = ".CopperMass::formula()->says,
            "{$drop->source}; ampacity by ".Ampacity::formula($this->gauge)->source);
    }
}
