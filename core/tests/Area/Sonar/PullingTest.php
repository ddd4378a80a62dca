<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Sonar;

use Dinghy\Area\Sonar\Figure\PlugAtHole;
use Dinghy\Area\Sonar\Figure\Pulling;
use Dinghy\Area\Sonar\Figure\PullStep;
use Dinghy\Area\Sonar\Figure\SonarFigures;
use Dinghy\Area\StandardAreas;
use Dinghy\Conduit\Cable;
use Dinghy\Conduit\Packing;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** Plugs through tubes and holes, in their order. */
final class PullingTest extends TestCase
{
    /** Circles in a circle, by hand: two side by side ask for the sum of their diameters; three alike for 2.1547 times one. */
    public function test_what_fits_side_by_side(): void
    {
        $all = static fn (float ...$diameters): array => array_map(static fn (float $one): Cable => new Cable(null, 'one', $one), $diameters);
        self::assertTrue(Packing::fits(25.0, $all(25)));
        self::assertFalse(Packing::fits(25.0, $all(25.1)));
        self::assertTrue(Packing::fits(25.0, $all(10, 15)));
        self::assertFalse(Packing::fits(25.0, $all(10, 15.2)));
        self::assertFalse(Packing::fits(21.5, $all(10, 10, 10)));
        self::assertTrue(Packing::fits(22.0, $all(10, 10, 10)));
    }

    public function test_the_largest_plug_goes_first_and_wires_last(): void
    {
        $tube = self::pulling(self::measured(30.0, ['t1' => [16, 6], 't2' => [25, 9]]));
        self::assertSame(['transducer:t2', 'transducer:t1'], array_values(array_filter(array_map(static fn (PullStep $step): ?string => $step->on, $tube->steps))));
        self::assertSame([true, true], array_map(static fn (PullStep $step): ?bool => $step->passes, array_slice($tube->steps, 0, 2)));
        self::assertNull($tube->steps[count($tube->steps) - 1]->on, 'a wire of a circuit');
    }

    /** A cable of 9 mm and a plug of 16 mm ask for 25 mm together. */
    public function test_a_plug_that_passes_alone_and_not_beside_another_cable(): void
    {
        $steps = self::pulling(self::measured(24.5, ['t1' => [16, 6], 't2' => [24, 9]]))->steps;
        self::assertSame([['transducer:t2', true], ['transducer:t1', false]], array_map(static fn (PullStep $step): array => [$step->on, $step->passes], array_slice($steps, 0, 2)));
        $steps = self::pulling(self::measured(25.5, ['t1' => [16, 6], 't2' => [24, 9]]))->steps;
        self::assertSame([true, true], array_map(static fn (PullStep $step): ?bool => $step->passes, array_slice($steps, 0, 2)));
    }

    public function test_what_nobody_has_measured_is_said(): void
    {
        $steps = self::pulling(self::measured(30.0, ['t1' => [16, 6]]))->steps;
        self::assertSame([['transducer:t2', null], ['transducer:t1', null]], array_map(static fn (PullStep $step): array => [$step->on, $step->passes], array_slice($steps, 0, 2)));
        $steps = self::pulling(self::measured(15.0, ['t1' => [16, 6]]))->steps;
        self::assertSame([null, false], array_map(static fn (PullStep $step): ?bool => $step->passes, array_slice($steps, 0, 2)), 'too large alone is too large');
    }

    public function test_a_plug_at_a_hole_on_its_way(): void
    {
        $boat = self::measured(30.0, ['t1' => [16, 6], 't2' => [25, 9]]);
        $at = static fn (float $diameter): array => array_map(
            static fn (PlugAtHole $one): array => [$one->on, $one->passes(), $one->needed()],
            PlugAtHole::allOf(...self::solved($boat->with(Patch::put('hole:h', (object) ['id' => 'h', 'station' => 'stern', 'for' => 'cable', 'diameter_mm' => $diameter])))),
        );
        self::assertSame([['transducer:t1', true, 17.0]], array_values(array_filter($at(17.0), static fn (array $one): bool => $one[0] === 'transducer:t1')));
        self::assertContains(['transducer:t1', false, 17.0], $at(16.9));
    }

    /** @param  array<string, array{float|int, float|int}>  $plugs  mm across plug and cable, by transducer; both lead from the stern through the tube */
    private static function measured(float $bore, array $plugs): PlanDocument
    {
        $patches = [Patch::set('way:tube', ['bore_mm' => $bore]), Patch::set('transducer:t3', ['to' => null])];
        foreach (['t1', 't2'] as $id) {
            $patches[] = Patch::set("transducer:{$id}", [
                'station' => 'stern',
                ...(isset($plugs[$id]) ? ['plug_mm' => $plugs[$id][0], 'cable_mm' => $plugs[$id][1]] : []),
            ]);
        }

        return Plans::sounding()->with(Patch::all($patches) ?? self::fail('There is something to change.'));
    }

    private static function pulling(PlanDocument $boat): Pulling
    {
        return Pulling::allOf(...self::solved($boat))[0] ?? self::fail('A cable goes through a tube.');
    }

    /** @return array{SolvedBoat, SonarFigures} */
    private static function solved(PlanDocument $boat): array
    {
        $solved = StandardAreas::areas()->evaluate($boat->plan())->boat;

        return [$solved, $solved->figures(SonarFigures::class)];
    }
}
