<?php

declare(strict_types=1);

namespace Dinghy\Conduit;

/**
 * Where the cables of a tube come to lie when it is drawn: each as low as it goes beside those before it, the thickest
 * first. For drawing only: how full a tube is follows from areas.
 */
final class Packing
{
    private const DIRECTIONS = 72;

    /**
     * @param  list<Cable>  $cables  thickest first
     * @return list<array{float, float}> mm from the middle of the bore, y up; what finds no room lies on the middle
     */
    public static function of(float $bore, array $cables): array
    {
        return array_map(static fn (?array $circle): array => $circle === null ? [0.0, 0.0] : [$circle[0], $circle[1]], self::placed($bore, $cables));
    }

    /**
     * Whether all of them find room side by side. It says no to some that would fit another way: never yes to what does not.
     *
     * @param  list<Cable>  $cables
     */
    public static function fits(float $bore, array $cables): bool
    {
        usort($cables, static fn (Cable $a, Cable $b): int => $b->diameter <=> $a->diameter);

        return ! in_array(null, self::placed($bore, $cables), true);
    }

    /**
     * @param  list<Cable>  $cables  thickest first
     * @return list<array{float, float, float}|null> x, y, radius; null: it finds no room, and lies on the middle
     */
    private static function placed(float $bore, array $cables): array
    {
        $placed = $lying = [];
        foreach ($cables as $cable) {
            $radius = $cable->diameter / 2;
            $at = self::lowest($bore / 2, $radius, $lying);
            $placed[] = $at === null ? null : [...$at, $radius];
            $lying[] = [...($at ?? [0.0, 0.0]), $radius];
        }

        return $placed;
    }

    /**
     * @param  list<array{float, float, float}>  $placed  x, y, radius
     * @return array{float, float}|null null: there is no room
     */
    private static function lowest(float $bore, float $radius, array $placed): ?array
    {
        $best = null;
        foreach (self::candidates($bore, $radius, $placed) as [$x, $y]) {
            // The lowest of them counts: one that lies higher need not be tried.
            if (($best !== null && $y >= $best[1]) || hypot($x, $y) > $bore - $radius + 1e-6) {
                continue;
            }
            foreach ($placed as [$otherX, $otherY, $otherRadius]) {
                if (hypot($x - $otherX, $y - $otherY) < $radius + $otherRadius - 1e-6) {
                    continue 2;
                }
            }
            $best = [$x, $y];
        }

        return $best;
    }

    /**
     * Places against the wall, and against each cable that lies there.
     *
     * @param  list<array{float, float, float}>  $placed
     * @return iterable<array{float, float}>
     */
    private static function candidates(float $bore, float $radius, array $placed): iterable
    {
        for ($step = 0; $step < self::DIRECTIONS; $step++) {
            [$cos, $sin] = [
                cos(2 * M_PI * $step / self::DIRECTIONS - M_PI_2),
                sin(2 * M_PI * $step / self::DIRECTIONS - M_PI_2),
            ];
            yield [($bore - $radius) * $cos, ($bore - $radius) * $sin];
            foreach ($placed as [$x, $y, $other]) {
                yield [$x + ($other + $radius) * $cos, $y + ($other + $radius) * $sin];
            }
        }
    }
}
