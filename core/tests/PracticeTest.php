<?php

declare(strict_types=1);

namespace Dinghy\Tests;

use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\Rule\Finding;
use PHPUnit\Framework\TestCase;

/** What every rigger knows: common practice, no source. Dinghy must not say otherwise on ordinary boats. */
final class PracticeTest extends TestCase
{
    /** A 36 V motor plug with a 12 V lift pin: about 13 V on the lift pin, 39 V on the main pin. */
    public function test_a_motor_plug_with_a_lift_pin(): void
    {
        $document = Plans::series(3, ['rested_v' => 13.0]);
        $root = $document->root();
        $evaluation = Plans::evaluate(Plans::changed($document, ['plan' => [
            'feeds' => [...(array) $root->feeds, (object) ['id' => 'lift', 'class' => 'general', 'from' => (object) ['bank' => 'thrust', 'plus' => 'tap:1'], 'run' => (object) ['length_m' => 5], 'to' => (object) ['device' => 'pin']]],
            'devices' => [...(array) $root->devices, (object) ['id' => 'pin', 'kind' => 'other', 'v_min' => 10, 'v_max' => 16, 'typical_a' => 4, 'peak_a' => 6]],
        ]]));

        self::assertEqualsWithDelta(39.0, $evaluation->boat->figures(PowerFigures::class)->devices[0]->rest, 1e-6);
        self::assertEqualsWithDelta(13.0, $evaluation->boat->figures(PowerFigures::class)->devices[1]->rest, 1e-6);
    }

    /** Live-sonar power: 10 AWG to 15 ft, 8 AWG to 23 ft, 6 AWG to 36 ft; neighbouring lengths follow the copper within 5 %. */
    public function test_how_far_each_gauge_reaches(): void
    {
        $reach = [];
        foreach (Plans::evaluate(Plans::pump())->boat->runs['f1']->options() as $rung) {
            $reach[$rung->gauge->name] = $rung->longest ?? 0.0;
        }
        self::assertEqualsWithDelta(23 / 15, $reach['8 AWG'] / $reach['10 AWG'], 0.05 * 23 / 15);
        self::assertEqualsWithDelta(36 / 23, $reach['6 AWG'] / $reach['8 AWG'], 0.05 * 36 / 23);
    }

    /** 12 AWG: 20 A is a rule-of-thumb top; 40 A is far too much for a long run. */
    public function test_twelve_gauge(): void
    {
        $on = static fn (float $amps): array => self::codes(Plans::pump([
            'feed:f1' => ['class' => 'general', 'run.gauge' => '12 AWG', 'run.length_m' => 5, 'run.bundled' => 4, 'protection.0.rating_a' => null],
            'device:d1' => ['typical_a' => $amps, 'peak_a' => $amps],
        ]));
        self::assertSame([], array_intersect(['W01', 'W02', 'F02', 'F03'], $on(20)));
        self::assertContains('W01', $on(40));
        self::assertContains('W02', $on(40));
    }

    /** Three screens, live sonar and a network box run behind a 30 A breaker; a 60 A breaker sits on 6 AWG, 10 AWG branches on 16 AWG leads. */
    public function test_an_electronics_feeder(): void
    {
        $skiff = static fn (float $rating): array => self::codes(Plans::changed(Plans::demo('boats/skiff'), [
            'feed:house' => ['protection.0.rating_a' => $rating], 'branch:br-bow-display' => ['run.gauge' => '10 AWG'],
        ]));
        self::assertSame(['D05', 'N11'], $skiff(30));
        self::assertSame(['D05', 'N11'], $skiff(60));
        self::assertNotContains('F03', self::codes(Plans::changed(Plans::demo('boats/console'), ['feed:screens' => ['protection.0.rating_a' => 30]])));
    }

    /** A 50 A 12 V motor: 6 AWG between batteries. */
    public function test_jumpers_of_a_twelve_volt_motor(): void
    {
        $codes = self::codes(Plans::changed(Plans::parallel(), ['bank:house' => ['jumper.gauge' => '6 AWG'], 'device:light' => ['kind' => 'motor', 'typical_a' => 20, 'peak_a' => 50], 'feed:main' => ['protection.0.rating_a' => 60]]));
        self::assertNotContains('F06', $codes);
    }

    /** A console feed that shows under 11 V at the screen with 12.6 V at the battery is a bad connection, not a bad battery. */
    public function test_a_bad_connection_in_the_console(): void
    {
        $evaluation = Plans::evaluate(Plans::changed(Plans::demo('mistakes/console'), ['feed:screens' => ['run.extra_mohm' => 170]]));
        $screen = array_values(array_filter($evaluation->boat->figures(PowerFigures::class)->devices, static fn ($volts): bool => $volts->device->id === 'screen-left'))[0];
        self::assertLessThan(11.0, $screen->loaded);
        self::assertGreaterThan(12.6, $evaluation->boat->states->in(\Dinghy\Circuit\State::Loaded)?->between('e1+', 'e1-'));
        $finding = array_values(array_filter($evaluation->findings, static fn (Finding $finding): bool => $finding->rule->code === 'W01' && $finding->on === 'device:screen-left'))[0];
        self::assertStringContainsString('past what adds 170 mΩ', [...$finding->remedies()][0]->says);
    }

    /** @return list<string> */
    private static function codes(\Dinghy\File\PlanDocument $document): array
    {
        return array_map(static fn (Finding $finding): string => $finding->rule->code, Plans::evaluate($document)->findings);
    }
}
