<?php

declare(strict_types=1);

namespace Dinghy\Tests\Geometry;

use Dinghy\Geometry\Spot;
use Dinghy\Plan\Plan;
use Dinghy\Route\Route;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Distances on the boat plan, by triangles worked by hand. */
final class SpotTest extends TestCase
{
    #[DataProvider('stretches')]
    public function test_how_far_a_spot_is_from_a_stretch(Spot $spot, Spot $from, Spot $to, float $metres): void
    {
        self::assertEqualsWithDelta($metres, $spot->toLine($from, $to), 1e-9);
        self::assertEqualsWithDelta($metres, $spot->toLine($to, $from), 1e-9, 'whichever end it begins at');
    }

    /** @return array<string, array{Spot, Spot, Spot, float}> */
    public static function stretches(): array
    {
        $spot = static fn (float $x, float $y): Spot => new Spot($x, $y);

        return [
            'beside its middle' => [$spot(2, 1), $spot(0, 0), $spot(4, 0), 1.0],
            'on it' => [$spot(1, 1), $spot(0, 0), $spot(4, 4), 0.0],
            'beyond its end' => [$spot(7, 4), $spot(0, 0), $spot(4, 0), 5.0],
            'before its beginning' => [$spot(-3, -4), $spot(0, 0), $spot(4, 0), 5.0],
            'of a slanting one' => [$spot(0, 5), $spot(0, 0), $spot(4, 3), 4.0],
            'of one without length' => [$spot(3, 4), $spot(0, 0), $spot(0, 0), 5.0],
        ];
    }

    /** The nearest point of a route is that of its nearest way; a route of no ways is nowhere near. */
    public function test_how_far_a_spot_is_from_a_route(): void
    {
        $boat = Plans::routed()->plan()->boat;
        $ways = array_values(array_filter($boat->ways, static fn ($way): bool => $way->id !== 'tube'));

        self::assertEqualsWithDelta(0.9, Route::of($ways)->distanceTo($boat, new Spot(2.2, 1.8)), 1e-9, 'over the station at the side');
        self::assertEqualsWithDelta(0.4, Route::of([$boat->way('tube') ?? self::fail()])->distanceTo($boat, new Spot(2.0, -0.4)), 1e-9);
        self::assertSame(INF, Route::of([])->distanceTo($boat, new Spot(0.0, 0.0)));
    }

    /** Where it was said goes before where its station is; without either nobody knows. */
    public function test_where_a_device_sits(): void
    {
        $spotOf = static function (array $changes): ?Spot {
            $plan = Plans::changed(Plans::routed(), $changes)->plan();

            return $plan->spotOf($plan->devices['light']);
        };
        self::assertEquals(new Spot(4.0, 0.0), $spotOf([]));
        self::assertEquals(new Spot(1.0, 0.5), $spotOf(['device:light' => ['at_m' => (object) ['x_m' => 1, 'y_m' => 0.5]]]));
        self::assertNull($spotOf(['device:light' => ['station' => Plans::UNKNOWN]]));
    }
}
