<?php

declare(strict_types=1);

namespace Dinghy\Tests\Cutting;

use Dinghy\Cutting\Nesting;
use Dinghy\Cutting\Spool;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Cuts from spools against exhaustive search, and the bound that is shown where there are too many for that. */
final class NestingTest extends TestCase
{
    private const CASES = 500;

    public function test_no_small_case_opens_more_than_exhaustive_search_finds(): void
    {
        $seed = Seed::sown();
        $chance = new Randomizer(new Mt19937($seed));
        $possible = 0;
        for ($case = 0; $case < self::CASES; $case++) {
            $pieces = self::lengths($chance, $chance->getInt(1, 7), 10, 400, 'p');
            $stock = self::lengths($chance, $chance->getInt(1, 5), 50, 900, 's');
            $least = self::exhaustive(array_values($pieces), array_values($stock));
            $nesting = Nesting::of($pieces, self::spools($stock));
            self::assertSound($nesting, $pieces, $stock);
            if ($least === null) {
                self::assertNotSame([], $nesting->missing, "SEED={$seed} ".json_encode([$pieces, $stock], JSON_THROW_ON_ERROR));

                continue;
            }
            $possible++;
            self::assertSame([], $nesting->missing);
            self::assertEqualsWithDelta($least, $nesting->opened, 1e-6, "SEED={$seed} ".json_encode([$pieces, $stock], JSON_THROW_ON_ERROR));
            self::assertLessThanOrEqual($nesting->opened + 1e-6, $nesting->bound);
        }
        self::assertGreaterThan(self::CASES / 4, $possible);
    }

    /** Twelve pieces, where exhaustive search is out of reach: cut from known lengths, so that what is least is known. */
    public function test_twelve_pieces_that_fill_their_lengths_are_put_back_into_them(): void
    {
        $pieces = [];
        foreach ([[3.1, 2.2, 0.7], [1.9, 1.8, 1.3, 1.0], [4.4, 0.6], [2.5, 2.4, 1.1]] as $number => $spool) {
            foreach ($spool as $at => $metres) {
                $pieces["p{$number}{$at}"] = $metres;
            }
        }
        $stock = ['a' => 6.0, 'b' => 6.0, 'c' => 5.0, 'd' => 6.0, 'e' => 7.9, 'f' => 4.0];
        $nesting = Nesting::of($pieces, self::spools($stock));

        self::assertCount(12, $pieces);
        self::assertSame([], $nesting->missing);
        self::assertEqualsWithDelta(23.0, $nesting->opened, 1e-6);
        self::assertEqualsWithDelta(23.0, $nesting->bound, 1e-6);
    }

    public function test_many_pieces_from_remnants_and_full_spools_come_within_three_hundredths_of_the_bound(): void
    {
        $chance = new Randomizer(new Mt19937(7));
        $far = 0;
        for ($case = 0; $case < 100; $case++) {
            $pieces = self::lengths($chance, $chance->getInt(13, 60), 10, 600, 'p');
            $stock = [...self::lengths($chance, $chance->getInt(3, 14), 100, 2500, 's'), 'whole 1' => 30.0, 'whole 2' => 30.0, 'whole 3' => 30.0, 'whole 4' => 30.0, 'whole 5' => 30.0, 'whole 6' => 30.0];
            $nesting = Nesting::of($pieces, self::spools($stock));
            self::assertSound($nesting, $pieces, $stock);
            self::assertSame([], $nesting->missing);
            $far += $nesting->opened > 1.03 * $nesting->bound ? 1 : 0;
        }
        // The bound asks for no more than metres: where lengths do not go together, nothing comes that near.
        self::assertLessThanOrEqual(2, $far);
    }

    /**
     * @param  array<string, float>  $pieces
     * @param  array<string, float>  $stock
     * @param  array<string, float>  $missing
     */
    #[DataProvider('shortages')]
    public function test_what_is_not_held_is_said(array $pieces, array $stock, array $missing): void
    {
        self::assertSame($missing, Nesting::of($pieces, self::spools($stock))->missing);
    }

    /** @return iterable<string, array{array<string, float>, array<string, float>, array<string, float>}> */
    public static function shortages(): iterable
    {
        yield 'nothing in stock' => [['a' => 2.0], [], ['a' => 2.0]];
        yield 'nothing to cut' => [[], ['s' => 10.0], []];
        yield 'one piece longer than any' => [['a' => 2.0, 'long' => 12.0], ['s' => 10.0], ['long' => 12.0]];
        yield 'as many metres as can' => [['a' => 3.0, 'b' => 2.0, 'c' => 2.0], ['s' => 4.0], ['a' => 3.0]];
        yield 'exactly' => [['a' => 0.1, 'b' => 0.2], ['s' => 0.3], []];
        yield 'by a millimetre' => [['a' => 1.001], ['s' => 1.0], ['a' => 1.001]];
    }

    public function test_a_remnant_goes_before_a_full_spool(): void
    {
        $nesting = Nesting::of(['a' => 2.0, 'b' => 1.5], self::spools(['whole' => 30.0, 'remnant' => 3.6, 'short' => 1.9]));

        self::assertSame(['remnant'], array_map(static fn (Spool $spool): string => $spool->name, $nesting->spools));
        self::assertEqualsWithDelta(0.1, $nesting->spools[0]->left(), 1e-9);
    }

    /**
     * Every piece is cut once or said to be missing, and nothing is cut from what is not there.
     *
     * @param  array<string, float>  $pieces
     * @param  array<string, float>  $stock
     */
    private static function assertSound(Nesting $nesting, array $pieces, array $stock): void
    {
        $cut = $nesting->missing;
        foreach ($nesting->spools as $spool) {
            self::assertSame($stock[$spool->name], $spool->length);
            unset($stock[$spool->name]);
            self::assertGreaterThanOrEqual(-1e-6, $spool->left());
            self::assertSame([], array_intersect_key($cut, $spool->pieces));
            $cut += $spool->pieces;
        }
        self::assertEquals($pieces, $cut);
    }

    /**
     * @param  list<float>  $pieces
     * @param  list<float>  $stock
     * @return float|null m opened at least; null: they do not go in
     */
    private static function exhaustive(array $pieces, array $stock): ?float
    {
        $best = INF;
        $place = static function (int $piece, array $left, float $opened) use (&$place, &$best, $pieces, $stock): void {
            if ($piece === count($pieces)) {
                $best = min($best, $opened);

                return;
            }
            foreach ($left as $number => $room) {
                if ($room >= $pieces[$piece] - 1e-9) {
                    $place($piece + 1, [...array_slice($left, 0, $number), $room - $pieces[$piece], ...array_slice($left, $number + 1)], $opened + ($room === $stock[$number] ? $room : 0.0));
                }
            }
        };
        $place(0, $stock, 0.0);

        return $best === INF ? null : $best;
    }

    /** @return array<string, float> m, to the centimetre */
    private static function lengths(Randomizer $chance, int $count, int $from, int $to, string $name): array
    {
        $lengths = [];
        for ($at = 0; $at < $count; $at++) {
            $lengths["{$name}{$at}"] = (float) ($chance->getInt($from, $to) / 100);
        }

        return $lengths;
    }

    /**
     * @param  array<string, float>  $stock
     * @return list<Spool>
     */
    private static function spools(array $stock): array
    {
        return array_map(static fn (string $name, float $metres): Spool => new Spool($name, $metres), array_keys($stock), array_values($stock));
    }
}
