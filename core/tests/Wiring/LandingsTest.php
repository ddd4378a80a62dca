<?php

declare(strict_types=1);

namespace Dinghy\Tests\Wiring;

use Dinghy\Plan\Plan;
use Dinghy\Plan\Post;
use Dinghy\Plan\StudSize;
use Dinghy\Tests\Plans;
use Dinghy\Wiring\Landing;
use Dinghy\Wiring\Landings;
use PHPUnit\Framework\TestCase;

/** What lands on which post, counted by hand. */
final class LandingsTest extends TestCase
{
    public function test_a_series_bank_with_chargers(): void
    {
        $posts = self::counted(Plans::series(3)->plan());

        // Battery 1: the feed's negative and its charger's; its positive: a jumper and its charger's.
        self::assertSame(['b1+' => 2, 'b1-' => 2, 'b2+' => 2, 'b2-' => 2, 'b3+' => 2, 'b3-' => 2], $posts);
    }

    public function test_a_shunt_takes_the_negatives_of_loads_and_of_the_first_charger(): void
    {
        $plan = Plans::changed(Plans::series(3), ['bank:thrust' => ['shunt' => (object) ['stud' => '3/8']]])->plan();
        $posts = self::counted($plan);

        self::assertSame(1, $posts['b1-'], 'only the shunt');
        self::assertSame(2, $posts['thrust:shunt']);
        self::assertSame(2, $posts['b2-'], 'a jumper and a charger');
        self::assertSame('3/8', Landings::studAt($plan, Post::shunt('thrust')));
        self::assertSame('5/16', Landings::studAt($plan, Post::minus('b1')));
    }

    public function test_parallel_jumpers_bonds_and_an_engine(): void
    {
        $posts = self::counted(Plans::changed(Plans::parallel(), ['plan' => ['boat.engine' => (object) ['battery' => 'h1']]])->plan());

        self::assertSame(['h1+' => 4, 'h1-' => 3, 'h2+' => 1, 'h2-' => 2], $posts, 'feed, jumper, charger, engine; jumper, charger, engine; jumper; feed and jumper');
    }

    public function test_a_hole_goes_over_its_twin_and_over_nothing_else(): void
    {
        self::assertTrue(StudSize::suits('M8', '5/16'));
        self::assertTrue(StudSize::suits('3/8', 'M10'));
        foreach (StudSize::NAMES as $hole) {
            self::assertTrue(StudSize::suits($hole, $hole));
            self::assertCount(2, array_filter(StudSize::NAMES, static fn (string $stud): bool => StudSize::suits($hole, $stud)), $hole);
        }
    }

    /** @return array<string, int> by post, in order */
    private static function counted(Plan $plan): array
    {
        $counts = array_count_values(array_map(static fn (Landing $landing): string => (string) $landing->post, Landings::of($plan)));
        ksort($counts);

        return $counts;
    }
}
