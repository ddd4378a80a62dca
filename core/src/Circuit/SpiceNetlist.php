<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

use Dinghy\Plan\LoadKind;

/**
 * A network as a SPICE netlist that ngspice runs as it is and prints every node of. Nodes are named after posts:
 * "b1+" is b1_p, "b1-" is b1_n, "feed/+2" is feed_p2.
 */
final class SpiceNetlist
{
    /**
     * Ω from one post of each part that hangs together to node 0: SPICE needs a way to ground, a boat has none. Being the
     * only way there, it carries no current.
     */
    private const GROUND = 1.0;

    /**
     * A constant-power load has a second operating point near zero volts, where no boat lives: below this share of its
     * nominal volts it draws a constant current, and the simulator is told to begin at nominal volts.
     */
    private const POWER_FLOOR = 0.4;

    /** @var array<string, string> SPICE name by node */
    private array $names = [];

    /** @var array<string, true> */
    private array $taken = [];

    /** @var list<string> */
    private array $lines = [];

    private int $elements = 0;

    private function __construct()
    {
    }

    public static function of(string $title, Network $network): string
    {
        $netlist = new self;
        $network = $network->withResistances();
        foreach ($network->sources as $source) {
            $netlist->source($source);
        }
        foreach ($network->resistors as $resistor) {
            $netlist->element('R', $resistor->from, $resistor->to, self::number($resistor->ohms), $resistor->name);
        }
        // What is not fed draws nothing: a simulator would let it draw through the ground.
        foreach ($network->fedLoads() as $load) {
            $netlist->load($load);
        }
        foreach ($network->regulators as $regulator) {
            $netlist->regulator($regulator);
        }
        $netlist->ground($network);

        return implode("\n", [
            '* '.(string) preg_replace('/[^\x20-\x7e]+/', ' ', $title),
            ...$netlist->lines,
            '.options reltol=1e-9 abstol=1e-9 vntol=1e-9',
            '.control',
            'op',
            'set numdgt=9',
            'print all',
            '.endc',
            '.end',
            '',
        ]);
    }

    /** The SPICE name of a node, as of() writes it for a network in which no two nodes differ only in signs. */
    public static function nameOf(string $node): string
    {
        return strtolower((string) preg_replace(['/\+/', '/-(?=\d*$)/', '/[^A-Za-z0-9]+/'], ['_p', '_n', '_'], str_replace('/', '_', $node)));
    }

    private function source(Source $source): void
    {
        $inside = $this->node($source->name.'/emf');
        $this->lines[] = "V{$this->next()} {$inside} {$this->node($source->minus)} ".self::number($source->volts)." ; {$source->name}";
        $this->lines[] = "R{$this->next()} {$inside} {$this->node($source->plus)} ".self::number($source->ohms)." ; inside {$source->name}";
    }

    private function load(Load $load): void
    {
        if ($load->kind === LoadKind::Current) {
            $this->element('I', $load->plus, $load->minus, self::number($load->amps), $load->name);
        } else {
            [$plus, $minus] = [$this->node($load->plus), $this->node($load->minus)];
            $watts = self::number($load->amps * $load->nominalVolts);
            $floor = self::number(self::POWER_FLOOR * $load->nominalVolts);
            $this->element('B', $load->plus, $load->minus, "I = {$watts} / max(V({$plus},{$minus}), {$floor})", $load->name);
            $this->lines[] = ".nodeset V({$plus})=".self::number($load->nominalVolts)." V({$minus})=0";
        }
    }

    private function regulator(Regulator $regulator): void
    {
        [$plus, $minus] = [$this->node($regulator->plus), $this->node($regulator->minus)];
        $volts = self::number($regulator->volts);
        $short = "{$volts} - V({$plus},{$minus})";
        $given = "min(max(({$short}) / ".self::number(Regulator::OHMS).", ({$short}) * ".self::number(Regulator::LEAK).'), '
            .self::number($regulator->limit).' + ('.self::number($regulator->knee())." - V({$plus},{$minus})) * ".self::number(Regulator::LEAK).')';
        $this->element('B', $regulator->minus, $regulator->plus, "I = {$given}", $regulator->name);
        $this->lines[] = ".nodeset V({$plus})=".self::number($regulator->volts)." V({$minus})=0";
        if ($regulator->inputPlus !== null && $regulator->inputMinus !== null) {
            [$in, $out] = [$this->node($regulator->inputPlus), $this->node($regulator->inputMinus)];
            $floor = self::number(self::POWER_FLOOR * $regulator->inputVolts);
            $this->element('B', $regulator->inputPlus, $regulator->inputMinus,
                "I = max(0, V({$plus},{$minus}) * ({$given})) / ".self::number($regulator->efficiency)." / max(V({$in},{$out}), {$floor}) + ".self::number($regulator->standbyAmps), "{$regulator->name}/input");
        }
    }

    private function ground(Network $network): void
    {
        [$index, $part] = [$network->topology->index, $network->topology->part];
        $grounded = [];
        foreach ([...array_map(static fn (Source $source): string => $source->minus, $network->sources), ...array_keys($this->names)] as $node) {
            // What is inside a battery is no node of the network, and hangs on its posts.
            if (isset($index[$node]) && ! isset($grounded[$part[$index[$node]]])) {
                $grounded[$part[$index[$node]]] = true;
                $this->lines[] = "R{$this->next()} {$this->node($node)} 0 ".self::number(self::GROUND).' ; ground';
            }
        }
    }

    private function element(string $kind, string $from, string $to, string $value, string $name): void
    {
        $this->lines[] = "{$kind}{$this->next()} {$this->node($from)} {$this->node($to)} {$value} ; {$name}";
    }

    private function next(): int
    {
        return ++$this->elements;
    }

    private function node(string $node): string
    {
        if (! isset($this->names[$node])) {
            $name = $free = self::nameOf($node);
            for ($other = 2; isset($this->taken[$free]); $other++) {
                $free = "{$name}_x{$other}";
            }
            $this->taken[$free] = true;
            $this->names[$node] = $free;
        }

        return $this->names[$node];
    }

    private static function number(float $value): string
    {
        return sprintf('%.12g', $value);
    }
}
