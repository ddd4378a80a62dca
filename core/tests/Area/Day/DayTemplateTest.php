<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Day;

use Dinghy\Area\Day\Proposal\DayTemplate;
use Dinghy\Plan\TripPhase;
use Dinghy\Proposal\ProposalRefused;
use Dinghy\Tests\Plans;
use Dinghy\Trip\Simulation;
use Dinghy\Trip\TripDraw;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Days by kind of fishing, on boats with and without an engine. */
final class DayTemplateTest extends TestCase
{
    /** Every day that comes with Dinghy is one that every demo boat can have: what is on is aboard, and it is run. */
    #[DataProvider('boats')]
    public function test_every_usual_day_on_every_boat(string $boat): void
    {
        $document = Plans::demo("boats/{$boat}");
        foreach (DayTemplate::usual() as $template) {
            $after = $document->with($template->to($document->plan()));
            $trip = $after->plan()->trip ?? [];
            self::assertCount(count($template->phases), $trip);
            self::assertTrue($trip[count($trip) - 1]->home);
            self::assertNotNull(Simulation::of(Plans::evaluate($after)->boat, 1800));
            self::assertSame([], array_diff(array_keys(array_merge(...array_map(static fn (TripPhase $phase): array => $phase->on, $trip))), array_keys($document->plan()->devices)));
        }
    }

    /** @return array<string, array{string}> */
    public static function boats(): array
    {
        return ['skiff' => ['skiff'], 'console' => ['console'], 'pontoon' => ['pontoon'], 'rowing' => ['rowing'], 'catamaran' => ['catamaran']];
    }

    public function test_without_an_engine_the_motors_take_its_place(): void
    {
        $trolling = DayTemplate::usual()[0];
        $skiff = Plans::demo('boats/skiff');
        $out = $skiff->with($trolling->to($skiff->plan()))->plan()->trip[0] ?? self::fail('no day');
        self::assertSame([false, 0.8], [$out->engine, $out->on['motor']]);
        $console = Plans::demo('boats/console');
        $out = $console->with($trolling->to($console->plan()))->plan()->trip[0] ?? self::fail('no day');
        self::assertSame([true, false], [$out->engine, isset($out->on['motor'])]);
    }

    /** Kept from one boat and planned on the same again, it is the same day; on another it goes by kind. */
    public function test_a_planned_day_is_kept_for_others(): void
    {
        $skiff = Plans::demo('boats/skiff');
        $kept = DayTemplate::ofPlan($skiff->plan(), 'pike');
        $again = $skiff->with($kept->to($skiff->plan()))->plan()->trip ?? [];
        foreach ($skiff->plan()->trip ?? [] as $at => $phase) {
            self::assertSame([$phase->name, $phase->hours, $phase->home], [$again[$at]->name, $again[$at]->hours, $again[$at]->home]);
            self::assertEqualsWithDelta($phase->on['motor'], $again[$at]->on['motor'], 1e-9);
        }
        $catamaran = Plans::demo('boats/catamaran');
        self::assertEqualsWithDelta(0.3, ($catamaran->with($kept->to($catamaran->plan()))->plan()->trip[1] ?? self::fail('no day'))->on['motor'], 1e-9);
        $this->expectException(ProposalRefused::class);
        DayTemplate::ofPlan(Plans::pump()->plan(), 'nothing');
    }

    /** A tenth on 0.5 of the shaft's speed is 0.55: 0.03 + 0.97 · 0.55^2.5 of its peak; nothing turns faster than it can. */
    public function test_wind_and_current_on_the_shafts_speed(): void
    {
        $boat = static fn (float $percent, float $speed): TripPhase => Plans::changed(Plans::series(3), ['plan' => ['trip' => ['allowance_pct' => $percent, 'phases' => [['hours' => 1, 'on' => ['m1' => $speed]]]]]])->plan()->trip[0] ?? self::fail('no day');
        $motor = Plans::series(3)->plan()->devices['m1'];
        self::assertEqualsWithDelta(56 * (0.03 + 0.97 * 0.55 ** 2.5), TripDraw::amps($boat(10, 0.5), $motor), 1e-9);
        self::assertEqualsWithDelta(56.0, TripDraw::amps($boat(50, 0.9), $motor), 1e-9);
        self::assertEqualsWithDelta(0.0, TripDraw::amps($boat(50, 0.0), $motor), 1e-9);
        self::assertEqualsWithDelta(56 * (0.03 + 0.97 * 0.5 ** 2.5), TripDraw::amps($boat(0, 0.5), $motor), 1e-9);
    }
}
