<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Metal;
use Dinghy\Conductor\Resistance;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Charger;
use Dinghy\Plan\ChargerOutput;
use Dinghy\Plan\Device;
use Dinghy\Plan\LoadKind;
use Dinghy\Plan\Plan;
use Dinghy\Wiring\SizedProtection;
use Dinghy\Wiring\SizedRun;
use Dinghy\Wiring\Wiring;

/**
 * The circuit that a plan stands for, element by element as docs/plan-format.md lists them. Nodes are named after posts
 * ("b1+", "b1-"), plugs ("d1+", "d1-") and buses ("bow-block+"); nodes between two elements of a run "run/+1".
 */
final class PlanNetwork
{
    /** Ω, a crimped ring on a stud; a butt joint; a switch [cp, working estimate] */
    public const RING = 0.0002;

    private const BUTT = 0.0003;

    private const SWITCH = 0.0005;

    /** @var list<Source> */
    private array $sources = [];

    /** @var list<Resistor> */
    private array $resistors = [];

    /** @var list<Load> */
    private array $loads = [];

    /** @var array<string, list<RunSegment>> by run id, from the source outward */
    private array $segments = [];

    /** @var list<Regulator> */
    private array $regulators = [];

    /** @var array<string, Resistor>|null */
    private ?array $byName = null;

    private readonly Plan $plan;

    /**
     * @param  array<string, SizedRun>  $runs
     * @param  \Closure(Battery): float  $volts  resting volts of a battery in this state
     * @param  \Closure(Device): float  $amps  A at nominal volts that a device draws in this state
     * @param  float  $crankingAmps  A that the engine's starter draws in this state
     * @param  (\Closure(Charger, ChargerOutput): bool)|null  $charges  which outputs charge; null: none
     * @param  bool  $joined  whether feeds and what hangs on them are there; else only banks, bonds and chargers
     */
    public function __construct(
        private readonly Wiring $wiring,
        private readonly array $runs,
        private readonly float $celsius,
        private readonly \Closure $volts,
        \Closure $amps,
        float $crankingAmps = 0.0,
        ?\Closure $charges = null,
        bool $joined = true,
    ) {
        $plan = $this->plan = $wiring->plan;
        foreach ($plan->banks as $bank) {
            $this->addBank($bank);
        }
        foreach ($plan->bonds as $bond) {
            array_push($this->resistors, ...FusedWire::of($bond->id, $bond->from->negativePost()->name, $bond->to->negativePost()->name, $bond->protection,
                $this->wire($bond->gauge, Metal::TinnedCopper, $bond->length)));
        }
        foreach ($joined ? $plan->feeds : [] as $feed) {
            $this->addCircuit(
                $runs[$feed->id],
                $feed->supply->plusPost()->name,
                $feed->supply->minusEnd()->name,
                $feed->switch,
            );
        }
        foreach ($joined ? $plan->blocks : [] as $block) {
            foreach ($block->branches as $branch) {
                $this->addCircuit($runs[$branch->id], $block->plus()->name, $block->minus()->name, false);
            }
        }
        foreach ($joined ? $plan->consumers : [] as $device) {
            $this->addLead($device);
        }
        $this->addChargers($charges ?? static fn (): bool => false);
        if ($joined) {
            $this->addLoads($amps, $crankingAmps);
        }
    }

    /**
     * The same with wires of other temperatures.
     *
     * @param  \Closure(string): float  $celsius  of a wire, by the id of its run, jumper, bond, lead or device
     */
    public function warmed(\Closure $celsius): self
    {
        $other = clone $this;
        $other->byName = null;
        $usual = Resistance::warmth($this->celsius);
        $other->resistors = array_map(
            static fn (Resistor $resistor): Resistor => $resistor->wireOhms > 0 ? $resistor->warmed(
                Resistance::warmth($celsius($resistor->wire)) / $usual,
            ) : $resistor,
            $this->resistors,
        );

        return $other;
    }

    /**
     * The same with nothing drawn and converters that give whatever is drawn, for shorts: their current is held to the
     * converters' limits afterwards.
     *
     * @param  \Closure(Battery): float  $volts
     * @param  bool  $short  whether batteries have the internal resistance they show into a short
     */
    public function forShorts(\Closure $volts, bool $short): self
    {
        $other = clone $this;
        $other->loads = array_map(static fn (Load $load): Load => $load->scaled(0.0), $this->loads);
        $other->sources = array_map(function (Source $source) use ($volts, $short): Source {
            $battery = $this->plan->batteries[$source->name];

            return new Source(
                $source->name,
                $source->plus,
                $source->minus,
                $volts($battery),
                ($short ? $battery->resistanceIntoShort() : null) ?? $source->ohms,
            );
        }, $this->sources);
        foreach ($this->regulators as $regulator) {
            $other->sources[] = new Source(
                $regulator->name,
                $regulator->plus,
                $regulator->minus,
                $regulator->volts,
                Regulator::OHMS,
            );
        }
        $other->regulators = [];

        return $other;
    }

    /**
     * The same wires in another state.
     *
     * @param  \Closure(Battery): float  $volts
     * @param  \Closure(Device): float  $amps
     */
    public function inState(\Closure $volts, \Closure $amps, float $crankingAmps = 0.0): self
    {
        $other = clone $this;
        $other->sources = array_map(
            fn (Source $source): Source => new Source(
                $source->name,
                $source->plus,
                $source->minus,
                $volts($this->plan->batteries[$source->name]),
                $source->ohms,
            ),
            $this->sources,
        );
        $other->loads = [];
        $other->addLoads($amps, $crankingAmps);

        return $other;
    }

    /**
     * The same with batteries that give nothing: no wire of a string joins them any more.
     *
     * @param  list<string>  $batteries
     */
    public function without(array $batteries): self
    {
        $other = clone $this;
        $other->sources = array_map(
            static fn (Source $source): Source => in_array($source->name, $batteries, true)
                ? new Source($source->name, $source->plus, $source->minus, $source->volts, Source::OPEN)
                : $source,
            $this->sources,
        );

        return $other;
    }

    /** @param  Topology|null  $topology  of another network of the same plan */
    public function network(?Topology $topology = null): Network
    {
        return new Network($this->sources, $this->resistors, $this->loads, $topology, $this->regulators);
    }

    /** @param  Network  $other  of the same wires in another state */
    public function networkLike(Network $other): Network
    {
        return $other->inState($this->sources, $this->loads);
    }

    /** @return array<string, Resistor> by name */
    public function resistors(): array
    {
        return $this->byName ??= array_column($this->resistors, null, 'name');
    }

    /** The same elements for a circuit simulator. */
    public function netlist(string $title): string
    {
        return SpiceNetlist::of($title, $this->network());
    }

    /** @return list<RunSegment> the pieces of a run from the source outward */
    public function segments(string $run): array
    {
        return $this->segments[$run] ?? [];
    }

    /** @return array{string, string} the nodes at the far end of a run, plus and minus */
    public function farEnd(SizedRun $run): array
    {
        $last = $this->segments[$run->id][count($this->segments[$run->id]) - 1];

        return [$last->plus, $last->minus];
    }

    private function addBank(Bank $bank): void
    {
        $elements = new BankElements($bank, $this->celsius, $this->volts);
        array_push($this->sources, ...$elements->sources);
        array_push($this->resistors, ...$elements->resistors);
    }

    /** @param  \Closure(Charger, ChargerOutput): bool  $charges */
    private function addChargers(\Closure $charges): void
    {
        $elements = new ChargerElements($this->plan, $this->celsius, $charges);
        array_push($this->resistors, ...$elements->resistors);
        $this->regulators = $elements->regulators;
    }

    private function addCircuit(SizedRun $run, string $plus, string $minus, bool $switch): void
    {
        $end = $run->circuit->block ?? $this->entry($this->plan->consumers[$run->circuit?->device->id ?? '']);
        $at = 0;
        foreach ($run->protection as $index => $protection) {
            $plus = $this->series(
                $run,
                $plus,
                $minus,
                ++$at,
                self::protectionName($protection),
                $protection->planned->family->contactResistance($protection->rating),
                self::protectionElement($run, $index),
            );
        }
        if ($switch && ! $this->switchedByBreaker($run)) {
            $plus = $this->series($run, $plus, $minus, ++$at, 'switch', self::SWITCH, "{$run->id}/switch");
        }
        $extra = $run->circuit?->run->extraOhms ?? 0.0;
        if ($extra > 0) {
            $plus = $this->series($run, $plus, $minus, ++$at, 'extra resistance', $extra, "{$run->id}/extra");
        }
        $length = $run->length ?? 0.0;
        $wire = $this->wire($run->gauge, $run->metal, $length);
        $this->resistors[] = new Resistor("{$run->id}/+wire", $plus, $end.'+', $wire + 2 * self::RING, $run->id, $wire);
        $this->resistors[] = new Resistor(
            "{$run->id}/-wire",
            $minus,
            $end.'-',
            $wire + 2 * self::RING,
            $run->id,
            $wire,
        );
        $this->segments[$run->id][] = new RunSegment(
            (string) $run->gauge,
            $length,
            $run->gauge->areaMm2,
            $end.'+',
            $end.'-',
        );
    }

    /** The name of the resistor that a run's fuse or breaker is. */
    public static function protectionElement(SizedRun $run, int $index): string
    {
        return "{$run->id}/fuse".($index + 1);
    }

    private function series(
        SizedRun $run,
        string $plus,
        string $minus,
        int $at,
        string $name,
        float $ohms,
        string $element,
    ): string {
        $next = "{$run->id}/+{$at}";
        $this->resistors[] = new Resistor($element, $plus, $next, $ohms);
        $this->segments[$run->id][] = new RunSegment($name, 0.0, 0.0, $next, $minus);

        return $next;
    }

    private function addLead(Device $device): void
    {
        if ($device->leadGauge !== null) {
            $wire = $this->wire($device->leadGauge, Metal::Copper, $device->leadLength);
            foreach (['+', '-'] as $side) {
                $this->resistors[] = new Resistor(
                    "{$device->id}/{$side}lead",
                    $this->entry($device).$side,
                    $device->id.$side,
                    $wire + self::BUTT,
                    $device->id,
                    $wire,
                );
            }
            $this->segments[$device->id] = [
                new RunSegment(
                    'lead '.$device->leadGauge,
                    $device->leadLength,
                    $device->leadGauge->areaMm2,
                    $device->plus()->name,
                    $device->minus()->name,
                ),
            ];
        }
    }

    /** @param  \Closure(Device): float  $amps */
    private function addLoads(\Closure $amps, float $crankingAmps): void
    {
        foreach ($this->plan->consumers as $device) {
            $nominal = $this->wiring->lowestPathTo($device)?->nominalVolts();
            if ($nominal !== null) {
                $this->loads[] = new Load(
                    $device->id,
                    $device->plus()->name,
                    $device->minus()->name,
                    $device->load,
                    $amps($device),
                    $nominal,
                );
            }
        }
        $engine = $this->plan->boat->engine;
        if ($engine !== null) {
            $starter = $this->plan->batteries[$engine->battery];
            $this->loads[] = new Load(
                'engine',
                $starter->plus()->name,
                $starter->minus()->name,
                LoadKind::Current,
                $crankingAmps,
                $starter->nominalVolts,
            );
        }
    }

    /** The node name, without its side, where a circuit meets a device: its factory lead's free end, or its plug. */
    private function entry(Device $device): string
    {
        return $device->leadGauge === null ? $device->id : $device->id.'/lead';
    }

    private function switchedByBreaker(SizedRun $run): bool
    {
        foreach ($run->protection as $protection) {
            if ($protection->planned->family->isBreaker()) {
                return true;
            }
        }

        return false;
    }

    /** @param  float  $metres one way */
    private function wire(Gauge $gauge, Metal $metal, float $metres): float
    {
        return $metres * Resistance::perMetre($gauge, $metal, $this->celsius);
    }

    private static function protectionName(SizedProtection $protection): string
    {
        return rtrim(
            rtrim(number_format($protection->rating, 1, '.', ''), '0'),
            '.',
        ).' A '.$protection->planned->family->label();
    }
}
