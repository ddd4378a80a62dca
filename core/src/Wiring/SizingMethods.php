<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Conductor\Gauge;
use Dinghy\Quantity\QuantityFormatter;

/**
 * The three ways of choosing a gauge beside one another: arithmetic, the printed band chart, the device maker's table.
 */
final readonly class SizingMethods
{
    /**
     * @param  Gauge|null  $arithmetic  the first in stock that suits drop, ampacity and protection; null: none
     * @param  Gauge|null  $bandChart  null: the chart has no cell
     * @param  Gauge|null  $makers  null: the maker has no table, or it ends before
     */
    private function __construct(
        private SizedRun $run,
        public ?Gauge $arithmetic,
        public ?Gauge $bandChart,
        public ?Gauge $makers,
    ) {
    }

    public static function of(SizedRun $run): self
    {
        $arithmetic = null;
        foreach ($run->options() as $option) {
            $arithmetic ??= $option->fits ? $option->gauge : null;
        }
        $behind = $run->circuit->behind ?? [];

        return new self($run, $arithmetic, $run->bandChart,
            count($behind) === 1 && $run->length !== null ? MakersTable::gauge($behind[0], $run->length) : null);
    }

    /** Why they differ, in a sentence or two; null: they agree, or only one of them says anything. */
    public function difference(QuantityFormatter $words): ?string
    {
        $said = [];
        if ($this->arithmetic !== null && $this->bandChart !== null && $this->arithmetic->name !== $this->bandChart->name) {
            $thicker = $this->arithmetic->isThinnerThan($this->bandChart);
            $nominal = $this->run->nominalVolts ?? 12.0;
            $said[] = "The band chart says {$this->bandChart}, ".($thicker ? 'thicker' : 'thinner').' than the '.$this->arithmetic.' of the arithmetic: it allows 0.87 V at the far corner of a cell whatever the bank'
                .($nominal > 12.5 ? ", {$words->percent(87 / $nominal)} of {$words->volts($nominal)}" : ', 7.3 % of 12 V')
                .($thicker ? ', and rounds amps and feet up to that corner' : '').'; the house rule allows '.$words->percent($this->run->limitPercent).' for the whole path.';
        }
        if ($this->arithmetic !== null && $this->makers !== null && $this->arithmetic->name !== $this->makers->name) {
            $said[] = "The maker's table says {$this->makers}, ".($this->arithmetic->isThinnerThan($this->makers) ? 'thicker' : 'thinner')
                ." than the arithmetic: it is made for the device's own inrush and lowest volts, not for {$words->amps($this->run->amps)} and a percentage.";
        }

        return $said === [] ? null : implode(' ', $said);
    }
}
