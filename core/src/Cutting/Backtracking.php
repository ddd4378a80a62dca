<?php

declare(strict_types=1);

namespace Dinghy\Cutting;

/**
 * Pieces into given lengths, the longest first, each where it leaves least; where one does not go in, what went before is tried
 * elsewhere, up to a number of trials.
 */
final class Backtracking
{
    private const TRIALS = 4000;

    private int $trials = 0;

    /** @var array<int, float> m that are free in each length */
    private array $room;

    /** @var array<int, int> by piece, the length that it is cut from */
    private array $where = [];

    /**
     * @param  list<float>  $metres  of the pieces, the longest first
     * @param  list<float>  $behind  m of the pieces from each on
     * @param  list<Spool>  $stock
     */
    private function __construct(private readonly array $metres, private readonly array $behind, array $stock)
    {
        $this->room = array_map(static fn (Spool $spool): float => $spool->length, $stock);
    }

    /**
     * @param  array<string, float>  $pieces  m by name, the longest first
     * @param  list<Spool>  $stock
     * @return list<Spool>|null as they are cut; null: not all go in, or it was not found
     */
    public static function into(array $pieces, array $stock): ?array
    {
        $metres = array_values($pieces);
        $behind = [0.0];
        foreach (array_reverse($metres) as $one) {
            array_unshift($behind, $behind[0] + $one);
        }
        $search = new self($metres, $behind, $stock);
        if (! $search->place(0)) {
            return null;
        }
        $cut = array_fill(0, count($stock), []);
        foreach (array_keys($pieces) as $number => $name) {
            $cut[$search->where[$number]][$name] = $pieces[$name];
        }

        return array_map(static fn (Spool $spool, array $into): Spool => $spool->cutInto($into), $stock, $cut);
    }

    private function place(int $piece): bool
    {
        if ($piece === count($this->metres)) {
            return true;
        }
        if ($this->trials++ > self::TRIALS || $this->usable() < $this->behind[$piece] - Nesting::NOISE) {
            return false;
        }
        $metres = $this->metres[$piece];
        $fitting = array_unique(array_filter($this->room, static fn (float $room): bool => $room >= $metres - Nesting::NOISE));
        asort($fitting);
        foreach ($fitting as $number => $room) {
            $this->room[$number] -= $metres;
            $this->where[$piece] = $number;
            if ($this->place($piece + 1)) {
                return true;
            }
            $this->room[$number] = $room;
        }

        return false;
    }

    /** m of room that the shortest piece goes into */
    private function usable(): float
    {
        $shortest = $this->metres[count($this->metres) - 1];

        return array_sum(array_filter($this->room, static fn (float $room): bool => $room >= $shortest - Nesting::NOISE));
    }
}
