<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Day;

use Dinghy\Area\Day\Figure\ElectronicsDay;
use Dinghy\Area\Day\Figure\Endurance;
use Dinghy\Area\Day\Figure\HotSwap;
use Dinghy\Area\Day\Figure\LayUpFigures;
use Dinghy\Area\Day\Figure\NightFigures;
use Dinghy\Area\Day\Figure\WantedDay;
use Dinghy\Area\Day\Variant\DayVariants;
use Dinghy\Area\Day\Variant\Stock;
use Dinghy\Area\Day\Variant\Trial;
use Dinghy\File\PlanDocument;
use Dinghy\File\PlanRefused;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Tests\MutantBoat;
use Dinghy\Tests\Plans;
use Dinghy\Tests\RandomBoat;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Nights, winters and longer days of boats that nobody has drawn, good and bad. */
#[Group('many-boats')]
final class RandomNightsTest extends TestCase
{
    private const BOATS = 20;

    /** Nothing is emptied by its charger, nothing gets fuller than full, and a switch never shortens a winter. */
    public function test_nights_and_winters_whatever_the_boat(): void
    {
        $seed = Seed::sown();
        $nights = 0;
        for ($i = 0; $i < self::BOATS; $i++) {
            $boat = self::boat($i);
            $night = $boat?->figures(NightFigures::class)->night;
            if ($boat === null || $night === null) {
                continue;
            }
            $nights++;
            $which = "SEED={$seed}, boat {$i}";
            foreach ($night->batteries as $one) {
                self::assertThat($one->morning, self::logicalAnd(self::greaterThanOrEqual($one->evening - 1e-9), self::lessThanOrEqual(1.0)), $which);
                self::assertThat($one->charge, self::logicalAnd(self::greaterThanOrEqual($one->morning - 1e-9), self::lessThanOrEqual(1.0)), $which);
                self::assertTrue($one->fullAfter === null || abs($one->fullAfter - $one->bulk - $one->absorption) < 1e-6 || $one->fullAfter >= $one->bulk, $which);
            }
            foreach ([...$boat->figures(LayUpFigures::class)->betweenTrips, ...$boat->figures(LayUpFigures::class)->winter] as $layUp) {
                [$floor, $empty, $off] = [$layUp->daysToFloor() ?? INF, $layUp->daysToEmpty() ?? INF, $layUp->daysToFloorSwitchedOff() ?? INF];
                self::assertTrue($floor <= $empty + 1e-9 && $floor <= $off + 1e-9, $which);
            }
            foreach ($boat->plan->banks as $bank) {
                self::assertGreaterThan(0.0, HotSwap::of($boat, $bank)->amps ?? 1.0, $which);
            }
            self::assertGreaterThanOrEqual(0.0, $boat->figures(ElectronicsDay::class)->leastVolts ?? 0.0, $which);
        }
        self::assertGreaterThan(self::BOATS / 3, $nights);
    }

    /** What is named for a longer day bears it, on the plan that its change makes. */
    public function test_what_is_named_for_a_longer_day_bears_it(): void
    {
        $seed = Seed::sown();
        $named = 0;
        $stock = new Stock(array_map(static fn (array $one): \stdClass => (object) ['chemistry' => $one[0], 'nominal_v' => $one[1], 'capacity_ah' => $one[2], 'part' => implode(' ', $one)], [
            ['agm', 12, 150], ['agm', 12, 400], ['flooded', 12, 200], ['lifepo4', 12, 200], ['lifepo4', 12, 600], ['lifepo4', 24, 400], ['agm', 6, 400],
        ]), [(object) ['part' => 'twenty', 'amps' => 20, 'outputs' => 4, 'isolated' => true], (object) ['part' => 'hundred', 'amps' => 100, 'outputs' => 8, 'isolated' => true]]);
        for ($i = 0; $i < self::BOATS / 2; $i++) {
            [$document, $boat] = self::planned($i);
            $wanted = $boat === null ? null : WantedDay::of($boat->plan->trip ?? [], 12);
            if ($document === null || $boat === null || $wanted === null || $boat->plan->banks === []) {
                continue;
            }
            foreach (DayVariants::of(new Trial($document, $boat, $wanted, $stock)) as $variant) {
                if ($variant->patch !== null) {
                    $after = $document->with($variant->patch)->plan();
                    self::assertTrue(Endurance::of(SolvedBoat::of($after, $boat->words), $after->trip ?? [])->holds(), "SEED={$seed}, boat {$i}: {$variant->says}");
                    $named++;
                }
            }
        }
        self::assertGreaterThan(0, $named);
    }

    private static function boat(int $i): ?SolvedBoat
    {
        return self::planned($i)[1];
    }

    /** @return array{PlanDocument|null, SolvedBoat|null} */
    private static function planned(int $i): array
    {
        try {
            $document = self::withDay($i % 2 === 0 ? RandomBoat::joined() : MutantBoat::document());

            return [$document, Plans::evaluate($document)->boat];
        } catch (PlanRefused) {
            return [null, null];
        }
    }

    private static function withDay(PlanDocument $boat): PlanDocument
    {
        $devices = array_keys($boat->partsOf('device'));
        $phases = [];
        for ($phase = 0; $phase < 3; $phase++) {
            $on = array_map(static fn (): float => mt_rand(0, 4) / 4, array_flip($devices));
            $phases[] = (object) ['hours' => mt_rand(1, 16) / 4, 'engine' => mt_rand(0, 2) === 0, 'home' => $phase === 2, 'on' => (object) $on];
        }
        $charges = array_map(static fn (): array => ['soc' => mt_rand(0, 10) / 10], $boat->partsOf('battery'));

        return Plans::changed($boat, [
            'plan' => ['trip' => (object) ['ambient_c' => mt_rand(-5, 30), 'phases' => $phases]],
            ...array_combine(array_map(static fn (string $id): string => "battery:{$id}", array_keys($charges)), array_values($charges)),
        ]);
    }
}
