<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Metal;

/** A run after sizing: its gauge and protection, given or chosen, and what follows. */
final readonly class SizedRun
{
    /**
     * @param  Circuit|null  $circuit  null: a device's factory lead
     * @param  float|null  $length  m one way
     * @param  float  $amps  that it is sized for
     * @param  float|null  $drop  V there and back by the sizing arithmetic, extra resistance included
     * @param  float|null  $dropPercent  of nominal
     * @param  float|null  $share  V that the run may lose of its paths' limit
     * @param  float  $limitPercent  of its class
     * @param  list<SizedProtection>  $protection  from the source outward
     */
    public function __construct(
        public string $id,
        public RunKind $kind,
        public ?Circuit $circuit,
        public ?float $length,
        public float $amps,
        public float $peakAmps,
        public Gauge $gauge,
        public bool $gaugeChosen,
        public Metal $metal,
        public ?float $nominalVolts,
        public ?float $drop,
        public ?float $dropPercent,
        public ?float $share,
        public float $limitPercent,
        public ?float $ampacity,
        public array $protection,
        private GaugeLadder $ladder,
        public ?Gauge $bandChart,
    ) {
    }

    /** @return float|null A: of the protection at its source; null: it has none */
    public function firstRating(): ?float
    {
        return $this->protection === [] ? null : $this->protection[0]->rating;
    }

    /** @return float|null A: of the last protection on it; null: it has none */
    public function lastRating(): ?float
    {
        return $this->protection === [] ? null : $this->protection[count($this->protection) - 1]->rating;
    }

    /** The field of a patch that holds the rating of one of its protections. */
    public function ratingField(int $index): string
    {
        return $this->kind === RunKind::Branch ? 'fuse_a' : "protection.{$index}.rating_a";
    }

    /** @return list<GaugeOption> thinnest first; none of a factory lead */
    public function options(): array
    {
        return $this->ladder->options();
    }

    /** @return GaugeOption|null what the run would do in a gauge; null: it is not on the ladder */
    public function option(string $gauge): ?GaugeOption
    {
        foreach ($this->options() as $option) {
            if ($option->gauge->name === $gauge) {
                return $option;
            }
        }

        return null;
    }
}
