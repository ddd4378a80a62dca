<?php

declare(strict_types=1);

namespace Dinghy\Cutting;

/** Sets of lengths that may be opened together, by how many metres they are: one set for every sum, to the millimetre. */
final class OpenedSets
{
    /** of the sets tried, from the shortest on */
    private const MOST = 400;

    /** @var array<int, array{int, int}> by the sum in mm: the last length in the set, and the sum without it */
    private array $sums = [];

    /**
     * @param  list<Spool>  $stock
     * @param  float  $wanted  m that are to be cut: what holds them already needs no more
     */
    public function __construct(private readonly array $stock, float $wanted)
    {
        $this->sums = [0 => [-1, 0]];
        $enough = self::millimetres($wanted);
        foreach ($stock as $number => $spool) {
            $millimetres = self::millimetres($spool->length);
            foreach (array_keys($this->sums) as $sum) {
                // Sums of lengths that came before alone: each is in a set once.
                if ($sum < $enough) {
                    $this->sums[$sum + $millimetres] ??= [$number, $sum];
                }
            }
        }
        ksort($this->sums);
    }

    /**
     * @param  float  $metres  m that they hold together at least
     * @return iterable<int, list<Spool>> the shortest first
     */
    public function from(float $metres): iterable
    {
        $tried = 0;
        foreach (array_keys($this->sums) as $sum) {
            if ($sum < self::millimetres($metres - Nesting::NOISE)) {
                continue;
            }
            if ($tried === self::MOST) {
                return;
            }
            yield $tried++ => $this->set($sum);
        }
    }

    /** @return float m: the least that has to be opened to hold so much; all there is, where that holds less */
    public function leastOf(float $metres): float
    {
        foreach ($this->from($metres) as $set) {
            return array_sum(array_map(static fn (Spool $spool): float => $spool->length, $set));
        }

        return array_sum(array_map(static fn (Spool $spool): float => $spool->length, $this->stock));
    }

    /** @return list<Spool> */
    private function set(int $sum): array
    {
        $set = [];
        while ($sum > 0) {
            [$number, $before] = $this->sums[$sum];
            $set[] = $this->stock[$number];
            $sum = $before;
        }

        return $set;
    }

    private static function millimetres(float $metres): int
    {
        return (int) round(1000 * $metres);
    }
}
