<?php

declare(strict_types=1);

namespace Dinghy\Tests\Route;

use Dinghy\Plan\Way;
use Dinghy\Record\Record;
use Dinghy\Route\SimpleRoutes;
use Dinghy\Route\Ways;
use PHPUnit\Framework\TestCase;

final class WaysTest extends TestCase
{
    /** Every small random graph against exhaustive search over all simple paths. */
    public function test_shortest_against_exhaustive_search(): void
    {
        mt_srand(20261123);
        for ($case = 0; $case < 60; $case++) {
            $ways = [];
            for ($i = 0; $i < 9; $i++) {
                [$from, $to] = [mt_rand(0, 5), mt_rand(0, 5)];
                if ($from !== $to) {
                    $ways[] = self::way("w{$i}", "s{$from}", "s{$to}", mt_rand(1, 40) / 10);
                }
            }
            $expected = self::search($ways, 's0', 's5', ['s0']);
            $found = (new Ways($ways))->shortest('s0', 's5');
            $expected === null ? self::assertNull($found) : self::assertEqualsWithDelta($expected, $found?->length, 1e-9, "case {$case}");
        }
    }

    /** Every route of every small random graph, shortest first, against the same exhaustive search. */
    public function test_other_routes_begin_with_the_shortest(): void
    {
        mt_srand(20261124);
        for ($case = 0; $case < 40; $case++) {
            $ways = [];
            for ($i = 0; $i < 8; $i++) {
                [$from, $to] = [mt_rand(0, 4), mt_rand(0, 4)];
                if ($from !== $to) {
                    $ways[] = self::way("w{$i}", "s{$from}", "s{$to}", mt_rand(1, 40) / 10);
                }
            }
            $routes = SimpleRoutes::between($ways, 's0', 's4', 100);
            $lengths = array_map(static fn ($route): float => $route->length, $routes);
            $sorted = $lengths;
            sort($sorted);
            self::assertSame($sorted, $lengths);
            self::assertSame(self::search($ways, 's0', 's4', ['s0']) === null, $routes === []);
            $routes === [] || self::assertEqualsWithDelta(self::search($ways, 's0', 's4', ['s0']), $lengths[0], 1e-9);
            self::assertCount(self::countAll($ways, 's0', 's4', ['s0']), $routes);
        }
    }

    public function test_a_route_passes_its_stations_in_their_order(): void
    {
        $ways = new Ways([
            self::way('a', 'stern', 'mid', 2.0), self::way('b', 'mid', 'bow', 3.0),
            self::way('c', 'bow', 'stern', 4.0, true), // closes a ring
        ]);
        self::assertSame(4.0, $ways->shortest('stern', 'bow')?->length);
        self::assertTrue($ways->shortest('stern', 'bow')->entersEngineSpace());
        self::assertSame(5.0, $ways->through(['stern', 'mid', 'bow'])?->length);
        self::assertFalse($ways->through(['stern', 'mid', 'bow'])->entersEngineSpace());
        self::assertSame(0.0, $ways->shortest('mid', 'mid')?->length);
        self::assertNull($ways->shortest('stern', 'nowhere'));
    }

    /**
     * @param  list<Way>  $ways
     * @param  list<string>  $visited
     */
    private static function search(array $ways, string $at, string $to, array $visited): ?float
    {
        if ($at === $to) {
            return 0.0;
        }
        $best = null;
        foreach ($ways as $way) {
            $next = $way->from === $at ? $way->to : ($way->to === $at ? $way->from : null);
            if ($next !== null && ! in_array($next, $visited, true)) {
                $rest = self::search($ways, $next, $to, [...$visited, $next]);
                $best = $rest === null ? $best : min($best ?? INF, $rest + $way->length);
            }
        }

        return $best;
    }

    /**
     * @param  list<Way>  $ways
     * @param  list<string>  $visited
     */
    private static function countAll(array $ways, string $at, string $to, array $visited): int
    {
        if ($at === $to) {
            return 1;
        }
        $routes = 0;
        foreach ($ways as $way) {
            $next = $way->from === $at ? $way->to : ($way->to === $at ? $way->from : null);
            $routes += $next === null || in_array($next, $visited, true) ? 0 : self::countAll($ways, $next, $to, [...$visited, $next]);
        }

        return $routes;
    }

    private static function way(string $id, string $from, string $to, float $length, bool $engine = false): Way
    {
        return Way::of(new Record(['id' => $id, 'from' => $from, 'to' => $to, 'length_m' => $length, 'engine_space' => $engine, 'measured' => 'tape', 'curved' => false, 'old_wire' => false, 'spare_cable' => false, 'support_m' => 0.45, 'chafe' => 'protected']));
    }
}
