<?php

declare(strict_types=1);

namespace Dinghy\Cutting;

/** Pieces into given lengths, the longest first, each where it leaves least. */
final class Fill
{
    /**
     * @param  array<string, float>  $pieces  m by name, the longest first
     * @param  list<Spool>  $stock
     * @return array{list<Spool>, array<string, float>} as they are cut, and what did not go in
     */
    public static function each(array $pieces, array $stock): array
    {
        $left = array_map(static fn (Spool $spool): float => $spool->length, $stock);
        $cut = array_fill(0, count($stock), []);
        $over = [];
        foreach ($pieces as $name => $metres) {
            $best = null;
            foreach ($left as $number => $room) {
                if ($room >= $metres - Nesting::NOISE && ($best === null || $room < $left[$best])) {
                    $best = $number;
                }
            }
            if ($best === null) {
                $over[$name] = $metres;

                continue;
            }
            $left[$best] -= $metres;
            $cut[$best][$name] = $metres;
        }

        return [array_map(static fn (Spool $spool, array $into): Spool => $spool->cutInto($into), $stock, $cut), $over];
    }
}
