<?php

declare(strict_types=1);

namespace Dinghy\Network;

use Dinghy\Circuit\Load;
use Dinghy\Circuit\Network;
use Dinghy\Circuit\Resistor;
use Dinghy\Circuit\Solution;
use Dinghy\Circuit\Source;
use Dinghy\Plan\LoadKind;

/** The volts along a backbone: its taps as sources, its two power conductors as wires, its nodes as constant currents. */
final readonly class Trunk
{
    /** V at which a load of constant current is written down; it draws the same at any */
    private const NOMINAL = 12.0;

    /**
     * @param  array<string, float>|null  $volts  V by place, as key() has it; null: a tap's volts are not known
     * @param  list<TrunkLeg>  $legs  stretches of trunk between places, from its start
     * @param  float|null  $drop  V from a tap to the lowest tee behind it
     */
    private function __construct(public Backbone $backbone, private ?array $volts, public array $legs, public ?float $drop)
    {
    }

    /**
     * @param  list<float|null>  $volts  V at each tap, in the order of the plan
     */
    public static function of(Backbone $backbone, array $volts): self
    {
        $known = array_values(array_filter($volts, is_float(...)));
        if ($known === [] || count($known) < count($backbone->taps)) {
            return new self($backbone, null, [], null);
        }
        $at = [];
        $legs = [];
        $drop = null;
        foreach (self::parts($backbone) as [$from, $to]) {
            $taps = array_filter($backbone->taps, static fn (PowerTap $tap): bool => self::isWithin($tap->at, $from, $to));
            $nodes = array_filter($backbone->nodes, static fn (BackboneNode $node): bool => self::isWithin($node->at, $from, $to));
            if ($taps === []) {
                // Nothing powers this part: its volts are none.
                foreach ($nodes as $node) {
                    $at[self::key($node->at)] = 0.0;
                }

                continue;
            }
            $its = array_intersect_key($known, $taps);
            $here = self::solved($backbone, $taps, $its, $nodes);
            $at += $here;
            array_push($legs, ...self::legsOf($backbone, $here));
            $highest = max([0.0, ...$its]);
            $drop = max($drop ?? 0.0, $highest - min([$highest, ...array_values($here)]));
        }

        return new self($backbone, $at, $legs, $drop);
    }

    /** @return float|null V at the end of a node's drop */
    public function at(int $node): ?float
    {
        $tee = $this->volts[self::key($this->backbone->nodes[$node]->at)] ?? null;

        return $tee === null ? null : $tee - $this->backbone->nodes[$node]->lostInDrop();
    }

    /** @return int|null the node of the lowest volts, of equal ones the first; null: not known, or there is none */
    public function worst(): ?int
    {
        $worst = null;
        foreach ($this->volts === null ? [] : array_keys($this->backbone->nodes) as $node) {
            if ($worst === null || $this->at($node) < $this->at($worst)) {
                $worst = $node;
            }
        }

        return $worst;
    }

    /** @return list<array{float, float}> m along the trunk: stretches whose power is joined */
    private static function parts(Backbone $backbone): array
    {
        $at = $backbone->isolatedAt;

        return $at === null ? [[0.0, $backbone->length]] : [[0.0, $at], [$at, $backbone->length]];
    }

    /** What stands at the isolating tee itself belongs to the part before it. */
    private static function isWithin(float $at, float $from, float $to): bool
    {
        return $at <= $to && ($from === 0.0 ? $at >= 0.0 : $at > $from);
    }

    /**
     * @param  array<int, PowerTap>  $taps
     * @param  array<int, float>  $volts  V at each of them
     * @param  array<int, BackboneNode>  $nodes
     * @return array<string, float> V at each place, from the start
     */
    private static function solved(Backbone $backbone, array $taps, array $volts, array $nodes): array
    {
        $places = array_unique([
            ...array_map(static fn (PowerTap $tap): float => $tap->at, $taps),
            ...array_map(static fn (BackboneNode $node): float => $node->at, $nodes),
        ]);
        sort($places);
        $resistors = [];
        for ($i = 1; $i < count($places); $i++) {
            $ohms = $backbone->cable->ohmsPerMetre() * ($places[$i] - $places[$i - 1]);
            foreach (['+', '-'] as $sign) {
                $resistors[] = new Resistor("{$i}{$sign}", "{$places[$i - 1]}{$sign}", "{$places[$i]}{$sign}", $ohms);
            }
        }
        $sources = [];
        foreach ($taps as $i => $tap) {
            $sources[] = new Source("tap {$i}", "{$tap->at}+", "{$tap->at}-", $volts[$i], 0.0);
        }
        $loads = [];
        foreach ($nodes as $i => $node) {
            $loads[] = new Load("node {$i}", "{$node->at}+", "{$node->at}-", LoadKind::Current, $node->amps(), self::NOMINAL);
        }
        $solution = (new Network($sources, $resistors, $loads))->loaded();
        $at = [];
        foreach ($places as $place) {
            $at[self::key($place)] = $solution instanceof Solution ? $solution->between("{$place}+", "{$place}-") ?? 0.0 : 0.0;
        }

        return $at;
    }

    /**
     * @param  array<string, float>  $volts  V by place, from the start
     * @return list<TrunkLeg>
     */
    private static function legsOf(Backbone $backbone, array $volts): array
    {
        $legs = [];
        $places = array_map(floatval(...), array_keys($volts));
        for ($i = 1; $i < count($places); $i++) {
            $fall = $volts[self::key($places[$i - 1])] - $volts[self::key($places[$i])];
            $legs[] = new TrunkLeg(
                $places[$i - 1],
                $places[$i],
                abs($fall) / (2 * $backbone->cable->ohmsPerMetre() * ($places[$i] - $places[$i - 1])),
            );
        }

        return $legs;
    }

    /** A place along the trunk as it is kept by: m to a micrometre. */
    private static function key(float $at): string
    {
        return sprintf('%.6f', $at);
    }
}
