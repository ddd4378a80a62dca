<?php

declare(strict_types=1);

namespace Dinghy\Tests\Metering;

use Dinghy\Area\Rigging\Probing;
use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\StepKind;
use Dinghy\Area\Rigging\Steps;
use Dinghy\Circuit\SpiceNetlist;
use Dinghy\Circuit\State;
use Dinghy\Metering\LoadChoice;
use Dinghy\Metering\MeteredPath;
use Dinghy\Metering\TestLoad;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Tests\Circuit\Ngspice;
use Dinghy\Tests\Measured;
use Dinghy\Tests\Plans;
use Dinghy\Tests\RandomBoat;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\TestCase;

/** Volts along a way while a test load draws at its end, and the ohms that are landed, against ngspice on the boat's netlist. */
final class TestLoadVoltsTest extends TestCase
{
    private const DEMO = ['skiff', 'console', 'pontoon', 'rowing', 'catamaran'];

    public function test_every_circuit_of_the_demo_boats(): void
    {
        $points = 0;
        foreach (self::DEMO as $name) {
            $points += self::compare(Plans::evaluate(Plans::demo("boats/{$name}"))->boat, $name, PHP_INT_MAX);
        }
        self::assertGreaterThan(100, $points);
    }

    public function test_circuits_of_fifty_random_boats(): void
    {
        $seed = Seed::sown();
        $points = 0;
        for ($i = 0; $i < 50; $i++) {
            $points += self::compare(Plans::evaluate($i % 2 === 0 ? RandomBoat::joined() : RandomBoat::document())->boat, "SEED={$seed}, boat {$i}", 2);
        }
        Measured::say("Volts under a test load against ngspice, SEED={$seed}: {$points} points of fifty random boats, each within 1 mV");
        self::assertGreaterThan(150, $points);
    }

    /** The minus of each circuit, from the bank to its far end: a current of 1 A through what is landed, breakers and fuses out. */
    public function test_ohms_of_what_is_landed(): void
    {
        $compared = 0;
        foreach (self::DEMO as $name) {
            $boat = Plans::evaluate(Plans::demo("boats/{$name}"))->boat;
            $landed = array_values(array_filter($boat->figures(Steps::class)->all, static fn (Step $step): bool => $step->kind === StepKind::Connect));
            $built = (new Probing($boat))->after($landed);
            foreach ($boat->circuits() as $run) {
                $path = $run->circuit === null ? null : MeteredPath::to($boat, $run->circuit);
                if ($path === null) {
                    continue;
                }
                [$near, $far] = [$path->points[0]->minus, str_replace('/lead', '', $path->points[count($path->points) - 1]->minus)]; // its factory lead is unplugged
                $node = static fn (string $of): string => $of === $near ? '0' : self::spiceName($of);
                $elements = ["I1 0 {$node($far)} DC 1"];
                foreach ($built->network()->resistors as $at => $resistor) {
                    $elements[] = "R{$at} {$node($resistor->from)} {$node($resistor->to)} {$resistor->ohms}";
                    $elements[] = "RG{$at} {$node($resistor->to)} 0 1e9"; // what hangs by itself has volts too
                }
                self::assertEqualsWithDelta(Ngspice::operatingPoint($elements)[$node($far)], $built->ohms($near, $far), 1e-6, "{$name}: {$path->on}");
                $compared++;
            }
        }
        self::assertGreaterThan(20, $compared);
    }

    private static function spiceName(string $node): string
    {
        return 'n'.strtolower((string) preg_replace('/[^A-Za-z0-9]+/', '_', str_replace(['+', '-'], ['_p', '_n'], $node)));
    }

    /** @return int points that were compared */
    private static function compare(SolvedBoat $boat, string $which, int $most): int
    {
        $circuits = $boat->circuits();
        shuffle($circuits);
        $points = 0;
        foreach ($circuits as $run) {
            $path = $run->circuit === null ? null : MeteredPath::to($boat, $run->circuit);
            $load = $path === null ? null : LoadChoice::of($path, [...TestLoad::usual(), new TestLoad('large', 30.0, 100.0)])[0] ?? null;
            $volts = $path === null || $load === null ? null : $path->volts($load);
            if ($path === null || $load === null || $volts === null || $most-- <= 0) {
                continue;
            }
            $last = $path->points[count($path->points) - 1];
            $element = 'Rtestload '.SpiceNetlist::nameOf($last->plus).' '.SpiceNetlist::nameOf($last->minus).' '.$load->ohms;
            $spice = Ngspice::run(str_replace("\n.options", "\n{$element}\n.options", $boat->states->netlist(State::Rest)));
            foreach ($path->points as $at => $point) {
                self::assertEqualsWithDelta($spice[SpiceNetlist::nameOf($point->plus)] - $spice[SpiceNetlist::nameOf($point->minus)], $volts[$at], 0.001, "{$which}: {$path->on}, {$point->says}");
                $points++;
            }
        }

        return $points;
    }
}
