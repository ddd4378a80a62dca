<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout;

use Dinghy\Conductor\CopperMass;
use Dinghy\Conductor\Gauge;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Route\Route;
use Dinghy\Route\SimpleRoutes;
use Dinghy\Wiring\SizedRun;
use Dinghy\Wiring\Sizing;
use Dinghy\Wiring\Wiring;

/** A way that a run could go, with its length and the gauge that it would ask for. */
final readonly class OtherRoutes
{
    private const MOST = 4;

    /**
     * @param  list<string>  $stations  from its source to its target
     * @param  float  $length  m, slack included
     * @param  Gauge|null  $gauge  that Dinghy would choose for it; null: none in stock holds the limits
     */
    private function __construct(
        public array $stations,
        public Route $route,
        public float $length,
        public ?Gauge $gauge,
        public bool $now,
    ) {
    }

    /**
     * @param  PlanDocument  $document  that was evaluated
     * @return list<self> shortest first; none where an end of the run is not known
     */
    public static function of(Evaluation $evaluation, PlanDocument $document, SizedRun $run): array
    {
        $circuit = $run->circuit;
        if ($circuit === null || $circuit->from === null || $circuit->to === null || $circuit->from === $circuit->to) {
            return [];
        }
        $offered = [];
        foreach (SimpleRoutes::between($evaluation->boat->plan->boat->ways, $circuit->from, $circuit->to, self::MOST) as $route) {
            $stations = $route->stationsFrom($circuit->from);
            $there = $document->with(
                Patch::set($circuit->on(), ['run.route' => $stations, 'run.length_m' => null, 'run.gauge' => null]),
            )->plan();
            $sized = (new Sizing(Wiring::of($there)))->runs()[$run->id];
            $offered[] = new self(
                $stations,
                $route,
                $sized->length ?? 0.0,
                $sized->option($sized->gauge->name)?->fits === true ? $sized->gauge : null,
                $circuit->route?->ways == $route->ways,
            );
        }

        return $offered;
    }

    /** @return float|null kg of copper, both ways; null: no gauge would do */
    public function copper(): ?float
    {
        return $this->gauge === null ? null : CopperMass::kilograms($this->gauge, $this->length);
    }
}
