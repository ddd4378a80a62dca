<?php

declare(strict_types=1);

namespace Dinghy\Tests\Proposal;

use Dinghy\Area\StandardAreas;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\File\QuantityRefused;
use Dinghy\Geometry\Spot;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\AddToBoat;
use Dinghy\Proposal\MoveOnPlan;
use Dinghy\Proposal\ProposalRefused;
use Dinghy\Proposal\TakeOut;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is moved, put in and taken out on the boat plan. */
final class BoatPlanTest extends TestCase
{
    /** Worked by hand: 3–4–5. A way that follows the drawing takes its new length, one that was taped keeps its own. */
    public function test_ways_that_follow_the_drawing_follow_a_station(): void
    {
        $document = Plans::changed(Plans::routed(), ['way:tube' => ['measured' => 'drawing']]);
        $moved = self::after($document, MoveOnPlan::station($document->plan(), $document, 'bow', new Spot(3.5, 4.0)));

        self::assertEqualsWithDelta(5.0, $moved->boat->way('tube')?->length, 1e-9);
        self::assertEqualsWithDelta(2.1, $moved->boat->way('fore')?->length, 1e-9);
        $bent = self::after($document, MoveOnPlan::bends($document->plan(), $document, 'tube', [new Spot(0.5, 3.0), new Spot(4.0, 3.0)]));
        self::assertEqualsWithDelta(9.5, $bent->boat->way('tube')?->length, 1e-9);
        $followed = self::after(Plans::routed(), MoveOnPlan::followDrawing(Plans::routed()->plan(), Plans::routed(), 'tube'));
        self::assertEqualsWithDelta(3.5, $followed->boat->way('tube')?->length, 1e-9);
        self::assertTrue($followed->boat->way('tube')?->fromDrawing);
    }

    /** A place that is typed moves the same; a change of anything else is left as it is. */
    public function test_a_typed_place_moves_its_ways_too(): void
    {
        $document = Plans::changed(Plans::routed(), ['way:tube' => ['measured' => 'drawing']]);
        $typed = MoveOnPlan::followed($document, Patch::set('station:bow', ['x_m' => 2.5]));
        self::assertEqualsWithDelta(2.0, self::after($document, $typed)->boat->way('tube')?->length, 1e-9);
        $bent = $document->with(Patch::set('way:tube', ['bends_m' => [(object) ['x_m' => 0.5, 'y_m' => 3.0]]]));
        $typed = MoveOnPlan::followed($bent, Patch::set('way:tube', ['bends_m.0.x_m' => 4.0]));
        self::assertEqualsWithDelta(7.61, self::after($bent, $typed)->boat->way('tube')?->length, 1e-9, '4.61 m slantwise, and 3 m');
        $taped = self::after($document, MoveOnPlan::followed($document, Patch::set('way:tube', ['length_m' => 4.2])));
        self::assertEqualsWithDelta(4.2, $taped->boat->way('tube')?->length, 1e-9);
        self::assertFalse($taped->boat->way('tube')?->fromDrawing, 'a length that is typed is a tape’s');
        $other = Patch::set('station:bow', ['kind' => 'locker']);
        self::assertSame($other, MoveOnPlan::followed($document, $other));
    }

    /**
     * A boat of 5 by 2 m, nothing in her yet. Common practice: places are called by where they are.
     *
     * @param  array{float, float, string}  $expected  m forward, m to port, kind
     */
    #[DataProvider('names')]
    public function test_a_new_station_goes_where_its_name_says(string $name, array $expected): void
    {
        $empty = Plans::changed(Plans::pump(), ['plan' => ['boat' => (object) ['length_m' => 5, 'beam_m' => 2]]]);
        $station = array_values(self::after($empty, AddToBoat::station($empty->plan(), $name, null, null))->boat->stations)[0];

        self::assertSame($expected, [$station->x, $station->y, $station->kind]);
    }

    /** @return array<string, array{string, array{float, float, string}}> */
    public static function names(): array
    {
        return [
            'amidships' => ['Rod locker', [2.5, 0.0, 'locker']],
            'astern' => ['Stern box', [0.5, 0.0, 'locker']],
            'at the bow' => ['Bow deck', [4.4, 0.0, 'deck']],
            'to port' => ['Port gunwale', [2.5, 0.6, 'deck']],
            'to starboard, astern' => ['Starboard aft battery', [0.5, -0.6, 'battery']],
            'a word within a word says nothing' => ['Support elbow', [2.5, 0.0, 'locker']],
        ];
    }

    /** Typed as people type, with a comma; millivolts are asked about and what cannot be is refused; the points before keep their measures. */
    public function test_a_point_between_is_put_in(): void
    {
        $document = Plans::changed(Plans::routed(), ['check:check' => ['between' => [(object) ['name' => 'inlet', 'loaded_v' => 12.5, 'along_m' => 1.2]]]]);
        $between = self::after($document, AddToBoat::point($document->plan(), 'check', 'block', '12,4 V'))->survey->pathChecks['check']->between ?? [];

        self::assertSame([['inlet', 12.5, 1.2], ['block', 12.4, null]], array_map(static fn ($point): array => [$point->name, $point->volts, $point->along], $between));
        foreach (['13200' => '13.2 V', 'twelve' => 'number'] as $typed => $says) {
            try {
                AddToBoat::point($document->plan(), 'check', 'block', (string) $typed);
                self::fail("{$typed} is taken.");
            } catch (QuantityRefused $refused) {
                self::assertStringContainsString($says, $refused->getMessage());
            }
        }
        $this->expectException(ProposalRefused::class);
        AddToBoat::point($document->plan(), 'moon', 'block', '12');
    }

    /** None hides another: the next free place forward or aft, and inside the boat. */
    public function test_new_stations_keep_apart(): void
    {
        $document = Plans::changed(Plans::pump(), ['plan' => ['boat' => (object) ['length_m' => 5, 'beam_m' => 2]]]);
        for ($more = 1; $more <= 4; $more++) {
            $document = $document->with(AddToBoat::station($document->plan(), "Bow {$more}", null, null));
        }
        $along = array_map(static fn ($station): float => $station->x, array_values($document->plan()->boat->stations));

        self::assertSame([4.4, 4.8, 4.0, 3.6], $along);
    }

    public function test_what_is_put_in(): void
    {
        $plan = Plans::routed()->plan();
        $station = self::after(Plans::routed(), AddToBoat::station($plan, 'Bow', new Spot(1.0, 0.5), 'locker'));
        self::assertSame('Bow', $station->boat->stations['bow-2']->name, 'an id of its own');
        $way = self::after(Plans::routed(), AddToBoat::way($plan, 'side', 'bow', 'open'))->boat->way('side-to-bow');
        self::assertEqualsWithDelta(round(hypot(1.8, 0.9), 2), $way?->length, 1e-9);
        self::assertTrue($way->fromDrawing);
        $part = self::after(Plans::routed(), AddToBoat::part($plan, StandardAreas::areas()->format, 'complaint', 'says', (object) ['kind' => 'noise']));
        self::assertSame('noise', $part->survey?->complaints['says']->kind->value);

        foreach ([fn () => AddToBoat::way($plan, 'bow', 'bow', 'open'), fn () => AddToBoat::way($plan, 'bow', 'moon', 'open'), fn () => AddToBoat::part($plan, StandardAreas::areas()->format, 'bank', 'x', new \stdClass), fn () => MoveOnPlan::bends($plan, Plans::routed(), 'moon', [])] as $refused) {
            try {
                $refused();
                self::fail('It should be refused.');
            } catch (ProposalRefused $because) {
                self::assertNotSame('', $because->getMessage());
            }
        }
    }

    /** A station goes with its ways; what stood there stays without a place, runs over it are led anew, and all of it comes back. */
    public function test_a_station_is_taken_out(): void
    {
        $document = Plans::changed(Plans::routed(), ['feed:main' => ['run.route' => ['stern', 'side', 'bow'], 'run.minus_route' => ['stern', 'bow']], 'hole:hole' => ['station' => 'side']]);
        $patch = TakeOut::of($document->plan(), 'station:side');
        $plan = self::after($document, $patch);

        self::assertSame(['tube'], array_map(static fn ($way): string => $way->id, $plan->boat->ways));
        self::assertNull($plan->holes['hole']->station);
        self::assertNull($plan->feeds['main']->run->route);
        self::assertSame(['stern', 'bow'], $plan->feeds['main']->run->minusRoute, 'that one never went there');
        self::assertEquals($document->root(), $document->with($patch)->with($patch->inverseOn($document))->root());
    }

    /** What names a part lets go of it: a path check of its device, its battery and its complaint. */
    public function test_a_path_check_outlives_what_it_names(): void
    {
        $document = Plans::changed(Plans::routed(), ['check:check' => ['battery' => 'old']]);
        $document = $document->with(Patch::put('complaint:says', (object) ['id' => 'says', 'kind' => 'restarts']))->with(Patch::set('check:check', ['complaint' => 'says']));
        foreach (['device:light' => 'device', 'found:old' => 'battery', 'complaint:says' => 'complaint'] as $on => $field) {
            $check = self::after($document, TakeOut::of($document->plan(), $on))->survey->pathChecks['check'] ?? self::fail();
            self::assertNull($check->{$field}, $on);
        }
        self::assertSame([], self::after($document, TakeOut::of($document->plan(), 'check:check'))->survey->pathChecks ?? null);
    }

    private static function after(PlanDocument $document, Patch $patch): Plan
    {
        return $document->with($patch)->plan();
    }
}
