<?php

declare(strict_types=1);

namespace Dinghy\Tests\Circuit;

use Dinghy\Circuit\Network;
use Dinghy\Circuit\Solution;
use Dinghy\Circuit\State;
use Dinghy\Tests\Plans;
use Dinghy\Tests\RandomBoat;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\TestCase;

/** Kirchhoff's laws and the balance of power on random boats, from the volts alone. */
final class BalanceTest extends TestCase
{
    private const BOATS = 60;

    public function test_currents_and_power_balance(): void
    {
        $seed = Seed::sown();
        $balanced = 0;
        for ($boat = 0; $boat < self::BOATS; $boat++) {
            $network = Plans::evaluate(RandomBoat::document())->boat->states->network(State::Loaded)->withResistances();
            $solution = $network->loaded();
            if ($solution instanceof Solution) {
                self::assertBalanced($network, $solution, "SEED={$seed} boat {$boat}");
                $balanced++;
            }
        }
        self::assertGreaterThan(self::BOATS / 2, $balanced, "SEED={$seed}");
    }

    private static function assertBalanced(Network $network, Solution $solution, string $which): void
    {
        $into = [];
        $flow = static function (string $from, string $to, float $amps) use (&$into): void {
            $into[$from] = ($into[$from] ?? 0.0) - $amps;
            $into[$to] = ($into[$to] ?? 0.0) + $amps;
        };
        [$given, $lost, $used, $largest] = [0.0, 0.0, 0.0, 1.0];
        foreach ($network->sources as $source) {
            $amps = $solution->sourceAmps()[$source->name];
            $flow($source->minus, $source->plus, $amps);
            $given += $source->volts * $amps;
            $lost += $amps ** 2 * $source->ohms;
            $largest = max($largest, abs($amps));
        }
        foreach ($network->resistors as $resistor) {
            $amps = $solution->through($resistor);
            $flow($resistor->from, $resistor->to, $amps);
            $lost += $amps ** 2 * $resistor->ohms;
        }
        foreach ($network->fedLoads() as $load) {
            $volts = $solution->between($load->plus, $load->minus) ?? NAN;
            $amps = $load->ampsAt($volts);
            $flow($load->plus, $load->minus, $amps);
            $used += $volts * $amps;
        }
        foreach ($into as $node => $amps) {
            self::assertEqualsWithDelta(0.0, $amps, 1e-6 * $largest, "{$which}: currents at {$node}");
        }
        self::assertEqualsWithDelta($given, $lost + $used, 1e-6 * abs($given) + 1e-6, "{$which}: power");
    }
}
