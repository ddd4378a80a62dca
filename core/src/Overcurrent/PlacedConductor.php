<?php

declare(strict_types=1);

namespace Dinghy\Overcurrent;

use Dinghy\Conductor\Gauge;
use Dinghy\File\Patch;
use Dinghy\Plan\HouseRules;
use Dinghy\Wiring\GaugeOption;
use Dinghy\Wiring\SizedRun;

/** A conductor where it lies: of a run, a factory lead, a jumper, a bond, a charger's or an alternator's lead. */
final readonly class PlacedConductor
{
    /**
     * @param  string  $on  its part, as "feed:house"
     * @param  string  $name  in words; of a feed or branch its run's own
     * @param  float|null  $ampacity  A after factors; null: the publications have no figure
     * @param  non-empty-list<string>  $elements  the resistors of the circuit that it is
     * @param  SizedRun|null  $run  null: it is no run and no factory lead
     * @param  string|null  $gaugeField  where a patch finds its gauge; null: nowhere
     */
    public function __construct(
        public string $on,
        private string $name,
        public Gauge $gauge,
        public ?float $ampacity,
        public array $elements,
        public ?SizedRun $run = null,
        public ?string $gaugeField = null,
    ) {
    }

    /** In words. */
    public function label(): string
    {
        return $this->run?->circuit === null ? $this->name : "run {$this->run->circuit->label}";
    }

    /** @return iterable<Gauge> those in stock, thinnest first, that carry so much as it would lie here */
    public function gaugesFor(float $amps, HouseRules $rules): iterable
    {
        foreach ($this->run === null ? $rules->stock : $this->run->options() as $step) {
            $gauge = $step instanceof GaugeOption ? $step->gauge : $step;
            $ampacity = $step instanceof GaugeOption ? $step->ampacity : Conductors::ampacity($rules, $step);
            if ($ampacity !== null && $ampacity >= $amps) {
                yield $gauge;
            }
        }
    }

    /** @return Patch|null null: no field of the plan holds its gauge */
    public function withGauge(Gauge $gauge): ?Patch
    {
        return $this->gaugeField === null ? null : Patch::set($this->on, [$this->gaugeField => $gauge->name]);
    }
}
