<?php

declare(strict_types=1);

namespace Dinghy\Tests\Mounting;

use Dinghy\Area\Layout\Figure\Disturbance;
use Dinghy\Area\Layout\Figure\Propulsion;
use Dinghy\Area\Layout\MotorSize;
use Dinghy\Area\Layout\PlaceCheck;
use Dinghy\Geometry\Spot;
use Dinghy\Mounting\Deploy;
use Dinghy\Mounting\Shaft;
use Dinghy\Mounting\Sight;
use Dinghy\Mounting\Sweep;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Clearances by triangles worked by hand, and by laying the points out in a plane. */
final class MountingTest extends TestCase
{
    /**
     * Worked by hand. A level deck: 0.50 − 0.40 − 0.015. A deck that rises 3 in 5 forward (sin 0.6, cos 0.8): the edge,
     * 0.40 ahead and 0.10 below, lies 0.8 · 0.40 − 0.6 · 0.10 = 0.26 along the deck.
     */
    #[DataProvider('deployments')]
    public function test_the_shaft_and_the_bow(Deploy $deploy, float $clearance): void
    {
        self::assertEqualsWithDelta($clearance, $deploy->clearance(), 1e-9);
    }

    /** @return array<string, array{Deploy, float}> */
    public static function deployments(): array
    {
        return [
            'level' => [new Deploy(0.40, 0.50, 0.03, 0.10, 0.0), 0.085],
            'rising forward' => [new Deploy(0.40, 0.50, 0.03, 0.10, asin(0.6)), 0.225],
            'falling forward' => [new Deploy(0.40, 0.50, 0.03, 0.10, -asin(0.6)), 0.105],
            'strikes' => [new Deploy(0.40, 0.40, 0.03, 0.0, 0.0), -0.015],
        ];
    }

    /** The distance of the edge from the shaft's line, with the points laid out level and plumb instead of along the deck. */
    public function test_the_same_by_the_distance_of_a_point_from_a_line(): void
    {
        mt_srand(20261125);
        for ($case = 0; $case < 200; $case++) {
            [$setback, $reach, $drop, $slope] = [mt_rand(0, 80) / 100, mt_rand(20, 90) / 100, mt_rand(0, 30) / 100, deg2rad(mt_rand(-20, 20))];
            $foot = [$reach * cos($slope), $reach * sin($slope)];
            $down = [sin($slope), -cos($slope)];
            $edge = [$setback, -$drop];
            // Twice the area over the base, positive while the line stands ahead of the edge.
            $distance = $down[1] * ($edge[0] - $foot[0]) - $down[0] * ($edge[1] - $foot[1]);
            self::assertEqualsWithDelta($distance - 0.02, (new Deploy($setback, $reach, 0.04, $drop, $slope))->clearance(), 1e-9);
        }
    }

    /** Worked by hand: 0.3–0.4–0.5 between door and axis; the rail 0.7 from the middle, the head 0.35 long. */
    public function test_what_the_head_sweeps(): void
    {
        $sweep = new Sweep(0.35, 0.30, 0.7, 0.4, 0.3);

        self::assertEqualsWithDelta(0.15, $sweep->fromDoor(), 1e-9);
        self::assertEqualsWithDelta(0.05, $sweep->fromRail(), 1e-9);
        self::assertEqualsWithDelta(0.05, $sweep->clearance(), 1e-9);
        // In the middle the rail is free and the door is close; a longer cord takes the head's place.
        self::assertEqualsWithDelta(0.05, $sweep->at(0.0)->fromDoor(), 1e-9);
        self::assertEqualsWithDelta(0.35, $sweep->at(0.0)->fromRail(), 1e-9);
        self::assertEqualsWithDelta(-0.05, (new Sweep(0.35, 0.45, 0.7, 0.4, 0.0))->clearance(), 1e-9);
    }

    /** Worked by hand: 1.50 − 0.10 of shaft below a mount 0.80 up; leaning with cos 0.8 it reaches 1.12 down. */
    public function test_how_deep_the_hub_hangs(): void
    {
        self::assertEqualsWithDelta(0.60, (new Shaft(1.5, 0.8, 0.1, 0.0, true))->depth(), 1e-9);
        self::assertEqualsWithDelta(0.32, (new Shaft(1.5, 0.8, 0.1, acos(0.8), true))->depth(), 1e-9);
        self::assertEqualsWithDelta(0.53, (new Shaft(1.5, 0.8, 0.1, 0.0, true))->needed(), 1e-9);
        self::assertEqualsWithDelta(0.40, (new Shaft(1.5, 0.8, 0.1, 0.0, false))->needed(), 1e-9);
        self::assertEqualsWithDelta(0.1 + 1.2 / 0.8, (new Shaft(1.5, 0.8, 0.1, acos(0.8), false))->lengthNeeded(), 1e-9);
    }

    /** Worked by hand with 3–4–5: a screen 0.4 ahead and 0.3 below. */
    public function test_how_a_screen_is_seen(): void
    {
        $upright = new Sight(0.4, 0.0, 0.3, 0.0, 0.0, true);
        self::assertEqualsWithDelta(atan2(0.3, 0.4), $upright->offSquare(), 1e-9);
        self::assertEqualsWithDelta(atan2(0.3, 0.4), $upright->bestTilt(), 1e-9);
        self::assertEqualsWithDelta(0.0, (new Sight(0.4, 0.0, 0.3, $upright->bestTilt(), 0.0, true))->offSquare(), 1e-7);
        self::assertEqualsWithDelta(hypot(0.4, 0.05), $upright->reach(), 1e-9);
        // Turned to the user's side it is square again; turned away it is twice off.
        self::assertEqualsWithDelta(0.0, (new Sight(0.4, 0.3, 0.0, 0.0, atan2(0.3, 0.4), true))->offSquare(), 1e-7);
        self::assertEqualsWithDelta(2 * atan2(0.3, 0.4), (new Sight(0.4, 0.3, 0.0, 0.0, -atan2(0.3, 0.4), true))->offSquare(), 1e-7);
        self::assertFalse((new Sight(1.5, 0.0, 0.2, 0.0, 0.0, true))->isInReach());
        self::assertTrue((new Sight(1.5, 0.0, 0.2, 0.0, 0.0, false))->isInReach(), 'only looked at');
    }

    /** No tilt is squarer than the best one. */
    public function test_the_best_tilt_against_all_tilts(): void
    {
        foreach ([[0.5, 0.2, 0.6, 0.0], [0.4, -0.3, 0.1, 0.4], [0.7, 0.0, -0.2, -0.3]] as [$away, $aside, $below, $turn]) {
            $sight = new Sight($away, $aside, $below, 0.0, $turn, true);
            $best = (new Sight($away, $aside, $below, $sight->bestTilt(), $turn, true))->offSquare();
            for ($degrees = -89; $degrees <= 89; $degrees++) {
                self::assertLessThanOrEqual((new Sight($away, $aside, $below, deg2rad($degrees), $turn, true))->offSquare() + 1e-9, $best);
            }
        }
    }

    /** Common practice, no source: 2 lbf to 100 lb; the wind by the drag equation, F = ½ ρ C A v². */
    public function test_thrust_mass_and_wind(): void
    {
        self::assertEqualsWithDelta(40 * 4.44822, Propulsion::neededFor(2000 * 0.453592), 0.01);
        $wind = Propulsion::holdsAgainst(245.0, 4.0);
        self::assertEqualsWithDelta(10.0, $wind, 1e-9);
    }

    /** The rulebook's own judgement of a place: sound, speaking, not known. */
    public function test_places_of_sensors_and_batteries(): void
    {
        $places = static function (array $changes): array {
            $checks = PlaceCheck::allOf(Plans::evaluate(Plans::changed(Plans::routed(), $changes)));

            return array_map(static fn (PlaceCheck $check): array => [$check->on, $check->answer->good], $checks);
        };
        self::assertSame([['device:heading', true], ['device:antenna', true], ['battery:b1', true]], $places([]));
        self::assertSame([['device:heading', false], ['device:antenna', false], ['battery:b1', false]],
            $places(['device:heading' => ['at_m' => (object) ['x_m' => 2.5, 'y_m' => 0.6]], 'device:antenna' => ['stepped_on' => true], 'battery:b1' => ['petrol_fitting_m' => 0.1]]));
        self::assertSame([['device:heading', null], ['device:antenna', null], ['battery:b1', null]],
            $places(['device:heading' => ['at_m' => Plans::UNKNOWN], 'device:antenna' => ['sky' => Plans::UNKNOWN], 'battery:b1' => ['petrol_fitting_m' => Plans::UNKNOWN]]));
        self::assertSame([['device:heading', true], ['device:antenna', true]], $places(['plan' => ['boat.fuel' => 'none']]));
        self::assertEquals(new Spot(2.5, 0.0), PlaceCheck::allOf(Plans::evaluate(Plans::routed()))[0]->at);
    }

    /** Every sentence that speaks against a place is said, not the first alone. */
    public function test_two_faults_of_a_place_are_both_said(): void
    {
        $heading = PlaceCheck::allOf(Plans::evaluate(Plans::changed(Plans::routed(), ['device:heading' => ['at_m' => (object) ['x_m' => 4.0, 'y_m' => 0.6]], 'device:light' => ['typical_a' => 12, 'peak_a' => 12]])))[0];
        self::assertStringContainsString('0.6 m from the run Stern to Bow block, 14 A', $heading->answer->says);
        self::assertStringContainsString('off the centreline', $heading->answer->says);
    }

    /** Worked by hand: a motor is a point, a heavy run its ways, one that stays in its locker that locker; a light run is none. */
    public function test_what_disturbs_a_heading_sensor(): void
    {
        $near = static function (array $changes, Spot $spot): array {
            $evaluation = Plans::evaluate(Plans::changed(Plans::routed(), $changes));

            return array_map(static fn (Disturbance $disturbance): string => sprintf('%s %.2f', $disturbance->label, $disturbance->distanceTo($spot)), Disturbance::allIn($evaluation->boat->plan, $evaluation->boat->circuits()));
        };
        self::assertSame([], $near([], new Spot(2.5, 0.0)));
        self::assertSame(['the run Stern to Bow block 0.50', 'the run Bow block to Light 1.58'], $near(['device:light' => ['typical_a' => 12, 'peak_a' => 12]], new Spot(2.5, 0.5)));
        self::assertSame(['Light 0.95'], $near(['device:light' => ['kind' => 'radio', 'station' => 'side']], new Spot(2.5, 0.0)));
    }

    /** Common practice, no source: 0.02 of her weight. */
    public function test_motor_size_is_what_the_rulebook_says(): void
    {
        $size = static fn (array $changes): ?MotorSize => MotorSize::of(Plans::evaluate(Plans::changed(Plans::series(3), $changes)));
        $enough = $size(['plan' => ['boat.loaded_kg' => 900], 'device:m1' => ['thrust_n' => 177]]);
        self::assertTrue($enough?->answer->good);
        self::assertSame('They push 177 N; her mass asks for 177 N.', $enough->answer->says);
        $weak = $size(['plan' => ['boat.loaded_kg' => 900, 'boat.windage_m2' => 4.0], 'device:m1' => ['thrust_n' => 61.25]]);
        self::assertFalse($weak?->answer->good);
        self::assertEqualsWithDelta(5.0, $weak->wind, 1e-9, 'a quarter of what 10 m/s asks for');
        self::assertNull($size(['plan' => ['boat.loaded_kg' => Plans::UNKNOWN]])?->answer->good);
        self::assertNull(MotorSize::of(Plans::evaluate(Plans::routed())));
    }
}
