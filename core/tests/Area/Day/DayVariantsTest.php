<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Day;

use Dinghy\Area\Day\Figure\Endurance;
use Dinghy\Area\Day\Figure\WantedDay;
use Dinghy\Area\Day\Variant\DayVariant;
use Dinghy\Area\Day\Variant\DayVariants;
use Dinghy\Area\Day\Variant\Stock;
use Dinghy\Area\Day\Variant\Trial;
use Dinghy\Area\StandardAreas;
use Dinghy\Charging\Night;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\TripPhase;
use Dinghy\Rule\Finding;
use Dinghy\Tests\Plans;
use Dinghy\Trip\BatteryCharge;
use Dinghy\Trip\Simulation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a day would take: by hand where a hand can, and against a search of everything that the stock has. */
final class DayVariantsTest extends TestCase
{
    /** 4 A for 20 h at 25 °C are 80 Ah: of AGM kept above half 160 Ah are needed, of LiFePO4 kept above a tenth 89 Ah. */
    public function test_the_smallest_batteries_by_hand(): void
    {
        $variants = self::variants(self::pump(1), 20);
        self::assertSame('1 × agm 170 in the house bank', $variants['batteries-agm']->says);
        self::assertSame('1 × lifepo4 90 in the house bank', $variants['batteries-lifepo4']->says);
        self::assertNotNull($variants['batteries-flooded']->missing, '105 Ah of flooded lead are not enough');
        self::assertSame('No motor hangs on what runs short.', $variants['less-thrust']->missing);
    }

    /** Two of 100 Ah give 100 Ah above their floor: 4 A for 25 h, and not for 26. */
    public function test_one_more_of_the_same(): void
    {
        self::assertNull(self::variants(self::pump(1), 24.5)['one-more']->missing);
        self::assertSame('It is not enough.', self::variants(self::pump(1), 25.5)['one-more']->missing);
        $more = self::variants(self::pump(1), 24.5)['one-more'];
        $bank = array_values(self::with(self::pump(1), $more)->plan()->banks)[0];
        self::assertSame([1, 1], array_map(count(...), $bank->strings));
        self::assertNotNull($bank->stringProtection, 'each string has its fuse');
    }

    /** Every variant of four demo boats: the day that is wanted, run as every day is, holds with it; and no smaller one of its kind does. */
    #[DataProvider('boats')]
    public function test_what_is_named_was_run(string $boat, float $hours): void
    {
        $document = Plans::demo("boats/{$boat}");
        $variants = self::variants($document, $hours);
        self::assertNotSame([], $variants);
        foreach ($variants as $variant) {
            if ($variant->patch === null) {
                self::assertNotNull($variant->missing);

                continue;
            }
            $after = StandardAreas::areas()->evaluate(self::with($document, $variant)->plan(), whole: true);
            self::assertEqualsWithDelta($hours, array_sum(array_map(static fn (TripPhase $phase): float => $phase->hours, $after->boat->plan->trip ?? [])), 1e-3);
            self::assertSame([], array_filter($after->findings, static fn (Finding $finding): bool => in_array($finding->rule->code, ['B17', 'B30'], true)), $variant->says);
            self::assertTrue(Endurance::of($after->boat, $after->boat->plan->trip ?? [])->holds(), $variant->says);
        }
    }

    /** @return array<string, array{string, float}> */
    public static function boats(): array
    {
        return ['skiff' => ['skiff', 8], 'pontoon' => ['pontoon', 14], 'rowing' => ['rowing', 5], 'catamaran' => ['catamaran', 12]];
    }

    /** One percent more of the shaft's speed, and she does not come through. */
    public function test_so_much_thrust_and_no_more(): void
    {
        $document = Plans::changed(Plans::series(3, ['internal_mohm' => 5, 'rested_v' => Plans::UNKNOWN, 'soc' => 1.0]), [
            'plan' => ['trip' => ['ambient_c' => 25, 'phases' => [['hours' => 2, 'on' => ['m1' => 0.5]], ['hours' => 0.5, 'home' => true, 'on' => ['m1' => 0.6]]]]],
        ]);
        $variant = self::variants($document, 7)['less-thrust'];
        self::assertSame(1, preg_match('/^Motors at (\d+) %/', $variant->says, $said));
        $percent = (int) $said[1];
        $phases = self::with($document, $variant)->plan()->trip ?? [];
        self::assertEqualsWithDelta(0.5 * $percent / 100, $phases[0]->on['m1'], 0.0011);
        self::assertSame(0.6, $phases[1]->on['m1'], 'the way home is as planned');
        $boat = Plans::evaluate($document)->boat;
        self::assertTrue(Endurance::of($boat, $phases)->holds());
        $faster = array_map(static fn (TripPhase $phase): TripPhase => $phase->home ? $phase : $phase->with(['m1' => 0.5 * ($percent + 2) / 100]), $phases);
        self::assertFalse(Endurance::of($boat, $faster)->holds());
    }

    /** A thin long feeder whose device gives out for want of volts, long before the battery is at its floor. */
    public function test_the_feeder_that_saves_it(): void
    {
        $thin = Plans::changed(self::pump(1, ['v_min' => 11.9, 'typical_a' => 8, 'load' => 'power']), ['feed:f1' => ['run.length_m' => 9, 'run.gauge' => '14 AWG']]);
        $variants = self::variants($thin, 4);
        $wire = $variants['thicker-wire'];
        self::assertNotNull($wire->patch);
        self::assertStringContainsString('on the way to what gives out', $wire->says);
        $gauge = self::with($thin, $wire)->root()->feeds[0]->run->gauge;
        $stock = $thin->plan()->houseRules->stock;
        $names = array_map(static fn ($one): string => $one->name, $stock);
        $before = $names[(int) array_search($gauge, $names, true) - 1] ?? '14 AWG';
        self::assertFalse(Endurance::of(Plans::evaluate(Plans::changed($thin, ['feed:f1' => ['run.gauge' => $before]]))->boat, WantedDay::of($thin->plan()->trip ?? [], 4) ?? [])->holds(), 'the next thinner does not');
    }

    /** What is charged is charged by morning, or it is said that nothing of the catalogue does so. */
    public function test_the_chargers_that_come_with_it(): void
    {
        $document = Plans::demo('boats/pontoon');
        $variant = self::variants($document, 14)['one-more'];
        self::assertSame(['charger 60 A × 3 in the place of the shore 2 charger.'], $variant->needs);
        $after = self::with($document, $variant);
        $day = Simulation::of(Plans::evaluate($after)->boat);
        $night = new Night($after->plan(), array_map(static fn (BatteryCharge $battery): float => $battery->charge, $day->batteries ?? []));
        foreach ($after->plan()->banks['electronics']->batteries() as $battery) {
            self::assertLessThanOrEqual($night->hours, $night->batteries[$battery->id]->fullAfter, $battery->id);
        }
        self::assertStringContainsString('No charger of the catalogue fills', implode(' ', self::variants($document, 14, [])['one-more']->needs));
    }

    public function test_a_boat_that_bears_it_takes_nothing(): void
    {
        self::assertSame([], self::variants(self::pump(1), 10));
    }

    public function test_the_wanted_day_is_the_planned_one_with_its_longest_part_longer(): void
    {
        $phases = Plans::demo('boats/skiff')->plan()->trip ?? [];
        self::assertSame([0.25, 7.5, 0.25], array_map(static fn (TripPhase $phase): float => $phase->hours, WantedDay::of($phases, 8) ?? []));
        self::assertSame([0.25, 1.5, 0.25], array_map(static fn (TripPhase $phase): float => $phase->hours, WantedDay::of($phases, 2) ?? []));
        self::assertNull(WantedDay::of($phases, 0.5));
        self::assertNull(WantedDay::of([], 8));
    }

    /**
     * @param  list<array{float, int}>  $chargers  A, and outputs
     * @return array<string, DayVariant> by name
     */
    private static function variants(PlanDocument $document, float $hours, array $chargers = [[4, 1], [10, 2], [60, 3]]): array
    {
        $batteries = [];
        foreach (['agm' => [80, 100, 150, 170, 200], 'flooded' => [85, 105], 'lifepo4' => [50, 85, 90, 100, 200], 'gel' => [90]] as $chemistry => $sizes) {
            foreach ($sizes as $capacity) {
                $batteries[] = (object) ['chemistry' => $chemistry, 'nominal_v' => 12, 'capacity_ah' => $capacity, 'internal_mohm' => 6, 'mass_kg' => 20, 'part' => "{$chemistry} {$capacity}", 'max_series' => 4, 'max_parallel' => 4];
            }
        }
        $stock = new Stock($batteries, array_map(static fn (array $one): \stdClass => (object) ['part' => "charger {$one[0]} A × {$one[1]}", 'amps' => $one[0], 'outputs' => $one[1], 'isolated' => true], $chargers));
        $wanted = WantedDay::of($document->plan()->trip ?? [], $hours);
        self::assertNotNull($wanted);

        return array_column(DayVariants::of(new Trial($document, Plans::evaluate($document)->boat, $wanted, $stock)), null, 'name');
    }

    private static function with(PlanDocument $document, DayVariant $variant): PlanDocument
    {
        return $document->with($variant->patch ?? self::fail("{$variant->says}: {$variant->missing}"));
    }

    /** @param  array<string, mixed>  $device */
    private static function pump(float $hours, array $device = ['typical_a' => 4, 'load' => 'current', 'v_min' => 9]): PlanDocument
    {
        return Plans::changed(Plans::pump(), [
            'battery:b1' => ['soc' => 1.0],
            'device:d1' => $device,
            'plan' => ['trip' => ['ambient_c' => 25, 'phases' => [['hours' => $hours, 'on' => ['d1' => 1]]]]],
        ]);
    }
}
