<?php

declare(strict_types=1);

namespace Dinghy\Tests\Charging;

use Dinghy\Charging\Night;
use Dinghy\Charging\NotCharged;
use Dinghy\File\PlanDocument;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** Bulk, absorption and float by hand: I · t until what the battery takes falls below it, then what is missing by e^(−t/τ). */
final class NightTest extends TestCase
{
    /**
     * 100 Ah of AGM half empty at 25 °C on 15 A: 1.15 Ah go in for each that stays. Its last 13.5 Ah (15 A · 0.9 h) come by e^(−t/0.9 h), those before
     * at 15 A; it is called full with 1 % missing.
     */
    public function test_lead_takes_its_amps_and_then_ever_less(): void
    {
        $one = self::night(self::boat([], 15))->batteries['b1'];
        $tail = 15 * 0.9 / 115;
        self::assertEqualsWithDelta((0.5 - $tail) * 115 / 15, $one->bulk, 0.02);
        self::assertEqualsWithDelta(0.9 * log($tail / 0.01), $one->absorption, 0.05);
        self::assertEqualsWithDelta($one->bulk + $one->absorption, $one->fullAfter ?? 0, 1e-9);
        self::assertEqualsWithDelta(5.15, $one->fullAfter ?? 0, 0.05);
        self::assertEqualsWithDelta(0.49 * 115, $one->ah, 0.2);
        self::assertEqualsWithDelta(13.6, $one->floatVolts(), 1e-9);
    }

    /** However strong the charger, the last fifth falls by its time constant: 0.9 h · ln 20 of AGM, 1.2 h · ln 20 of flooded. */
    public function test_more_amps_do_not_hurry_the_slow_end(): void
    {
        foreach (['agm' => 0.9, 'flooded' => 1.2, 'gel' => 1.2] as $chemistry => $constant) {
            $one = self::night(self::boat(['chemistry' => $chemistry], 80, $chemistry))->batteries['b1'];
            self::assertEqualsWithDelta($constant * log(20), $one->absorption, 0.04, $chemistry);
            self::assertEqualsWithDelta(0.3 * 115 / 80, $one->bulk, 0.02, $chemistry);
        }
    }

    /** 50 Ah of 1.03 each at 20 A; nothing of it is held back. */
    public function test_lithium_takes_what_it_is_given_until_it_is_full(): void
    {
        $one = self::night(self::boat(['chemistry' => 'lifepo4'], 20, 'lifepo4'))->batteries['b1'];
        self::assertEqualsWithDelta(50 * 1.03 / 20, $one->fullAfter ?? 0, 0.02);
        self::assertSame(0.0, $one->absorption);
        self::assertEqualsWithDelta(1.0, $one->morning, 1e-9);
    }

    /** At 0 °C lead has four fifths of its Ah to fill (0.80, from memory); LiFePO4 takes none below it. */
    public function test_the_cold(): void
    {
        $cold = self::night(self::boat([], 5, 'agm', 0))->batteries['b1'];
        self::assertEqualsWithDelta((0.5 - 4.5 / 92) * 92 / 5, $cold->bulk, 0.02);
        $frozen = self::night(self::boat(['chemistry' => 'lifepo4'], 20, 'lifepo4', -1))->batteries['b1'];
        self::assertSame([NotCharged::TooCold, 0.5, null], [$frozen->isNot, $frozen->morning, $frozen->fullAfter]);
        self::assertNull(self::night(self::boat(['chemistry' => 'lifepo4'], 20, 'lifepo4', 1))->batteries['b1']->isNot);
    }

    /** 10 m of 16 AWG there and back: 20 m of 1.309 mm² [pub ASTM B258]; 14.7 V against 12.3 V through it and 15 mΩ drive less than the 15 A that are there. */
    public function test_a_long_thin_lead_holds_it_back(): void
    {
        $boat = self::boat([], 15, lead: ['gauge' => '16 AWG', 'length_m' => 10]);
        $one = self::night($boat)->batteries['b1'];
        $ohms = 20 * 1.7241e-8 * 1.02 * 1.03 * (1 + 0.00393 * 5) / 1.309e-6;
        self::assertEqualsWithDelta((14.7 - 12.3) / ($ohms + 0.015), $one->mostAmps, 0.05);
        self::assertEqualsWithDelta($one->mostAmps * $ohms, $one->lostInLead, 0.02);
        self::assertGreaterThan(self::night(self::boat([], 15))->batteries['b1']->fullAfter, $one->fullAfter);
    }

    /** At 15 A and 14.7 V at the most, of which 85 % come out [cp]; what it gave is what went in at its volts. */
    public function test_what_it_draws_from_the_mains(): void
    {
        $night = self::night(self::boat([], 15));
        $charger = $night->chargers['c1'];
        self::assertThat($charger->mainsWatts(), self::logicalAnd(self::greaterThan(15 * 12.6 / 0.85), self::lessThanOrEqual(15 * 14.7 / 0.85)));
        self::assertEqualsWithDelta(0.15 * $charger->mainsWatts(), $charger->heatWatts(), 1e-9);
        self::assertEqualsWithDelta(0.49 * 115 * 12.75 / 0.85, $charger->mainsWattHours(), 20);
    }

    /** An output across three in series gives each the same amps; the one that came in lower is full last. */
    public function test_blocks_in_series_on_one_output(): void
    {
        $boat = Plans::changed(Plans::series(3, ['internal_mohm' => 5]), ['plan' => ['trip' => (object) ['ambient_c' => 25], 'chargers' => [(object) [
            'id' => 'c1', 'input' => 'mains', 'outputs' => [(object) ['battery' => 'b1', 'across' => ['b1', 'b2', 'b3'], 'volts' => 36, 'amps' => 10, 'profile' => 'agm', 'fuse_at' => 'battery']],
        ]]]]);
        $night = new Night($boat->plan(), ['b1' => 0.4, 'b2' => 0.6, 'b3' => 0.6]);
        [$low, $high] = [$night->batteries['b1'], $night->batteries['b2']];
        self::assertGreaterThan($high->fullAfter, $low->fullAfter);
        self::assertEqualsWithDelta($high->mostAmps, $low->mostAmps, 1e-9);
        self::assertEqualsWithDelta(0.59 * 115, $low->ah, 0.3);
    }

    /** What stands across one of two strings charges both, the emptier with more: 100 Ah of 1.03 each at 10 A. */
    public function test_strings_in_parallel_share(): void
    {
        $boat = Plans::changed(Plans::parallel(), ['plan' => ['trip' => (object) ['ambient_c' => 25], 'chargers' => [(object) [
            'id' => 'c1', 'input' => 'mains', 'outputs' => [(object) ['battery' => 'h1', 'amps' => 10, 'profile' => 'lifepo4', 'fuse_at' => 'battery']],
        ]]]]);
        $night = new Night($boat->plan(), ['h1' => 0.6, 'h2' => 0.4]);
        foreach ([['h1', 4.0], ['h2', 6.0]] as [$id, $amps]) {
            self::assertEqualsWithDelta($amps, $night->batteries[$id]->mostAmps, 0.01, 'by what is missing');
            self::assertEqualsWithDelta(100 * 1.03 / 10, $night->batteries[$id]->fullAfter ?? 0, 0.03);
        }
    }

    public function test_of_two_chargers_the_stronger_counts(): void
    {
        $boat = self::boat([], 15);
        $second = clone $boat->root()->chargers[0];
        [$second->id, $second->outputs] = ['c2', [(object) ['battery' => 'b1', 'amps' => 30, 'profile' => 'agm', 'fuse_at' => 'battery']]];
        $both = Plans::changed($boat, ['plan' => ['chargers' => [...$boat->root()->chargers, $second]]]);
        self::assertSame('c2', self::night($both)->batteries['b1']->charger?->id);
        self::assertEqualsWithDelta(30.0, self::night($both)->batteries['b1']->mostAmps, 1e-9);
    }

    public function test_what_is_not_charged_says_why(): void
    {
        $why = static fn (PlanDocument $boat): ?NotCharged => self::night($boat)->batteries['b1']->isNot;
        self::assertSame(NotCharged::NoCharger, $why(Plans::changed(self::boat([], 15), ['charger:c1' => ['input' => 'solar']])));
        self::assertSame(NotCharged::WrongCharger, $why(self::boat([], 15, 'lifepo4')));
        self::assertSame(NotCharged::Unknown, $why(self::boat(['chemistry' => 'other-lithium', 'rested_v' => 13], 15, 'lifepo4')));
    }

    /** A battery that comes in full stays so, and nothing is drawn for it. */
    public function test_what_comes_in_full(): void
    {
        $night = self::night(self::boat([], 15), 1.0);
        self::assertSame([0.0, 0.0, 1.0], [$night->batteries['b1']->fullAfter, $night->batteries['b1']->ah, $night->batteries['b1']->morning]);
        self::assertSame(0.0, $night->chargers['c1']->mainsWattHours());
    }

    /** The night ends before it is full: what it has then is what the hours gave. */
    public function test_a_night_that_is_too_short(): void
    {
        $night = self::night(Plans::changed(self::boat([], 4), ['plan' => ['house_rules' => (object) ['night_hours' => 8]]]));
        self::assertEqualsWithDelta(0.5 + 8 * 4 / 115, $night->batteries['b1']->morning, 0.001);
        self::assertGreaterThan(8.0, $night->batteries['b1']->fullAfter);
    }

    /**
     * @param  array<string, mixed>  $battery
     * @param  array<string, mixed>  $lead
     */
    private static function boat(array $battery, float $amps, string $profile = 'agm', float $celsius = 25, array $lead = ['gauge' => '8 AWG', 'length_m' => 0.5]): PlanDocument
    {
        return Plans::changed(Plans::pump(), [
            'battery:b1' => $battery,
            'plan' => ['trip' => (object) ['ambient_c' => $celsius]],
            'charger:c1' => ['outputs' => [(object) ['battery' => 'b1', 'amps' => $amps, 'profile' => $profile, 'fuse_at' => 'battery', 'lead' => (object) $lead]]],
        ]);
    }

    private static function night(PlanDocument $boat, float $evening = 0.5): Night
    {
        return new Night($boat->plan(), ['b1' => $evening]);
    }
}
