<?php

declare(strict_types=1);

namespace Dinghy\Tests\Metering;

use Dinghy\Metering\Measurement;
use Dinghy\Metering\MeterQuantity;
use Dinghy\Metering\MeterRange;
use Dinghy\Metering\Probe;
use Dinghy\Metering\RestPoint;
use Dinghy\Metering\RestWalk;
use Dinghy\Tests\Plans;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\TestCase;

/** The order of readings at rest. */
final class RestWalkTest extends TestCase
{
    /** Blocks of a string, its sums, every plug; each once, as the boat has them. */
    public function test_blocks_then_sums_then_plugs(): void
    {
        $walk = RestWalk::of(Plans::evaluate(Plans::demo('boats/skiff'))->boat, []);
        self::assertSame(['b1', 'b2', 'b3', 'e1'], array_map(static fn (RestPoint $one): string => $one->of->id, array_slice($walk, 0, 4)));
        $ranks = array_map(static fn (RestPoint $one): int => $one->rank, $walk);
        $sorted = $ranks;
        sort($sorted);
        self::assertSame($sorted, $ranks);
        self::assertCount(count(array_unique(array_map(static fn (RestPoint $one): string => $one->of->id, $walk))), $walk);
        self::assertContains('thrust:tap:2', array_map(static fn (RestPoint $one): string => $one->of->id, $walk));
        self::assertContains('motor:plug', array_map(static fn (RestPoint $one): string => $one->of->id, $walk));
    }

    /** Against every order of up to six plugs: no order has fewer changes of place; of those that have as few, none fewer of range by more than one. */
    public function test_few_changes_of_place_and_range(): void
    {
        $seed = Seed::sown();
        for ($round = 0; $round < 40; $round++) {
            $points = [];
            for ($i = 0, $count = mt_rand(2, 6); $i < $count; $i++) {
                $points[] = self::point("p{$i}", ['bow', 'stern', 'console'][mt_rand(0, 2)], [MeterRange::Volts20, MeterRange::Volts200][mt_rand(0, 1)]);
            }
            $best = min(array_map(self::changes(...), self::permutations($points)));
            $walked = self::changes(RestWalk::ordered($points));
            self::assertSame($best[0], $walked[0], "SEED={$seed}, round {$round}: places");
            self::assertLessThanOrEqual($best[1] + 1, $walked[1], "SEED={$seed}, round {$round}: ranges");
        }
    }

    private static function point(string $id, string $place, MeterRange $range): RestPoint
    {
        $probe = new Probe($id, $id);

        return new RestPoint(new Measurement($id, MeterQuantity::Volts, $id, $probe, $probe, 12.0, 11.9, 12.1, $range, ''), $place, 2, null);
    }

    /**
     * @param  list<RestPoint>  $points
     * @return array{int, int} changes of place, changes of range
     */
    private static function changes(array $points): array
    {
        $changes = [0, 0];
        for ($at = 1, $count = count($points); $at < $count; $at++) {
            $changes[0] += $points[$at]->place === $points[$at - 1]->place ? 0 : 1;
            $changes[1] += $points[$at]->of->range === $points[$at - 1]->of->range ? 0 : 1;
        }

        return $changes;
    }

    /**
     * @param  list<RestPoint>  $points
     * @return list<list<RestPoint>>
     */
    private static function permutations(array $points): array
    {
        if (count($points) < 2) {
            return [$points];
        }
        $all = [];
        foreach ($points as $at => $first) {
            $others = $points;
            array_splice($others, $at, 1);
            foreach (self::permutations($others) as $rest) {
                $all[] = [$first, ...$rest];
            }
        }

        return $all;
    }
}
