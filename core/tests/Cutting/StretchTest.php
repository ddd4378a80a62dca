<?php

declare(strict_types=1);

namespace Dinghy\Tests\Cutting;

use Dinghy\Cutting\Spool;
use Dinghy\Cutting\Stretch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class StretchTest extends TestCase
{
    /**
     * @param  list<float>  $lengths
     * @param  list<array{float, float}>  $cut  m of each length that is cut into, and off it
     */
    #[DataProvider('cases')]
    public function test_it_opens_as_little_as_it_can(float $wanted, array $lengths, array $cut): void
    {
        $stock = array_map(static fn (int $at): Spool => new Spool("{$at}", $lengths[$at]), array_keys($lengths));
        self::assertEqualsWithDelta($cut, array_map(static fn (Spool $spool): array => [$spool->length, $spool->pieces['loom']], Stretch::of($wanted, $stock, 'loom')), 1e-12);
    }

    /** @return iterable<string, array{float, list<float>, list<array{float, float}>}> */
    public static function cases(): iterable
    {
        yield 'the shortest that holds it' => [2.0, [10.0, 2.5, 1.0, 3.0], [[2.5, 2.0]]];
        yield 'all of one' => [2.5, [10.0, 2.5], [[2.5, 2.5]]];
        yield 'the longest and what is left off the shortest that holds that' => [6.0, [1.5, 5.0, 1.0, 4.0], [[5.0, 5.0], [1.0, 1.0]]];
        yield 'more than there is' => [9.0, [1.5, 5.0], [[5.0, 5.0], [1.5, 1.5]]];
        yield 'nothing wanted' => [0.0, [5.0], []];
        yield 'nothing there' => [1.0, [], []];
    }
}
