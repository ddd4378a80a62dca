<?php

declare(strict_types=1);

namespace Dinghy\Tests\Trip;

use Dinghy\Area\Day\Figure\TurnHome;
use Dinghy\Circuit\State;
use Dinghy\File\PlanDocument;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** The latest moment to turn home at, against the hour at which the volts no longer suffice, worked out by hand. */
final class TurnHomeTest extends TestCase
{
    /**
     * 4 A of 100 AGM Ah, below its rated current: an hour takes 4 %. At 12.0 V with what 4 A lose on their way the battery rests at 12.0 V + 4 A · R,
     * which between 50 and 25 % is 25 % + 25 % · 4 A · R / 0.30 V of charge. Turned home an hour before that.
     */
    public function test_an_hour_before_the_volts_no_longer_suffice(): void
    {
        $boat = self::solved(['hours' => 6, 'on' => ['d1' => 1]], ['hours' => 1, 'home' => true, 'on' => ['d1' => 1]]);
        $ohms = $boat->states->network(State::Rest)->resistanceBetween('d1+', 'd1-') ?? 0.0;
        $charge = 0.25 + 0.25 * 4 * $ohms / 0.30;
        $hours = (1 - $charge) * 100 / 4;

        self::assertEqualsWithDelta($hours - 1, (TurnHome::latest($boat) ?? 0) / 60, 0.13);
    }

    /** Nothing on the way home: she may stay as long as anybody looks. */
    public function test_a_way_home_that_asks_for_nothing(): void
    {
        self::assertEqualsWithDelta(14 * 60, TurnHome::latest(self::solved(['hours' => 2, 'on' => ['d1' => 1]], ['hours' => 1, 'home' => true, 'on' => []])), 1e-6);
    }

    public function test_there_is_no_such_moment(): void
    {
        self::assertNull(TurnHome::latest(self::solved(['hours' => 2, 'on' => ['d1' => 1]])), 'no way home is marked');
        self::assertNull(TurnHome::latest(self::solved(['hours' => 2, 'home' => true, 'on' => ['d1' => 1]])), 'it is all of the day');
        self::assertNull(TurnHome::latest(self::solved(['hours' => 1, 'on' => []], ['hours' => 30, 'home' => true, 'on' => ['d1' => 1]])), 'she would never come home');
    }

    /**
     * An engine that ran until then need not be started. One that was off asks for 180 A, with the pump 184 A through 15 mΩ: 2.76 V below what the battery rests at,
     * of which 9.6 V are to be left. 12.36 V are 55 % of AGM, which 4 A leave after 11 h 15.
     */
    public function test_an_engine_that_has_to_start(): void
    {
        $engine = (object) ['battery' => 'b1', 'cranking_a' => 180, 'min_cca_a' => 400];
        $latest = static fn (bool $ran): ?float => TurnHome::latest(Plans::evaluate(Plans::changed(
            self::pump(['hours' => 1, 'engine' => $ran, 'on' => ['d1' => 1]], ['hours' => 1, 'home' => true, 'engine' => true, 'on' => []]),
            ['battery:b1' => ['rested_v' => Plans::UNKNOWN], 'plan' => ['boat.engine' => $engine]],
        ))->boat);
        self::assertEqualsWithDelta(13 * 60, $latest(true) ?? 0, 1e-6);
        self::assertEqualsWithDelta(11.25 * 60, $latest(false) ?? 0, 10);
        $weak = static fn (bool $ran): ?float => TurnHome::latest(Plans::evaluate(Plans::changed(
            self::pump(['hours' => 1, 'engine' => $ran, 'on' => []], ['hours' => 1, 'home' => true, 'engine' => true, 'on' => []]),
            ['battery:b1' => ['soc' => 0.3, 'rested_v' => Plans::UNKNOWN], 'plan' => ['boat.engine' => $engine]],
        ))->boat);
        self::assertNull($weak(false));
    }

    /** @param  array<string, mixed>  ...$phases */
    private static function solved(array ...$phases): SolvedBoat
    {
        return Plans::evaluate(self::pump(...$phases))->boat;
    }

    /** @param  array<string, mixed>  ...$phases */
    private static function pump(array ...$phases): PlanDocument
    {
        return Plans::changed(Plans::pump(), [
            'battery:b1' => ['soc' => 1.0],
            'device:d1' => ['typical_a' => 4, 'load' => 'current', 'v_min' => 12.0],
            'plan' => ['trip' => (object) ['ambient_c' => 25, 'phases' => array_map(static fn (array $phase): \stdClass => (object) [...$phase, 'on' => (object) $phase['on']], $phases)]],
        ]);
    }
}
