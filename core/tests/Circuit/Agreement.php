<?php

declare(strict_types=1);

namespace Dinghy\Tests\Circuit;

use Dinghy\Circuit\Solution;
use Dinghy\Circuit\SpiceNetlist;
use Dinghy\Circuit\State;
use Dinghy\Circuit\Topology;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanDocument;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Assert;

/** That the solver and ngspice agree: every node within 1 mV, the current of every branch within 0.1 %. */
final class Agreement
{
    /** On the netlist that a plan gives. */
    public static function assertAgrees(Evaluation $evaluation, State $state, string $which): void
    {
        $spice = Ngspice::run($evaluation->boat->states->netlist($state));
        $solved = $evaluation->boat->states->in($state);
        Assert::assertNotNull($solved, $which);
        $between = static fn (string $plus, string $minus): float => $spice[SpiceNetlist::nameOf($plus)] - $spice[SpiceNetlist::nameOf($minus)];
        $network = $evaluation->boat->states->network($state)->withResistances();
        foreach (self::islands($network->topology) as $island) {
            foreach ($island as $node) {
                if (isset($spice[SpiceNetlist::nameOf($node)], $spice[SpiceNetlist::nameOf($island[0])])) {
                    Assert::assertEqualsWithDelta($between($node, $island[0]), $solved->between($node, $island[0]), 0.001, "{$which}: {$node}");
                }
            }
        }
        // The simulator prints ten digits of some 40 V: through 0.5 mΩ that is a current known to some 20 µA.
        foreach ($network->resistors as $resistor) {
            $amps = $solved->through($resistor);
            Assert::assertEqualsWithDelta($between($resistor->from, $resistor->to) / $resistor->ohms, $amps, 0.001 * abs($amps) + 5e-8 / $resistor->ohms, "{$which}: amps of {$resistor->name}");
        }
        foreach ($network->regulators as $regulator) {
            $amps = $solved->given($regulator);
            $expected = $regulator->ampsAt($between($regulator->plus, $regulator->minus));
            // Through its 1 mΩ ten digits of volts are 10 µA.
            Assert::assertEqualsWithDelta($expected, $amps, 0.001 * abs($amps) + 1e-4, "{$which}: amps of {$regulator->name}");
        }
        foreach ($network->sources as $source) {
            $amps = $solved->sourceAmps()[$source->name];
            $spiceAmps = ($spice[SpiceNetlist::nameOf("{$source->name}/emf")] - $spice[SpiceNetlist::nameOf($source->plus)]) / $source->ohms;
            Assert::assertEqualsWithDelta($spiceAmps, $amps, 0.001 * abs($amps) + 5e-8 / $source->ohms, "{$which}: amps of {$source->name}");
        }
    }

    /**
     * With a circuit drawn by hand.
     *
     * @param  list<string>  $elements
     * @param  list<array{string, string, string, string}>  $points  two points of the boat, and the same two by hand
     * @param  array<string, array{string, string, float}>  $amps  by battery: the nodes on both sides of its resistance, and Ω
     */
    public static function assertByHand(PlanDocument $document, array $elements, array $points, array $amps, State $state = State::Loaded): void
    {
        $spice = Ngspice::operatingPoint($elements);
        $solution = Plans::evaluate($document)->boat->states->in($state);
        Assert::assertInstanceOf(Solution::class, $solution);
        foreach ($points as [$plus, $minus, $p, $m]) {
            Assert::assertEqualsWithDelta($spice[$p] - $spice[$m], $solution->between($plus, $minus), 0.001, "{$plus} to {$minus}");
        }
        foreach ($amps as $battery => [$inside, $post, $ohms]) {
            $expected = ($spice[$inside] - $spice[$post]) / $ohms;
            Assert::assertEqualsWithDelta($expected, $solution->sourceAmps()[$battery], 0.001 * abs($expected) + 1e-6, "amps of {$battery}");
        }
    }

    /** @return list<list<string>> the nodes of each part that nothing joins to the others */
    public static function islands(Topology $topology): array
    {
        $islands = [];
        foreach ($topology->index as $name => $node) {
            $islands[$topology->part[$node]][] = (string) $name;
        }

        return array_values($islands);
    }
}
