<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Sonar;

use Dinghy\Area\Sonar\Figure\Awake;
use Dinghy\Area\Sonar\Figure\Outage;
use Dinghy\Area\Sonar\Figure\Outages;
use Dinghy\Area\Sonar\Figure\ShutOff;
use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\Area\StandardAreas;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/**
 * One thing off at a time, by hand: screen, module and hub hang on branches of one block; t1 is plugged into the screen, t2 and
 * t3 into the module, which reaches the screen by way of the hub.
 */
final class OutagesTest extends TestCase
{
    public function test_what_no_screen_shows_any_more(): void
    {
        $boat = Plans::sounding();
        $outages = array_column(self::outages($boat), null, 'off');
        $beyond = ['screen' => ['t2', 't3']];
        foreach (['device:hub', 'device:module', 'branch:to-hub', 'branch:to-module', 'network-cable:n1', 'network-cable:n2'] as $off) {
            self::assertSame([[], $beyond], [$outages[$off]->dark, $outages[$off]->lost], $off);
        }
        foreach (['device:screen', 'branch:to-screen'] as $off) {
            self::assertSame([['screen'], []], [$outages[$off]->dark, $outages[$off]->lost], $off);
        }
        self::assertArrayNotHasKey('branch:to-heading', $outages, 'what nobody sees by is not missed');
    }

    public function test_the_bank_and_the_feed_take_everything_with_them(): void
    {
        $boat = Plans::sounding();
        $block = $boat->plan()->blocks;
        $feeds = array_filter($boat->plan()->feeds, static fn ($feed): bool => $feed->block === array_key_first($block));
        $outages = array_column(self::outages($boat), null, 'off');
        foreach ($feeds as $feed) {
            self::assertSame(['screen'], $outages["feed:{$feed->id}"]->dark);
            self::assertSame(['screen'], $outages["bank:{$feed->supply->bank->id}"]->dark);
        }
    }

    public function test_a_second_way_through_the_network_keeps_what_one_cable_loses(): void
    {
        $boat = Plans::sounding()->with(Patch::put('network-cable:n3', (object) ['id' => 'n3', 'from' => 'screen', 'to' => 'module', 'length_m' => 2]));
        $outages = array_column(self::outages($boat), null, 'off');
        foreach (['network-cable:n1', 'network-cable:n2', 'network-cable:n3', 'device:hub'] as $off) {
            self::assertArrayNotHasKey($off, $outages);
        }
        self::assertArrayHasKey('device:module', $outages);
    }

    public function test_where_all_of_it_is_shut_off(): void
    {
        self::assertSame([['bank:house'], []], [self::shutOff(Plans::sounding())->places, self::shutOff(Plans::sounding())->leaves]);
        $boat = Plans::sounding()->with(Patch::set('bank:house', ['switch' => false]));
        $feed = array_values(array_filter($boat->plan()->feeds, static fn ($feed): bool => $feed->block !== null))[0];
        $none = self::shutOff($boat->with(Patch::set("feed:{$feed->id}", ['switch' => false, 'protection' => [(object) ['family' => 'cartridge', 'rating_a' => 40, 'from_source_m' => 0.15]]])));
        self::assertSame([], $none->places);
        self::assertEqualsCanonicalizing(['screen', 'module', 'hub'], $none->leaves);
        $one = self::shutOff($boat->with(Patch::set("feed:{$feed->id}", ['switch' => true])));
        self::assertSame([["feed:{$feed->id}"], []], [$one->places, $one->leaves]);
    }

    /** 0.5 A of the hub, and 0.5 A of the module that it keeps awake; neither has a figure for its standby. */
    public function test_what_never_sleeps_empties_its_bank(): void
    {
        self::assertSame([], self::awake(Plans::sounding()));
        $boat = Plans::sounding()->with(Patch::set('device:hub', ['wakes' => 'always']));
        $alone = self::awake($boat);
        self::assertSame([['hub', 0.5]], array_map(static fn (Awake $one): array => [$one->device, $one->amps], $alone));
        $both = self::awake($boat->with(Patch::set('device:module', ['wakes' => 'by-network'])));
        self::assertSame(['hub', 'module'], array_column($both, 'device'));
        $bank = $boat->plan()->banks[$alone[0]->bank];
        $battery = $bank->batteries()[0];
        self::assertEqualsWithDelta($battery->hoursToFloor(0.5, 0.0, 20.0), $alone[0]->hours, 1e-9);
        self::assertEqualsWithDelta($battery->hoursToFloor(1.0, 0.0, 20.0), $both[0]->hours, 1e-9);
        $standby = self::awake($boat->with(Patch::set('device:hub', ['standby_a' => 0.1])));
        self::assertSame(0.1, $standby[0]->amps);
    }

    /** @return list<Outage> */
    private static function outages(PlanDocument $boat): array
    {
        [$solved, $figures] = self::solved($boat);

        return (new Outages($solved, $figures))->all();
    }

    private static function shutOff(PlanDocument $boat): ShutOff
    {
        return ShutOff::of(...self::solved($boat));
    }

    /** @return list<Awake> */
    private static function awake(PlanDocument $boat): array
    {
        return Awake::allOf(...self::solved($boat));
    }

    /** @return array{SolvedBoat, SonarFigures} */
    private static function solved(PlanDocument $boat): array
    {
        $solved = StandardAreas::areas()->evaluate($boat->plan())->boat;

        return [$solved, $solved->figures(SonarFigures::class)];
    }
}
