<?php

declare(strict_types=1);

namespace Dinghy\Cutting;

/** What need not be one piece, as loom: taken off the shortest length that holds all of it, else off as few as can be. */
final class Stretch
{
    /**
     * @param  float  $wanted  m
     * @param  list<Spool>  $stock  uncut lengths
     * @param  string  $name  of what is cut off each
     * @return list<Spool> those that are cut into; together less than is wanted where there is no more
     */
    public static function of(float $wanted, array $stock, string $name): array
    {
        usort($stock, static fn (Spool $a, Spool $b): int => $a->length <=> $b->length);
        $cut = [];
        while ($wanted > Nesting::NOISE && $stock !== []) {
            $at = array_key_first(array_filter($stock, static fn (Spool $spool): bool => $spool->length >= $wanted - Nesting::NOISE)) ?? array_key_last($stock);
            $taken = min($wanted, $stock[$at]->length);
            $cut[] = $stock[$at]->cutInto([$name => $taken]);
            $wanted -= $taken;
            unset($stock[$at]);
        }

        return $cut;
    }
}
