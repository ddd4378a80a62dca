<?php

declare(strict_types=1);

namespace Dinghy\Tests\Trip;

use Dinghy\File\PlanDocument;
use Dinghy\File\PlanRefused;
use Dinghy\Tests\MutantBoat;
use Dinghy\Tests\Plans;
use Dinghy\Tests\RandomBoat;
use Dinghy\Tests\Seed;
use Dinghy\Trip\Simulation;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Days of boats that nobody has drawn, good and bad: energy balances, charge stays between empty and full, what went out stays out. */
#[Group('many-boats')]
final class RandomDaysTest extends TestCase
{
    private const BOATS = 120;

    public function test_energy_balances_whatever_the_boat(): void
    {
        $seed = Seed::sown();
        $days = 0;
        for ($i = 0; $i < self::BOATS; $i++) {
            try {
                $boat = Plans::evaluate(self::withDay($i % 2 === 0 ? RandomBoat::joined() : MutantBoat::document()))->boat;
            } catch (PlanRefused) {
                continue;
            }
            $day = Simulation::of($boat, 300);
            if ($day === null) {
                continue;
            }
            $days++;
            $which = "SEED={$seed}, boat {$i}";
            $energy = $day->energy;
            self::assertEqualsWithDelta($energy->batteries + $energy->charged, $energy->loads + $energy->wires, 0.005 * ($energy->loads + $energy->wires) + 0.01, $which);
            foreach ($day->batteries as $battery) {
                self::assertThat($battery->charge, self::logicalAnd(self::greaterThanOrEqual(0.0), self::lessThanOrEqual(1.0)), $which);
                self::assertGreaterThanOrEqual(0.0, min($battery->ahOut, $battery->ahIn), $which);
            }
            foreach ($day->devices as $id => $use) {
                self::assertGreaterThanOrEqual(0.0, $use->wh, "{$which} {$id}");
                self::assertTrue($use->outAt === null || $use->outAt < 60 * $day->hours, "{$which} {$id}");
            }
        }
        self::assertGreaterThan(self::BOATS / 2, $days);
    }

    private static function withDay(PlanDocument $boat): PlanDocument
    {
        $devices = array_keys($boat->partsOf('device'));
        $phases = [];
        for ($phase = 0; $phase < 3; $phase++) {
            $on = array_map(static fn (): float => mt_rand(0, 4) / 4, array_flip($devices));
            $phases[] = (object) ['hours' => mt_rand(1, 16) / 4, 'engine' => mt_rand(0, 2) === 0, 'on' => (object) $on];
        }
        $charges = array_map(static fn (): array => ['soc' => mt_rand(0, 10) / 10], $boat->partsOf('battery'));

        return Plans::changed($boat, [
            'plan' => ['trip' => (object) ['ambient_c' => mt_rand(-5, 30), 'phases' => $phases]],
            ...array_combine(array_map(static fn (string $id): string => "battery:{$id}", array_keys($charges)), array_values($charges)),
        ]);
    }
}
