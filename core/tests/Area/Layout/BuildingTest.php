<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Layout;

use Dinghy\Area\Layout\Figure\BoardProblems;
use Dinghy\Area\Layout\OtherRoutes;
use Dinghy\Conduit\Cable;
use Dinghy\Conduit\Packing;
use Dinghy\Drilling\HoleAdvice;
use Dinghy\File\Patch;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** Boards that can be built, holes that are drilled, cables as they are drawn, other routes with their cost. */
final class BuildingTest extends TestCase
{
    public function test_what_cannot_be_built_of_a_board(): void
    {
        $part = static fn (float $x, float $y): \stdClass => (object) ['name' => "at {$x}", 'x_mm' => $x, 'y_mm' => $y, 'width_mm' => 50, 'height_mm' => 40, 'holes' => [(object) ['x_mm' => 6, 'y_mm' => 20, 'diameter_mm' => 4]]];
        $problems = static function (\stdClass ...$parts): array {
            $board = (object) ['id' => 'board', 'width_mm' => 200, 'height_mm' => 100, 'parts' => $parts];

            return BoardProblems::of(Plans::pump()->with(Patch::put('board:board', $board))->plan()->boards['board']);
        };
        self::assertSame([], $problems($part(10, 10), $part(60, 10), $part(150, 60)), 'side by side, and flush with the corner');
        self::assertSame(['at 10 and at 59 lie on one another.'], $problems($part(10, 10), $part(59, 10)));
        self::assertSame(['at 151 reaches over the edge of the board.'], $problems($part(151, 10)));
        self::assertSame(['A hole of at 1 is closer than 6 mm to the edge of the board.'], $problems($part(1, 10)), '7 mm to its middle, 5 to its rim');
        self::assertSame([], $problems($part(2, 10)));
        $twice = $part(1, 10);
        $twice->holes[] = (object) ['x_mm' => 6, 'y_mm' => 10, 'diameter_mm' => 4];
        self::assertCount(1, $problems($twice), 'said once, however many holes');
    }

    /** Common practice, no source. */
    public function test_how_a_hole_is_drilled_and_sealed(): void
    {
        $advice = static function (array $hole): string {
            $found = Plans::changed(Plans::routed(), ['hole:hole' => $hole])->plan()->holes['hole'];

            return HoleAdvice::drill($found).' '.HoleAdvice::sealant($found);
        };
        self::assertStringContainsString('Hole saw', $advice(['diameter_mm' => 16]));
        self::assertStringContainsString('Sharp twist drill', $advice(['diameter_mm' => 12]));
        self::assertStringContainsString('backwards through the gelcoat', $advice([]));
        self::assertStringContainsString('Anti-seize', $advice(['material' => 'aluminium', 'for' => 'bolt']));
        self::assertStringContainsString('thickened epoxy', $advice(['material' => 'cored']));
        self::assertStringContainsString('never silicone', $advice(['below_water' => true]));
        self::assertStringContainsString('cable gland', $advice(['for' => 'cable']));
        self::assertStringContainsString('attack some plastics', $advice(['material' => 'plastic']));
        foreach (['fibreglass', 'cored', 'aluminium', 'plastic', 'wood'] as $material) {
            foreach (['screw', 'bolt', 'cable', 'transducer'] as $use) {
                self::assertNotSame('', trim($advice(['material' => $material, 'for' => $use])));
            }
        }
    }

    /** Drawn inside the bore and not over one another, as long as there is room. */
    public function test_cables_lie_beside_one_another(): void
    {
        foreach ([[38, [9, 9, 7, 7, 5]], [25, [8.8, 8.8]], [50, [16, 12, 12, 9, 9, 7, 7, 7]], [20, [19]]] as [$bore, $diameters]) {
            $cables = array_map(static fn (float $diameter): Cable => new Cable(null, 'a cable', $diameter), $diameters);
            $places = Packing::of($bore, $cables);
            foreach ($places as $at => [$x, $y]) {
                self::assertLessThanOrEqual($bore / 2 - $diameters[$at] / 2 + 1e-6, hypot($x, $y));
                for ($other = 0; $other < $at; $other++) {
                    self::assertGreaterThanOrEqual(($diameters[$at] + $diameters[$other]) / 2 - 1e-6, hypot($x - $places[$other][0], $y - $places[$other][1]));
                }
            }
            self::assertLessThan(0.01, $places[0][1], 'it lies at the bottom');
        }
    }

    /** Each route's length is its ways and the slack; its gauge is what the run would be given on it. */
    public function test_other_routes_cost_what_the_run_would_on_them(): void
    {
        $document = Plans::changed(Plans::routed(), ['feed:main' => ['run.gauge' => null], 'device:light' => ['typical_a' => 7.5, 'peak_a' => 7.5, 'fuse_a' => 10], 'branch:to-light' => ['fuse_a' => 10]]);
        $evaluation = Plans::evaluate($document);
        $routes = OtherRoutes::of($evaluation, $document, $evaluation->boat->runs['main']);

        self::assertSame([['stern', 'bow'], ['stern', 'side', 'bow']], array_map(static fn (OtherRoutes $other): array => $other->stations, $routes));
        self::assertEqualsWithDelta(3.6 + 0.6, $routes[0]->length, 1e-9);
        self::assertEqualsWithDelta(4.1 + 0.6, $routes[1]->length, 1e-9);
        self::assertSame([true, false], array_column($routes, 'now'));
        $there = Plans::changed($document, ['feed:main' => ['run.route' => ['stern', 'side', 'bow']]]);
        self::assertSame(Plans::evaluate($there)->boat->runs['main']->gauge, $routes[1]->gauge);
        self::assertGreaterThan(0.0, $routes[1]->copper());
        // 400 mΩ of old console on a branch lose more than the path may, in whatever gauge the feed is.
        $console = Plans::changed($document, ['branch:to-light' => ['run.extra_mohm' => 400]]);
        $spoilt = Plans::evaluate($console);
        foreach (OtherRoutes::of($spoilt, $console, $spoilt->boat->runs['main']) as $other) {
            self::assertSame([null, null], [$other->gauge, $other->copper()], 'none in stock would do');
        }
        self::assertSame([], OtherRoutes::of($evaluation, $document, $evaluation->boat->runs['to-light']), 'it begins and ends in one place');
    }
}
