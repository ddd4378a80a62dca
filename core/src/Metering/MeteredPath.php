<?php

declare(strict_types=1);

namespace Dinghy\Metering;

use Dinghy\Circuit\Load;
use Dinghy\Circuit\Network;
use Dinghy\Circuit\Overload;
use Dinghy\Circuit\State;
use Dinghy\Plan\LoadKind;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Wiring\Circuit;
use Dinghy\Wiring\Path;

/**
 * The way from a bank to the far end of a circuit, with every point on it that a meter reaches, and the volts that each shows
 * while a test load draws at its end and nothing else does.
 */
final readonly class MeteredPath
{
    /** °C that resistances are carried to, so that a summer's can be laid beside a winter's */
    public const CELSIUS = 20.0;

    /** A that what is expected of a path is found with: with a load of constant current the volts are in proportion */
    private const PROBE = 1.0;

    /**
     * @param  list<PathPoint>  $points  from the bank outward
     * @param  float  $nominalVolts  V
     * @param  float  $fullAmps  A at full thrust, or with everything behind it at its peak
     * @param  float|null  $rating  A of the smallest fuse or breaker on it; null: it has none
     */
    private function __construct(
        private SolvedBoat $boat,
        public string $on,
        public string $label,
        public array $points,
        public float $nominalVolts,
        public float $fullAmps,
        public ?float $rating,
    ) {
    }

    /** @return self|null null: nothing leads there, or nothing is known of what feeds it */
    public static function to(SolvedBoat $boat, Circuit $circuit): ?self
    {
        $path = self::pathOf($boat, $circuit);
        if ($path === null) {
            return null;
        }
        $network = $boat->states->circuit(State::Rest);
        $supply = $path->feed()?->supply;
        $points = $supply === null ? [] : [new PathPoint('source', $boat->post($supply->plusPost()), $supply->plusPost()->name, $supply->minusEnd()->name)];
        $ratings = [];
        foreach ($path->circuits as $along) {
            $run = $boat->runs[$along->id];
            $segments = $network->segments($run->id);
            if ($segments === []) {
                return null;
            }
            foreach ($segments as $at => $segment) {
                $isEnd = $at === count($segments) - 1;
                $points[] = new PathPoint($isEnd ? $along->on() : "{$along->on()}:{$at}", $isEnd ? RestReadings::endWords($boat, $along) : "behind the {$segment->label}", $segment->plus, $segment->minus);
            }
            array_push($ratings, ...array_column($run->protection, 'rating'));
            if ($along === $circuit) {
                break;
            }
        }

        return count($points) < 2 ? null : new self($boat, $circuit->on(), RestReadings::endWords($boat, $circuit), $points, $path->nominalVolts(), $circuit->peakAmps, $ratings === [] ? null : min($ratings));
    }

    /**
     * @return list<float>|null V at each point while the load draws; null: the bank cannot give what it asks for
     */
    public function volts(TestLoad $load): ?array
    {
        return $this->solved(LoadKind::Resistance, $load->ampsAt($this->nominalVolts), $this->boat->plan->houseRules->conductorCelsius);
    }

    /**
     * What each stretch from one point to the next should have, both sides together: wire at 20 °C, joints, contacts; of what runs
     * side by side the share that this way carries.
     *
     * @return list<float>|null Ω, one fewer than there are points; null: the circuit has no solution, or a point no volts
     */
    public function ohms(): ?array
    {
        $volts = $this->solved(LoadKind::Current, self::PROBE, self::CELSIUS);
        if ($volts === null) {
            return null;
        }
        $ohms = [];
        for ($at = 1, $count = count($volts); $at < $count; $at++) {
            $ohms[] = ($volts[$at - 1] - $volts[$at]) / self::PROBE;
        }

        return $ohms;
    }

    /** @return list<float>|null */
    private function solved(LoadKind $kind, float $amps, float $celsius): ?array
    {
        $last = $this->points[count($this->points) - 1];
        $warm = $this->boat->states->circuit(State::Rest)->warmed(static fn (string $wire): float => $celsius)->network();
        $solved = (new Network($warm->sources, $warm->resistors, [new Load('test load', $last->plus, $last->minus, $kind, $amps, $this->nominalVolts)], null, $warm->regulators))->loaded();
        if ($solved instanceof Overload) {
            return null;
        }
        $volts = [];
        foreach ($this->points as $point) {
            $here = $solved->between($point->plus, $point->minus);
            if ($here === null) {
                return null;
            }
            $volts[] = $here;
        }

        return $volts;
    }

    private static function pathOf(SolvedBoat $boat, Circuit $circuit): ?Path
    {
        foreach ($boat->wiring->pathsThrough($circuit) as $path) {
            return $path;
        }

        return null;
    }
}
