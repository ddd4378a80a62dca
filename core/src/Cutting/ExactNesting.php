<?php

declare(strict_types=1);

namespace Dinghy\Cutting;

/**
 * The best there is, of few pieces: length after length, for every set of pieces the least that is opened to hold it. Where not
 * all of them go in, as many metres as can.
 */
final readonly class ExactNesting
{
    /** m by which a set of fewer lengths is preferred to one of more */
    private const FEWER = 1e-6;

    /** @var list<string> */
    private array $names;

    /** @var list<float> m of each set of pieces, by its bits */
    private array $sums;

    /**
     * @param  array<string, float>  $pieces  m by name
     * @param  list<Spool>  $stock
     */
    private function __construct(array $pieces, private array $stock)
    {
        $this->names = array_map(strval(...), array_keys($pieces));
        $sums = [0.0];
        foreach (array_values($pieces) as $number => $metres) {
            for ($set = 0; $set < 1 << $number; $set++) {
                $sums[$set | 1 << $number] = $sums[$set] + $metres;
            }
        }
        ksort($sums);
        $this->sums = array_values($sums);
    }

    /**
     * @param  array<string, float>  $pieces  m by name, at most Nesting::EXACT
     * @param  list<Spool>  $stock
     * @return list<Spool>
     */
    public static function of(array $pieces, array $stock): array
    {
        return (new self($pieces, $stock))->best($pieces);
    }

    /**
     * @param  array<string, float>  $pieces
     * @return list<Spool>
     */
    private function best(array $pieces): array
    {
        $all = count($this->sums) - 1;
        $opened = array_fill(0, $all + 1, INF);
        $opened[0] = 0.0;
        $chosen = [];
        foreach ($this->stock as $number => $spool) {
            [$before, $chosen[$number]] = [$opened, []];
            for ($set = 0; $set <= $all; $set++) {
                if ($before[$set] === INF) {
                    continue;
                }
                $with = $before[$set] + $spool->length + self::FEWER;
                $rest = $all & ~$set;
                for ($into = $rest; $into > 0; $into = ($into - 1) & $rest) {
                    if ($with < $opened[$set | $into] && $this->sums[$into] <= $spool->length + Nesting::NOISE) {
                        $opened[$set | $into] = $with;
                        $chosen[$number][$set | $into] = $into;
                    }
                }
            }
        }
        $held = 0;
        foreach ($opened as $set => $metres) {
            if ($metres < INF && [$this->sums[$set], -$metres] > [$this->sums[$held], -$opened[$held]]) {
                $held = $set;
            }
        }

        return $this->cut($held, $chosen, $pieces);
    }

    /**
     * @param  array<int, array<int, int>>  $chosen  by length and set: the pieces of the set that are cut from it
     * @param  array<string, float>  $pieces
     * @return list<Spool>
     */
    private function cut(int $set, array $chosen, array $pieces): array
    {
        $cut = [];
        foreach (array_reverse($this->stock, true) as $number => $spool) {
            $into = $chosen[$number][$set] ?? 0;
            $named = array_filter($this->names, static fn (int $bit): bool => ($into >> $bit & 1) === 1, ARRAY_FILTER_USE_KEY);
            $cut[] = $spool->cutInto(array_intersect_key($pieces, array_flip($named)));
            $set &= ~$into;
        }

        return array_reverse($cut);
    }
}
