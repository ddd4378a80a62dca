<?php

declare(strict_types=1);

namespace Dinghy\Cutting;

/**
 * Which pieces are cut from which lengths, so that the lengths opened are together as short as they can be: least is left
 * over then. Up to EXACT pieces it is the best there is; beyond that it is as near as it says, by the bound.
 */
final readonly class Nesting
{
    /** pieces up to which nothing better exists */
    public const EXACT = 12;

    /** times the least there could be, that is near enough */
    private const NEAR = 1.03;

    /** sets of lengths that are looked at more closely */
    private const CLOSER = 60;

    /** m; pieces that miss a length by less do fit: arithmetic noise */
    public const NOISE = 1e-9;

    /**
     * @param  list<Spool>  $spools  those that are cut into
     * @param  array<string, float>  $missing  m by name: what no length here holds
     * @param  float  $opened  m of all that are cut into
     * @param  float  $bound  m that have to be opened at least for what is cut
     */
    private function __construct(
        public array $spools,
        public array $missing,
        public float $opened,
        public float $bound,
    ) {
    }

    /**
     * @param  array<string, float>  $pieces  m by name
     * @param  list<Spool>  $stock  uncut lengths
     */
    public static function of(array $pieces, array $stock): self
    {
        arsort($pieces);
        $least = $pieces === [] ? 0.0 : min($pieces);
        $useful = array_values(array_filter($stock, static fn (Spool $spool): bool => $spool->length >= $least - self::NOISE));
        $longest = $useful === [] ? 0.0 : max(array_map(static fn (Spool $spool): float => $spool->length, $useful));
        $cuttable = array_filter($pieces, static fn (float $metres): bool => $metres <= $longest + self::NOISE);
        $sets = new OpenedSets($useful, array_sum($cuttable));
        $cut = self::nearest($cuttable, $sets) ?? (count($cuttable) <= self::EXACT
            ? ExactNesting::of($cuttable, $useful)
            : Fill::each($cuttable, $useful)[0]);
        $spools = array_values(array_filter($cut, static fn (Spool $spool): bool => $spool->pieces !== []));
        $placed = array_reduce($spools, static fn (array $all, Spool $spool): array => $all + $spool->pieces, []);

        return new self(
            $spools,
            array_diff_key($pieces, $placed),
            self::lengthOf($spools),
            $sets->leastOf(array_sum($placed)),
        );
    }

    /**
     * The lengths that come nearest to what is cut, tried in turn: of few pieces only those that nothing can beat.
     *
     * @param  array<string, float>  $pieces
     * @return list<Spool>|null null: none of those tried holds them all
     */
    private static function nearest(array $pieces, OpenedSets $sets): ?array
    {
        $found = null;
        foreach ($sets->from(array_sum($pieces)) as $number => $set) {
            if ($number > 0 && count($pieces) <= self::EXACT) {
                return null;
            }
            [$cut, $left] = Fill::each($pieces, $set);
            if ($left === []) {
                $found = $cut;
                break;
            }
        }
        if ($found === null || count($pieces) <= self::EXACT) {
            return $found;
        }

        return self::nearer($pieces, $sets, self::lengthOf($found)) ?? $found;
    }

    /**
     * Where what was found is too far from the least there could be: lengths in between, searched for longer.
     *
     * @param  array<string, float>  $pieces
     * @return list<Spool>|null null: near enough, or none of them holds all
     */
    private static function nearer(array $pieces, OpenedSets $sets, float $opened): ?array
    {
        $wanted = array_sum($pieces);
        if ($opened <= self::NEAR * $sets->leastOf($wanted)) {
            return null;
        }
        foreach ($sets->from($wanted) as $number => $set) {
            if ($number === self::CLOSER || self::lengthOf($set) >= $opened) {
                return null;
            }
            $cut = Backtracking::into($pieces, $set);
            if ($cut !== null) {
                return $cut;
            }
        }

        return null;
    }

    /** @param  list<Spool>  $spools */
    private static function lengthOf(array $spools): float
    {
        return array_sum(array_map(static fn (Spool $spool): float => $spool->length, $spools));
    }
}
