<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

/**
 * Open steps one after another with the fewest changes of place, so that the next is done where one already kneels. Exact up
 * to EXACT steps; of more the steps stay at a place while it has one that can be done, then go on to the place that has the
 * most (a heuristic).
 */
final class Walk
{
    public const EXACT = 12;

    /**
     * @param  list<Step>  $open  what they need beside each other is done
     * @param  string|null  $here  place as placeOf() names it; null: nowhere yet
     * @return list<Step>
     */
    public static function through(array $open, ?string $here): array
    {
        return count($open) <= self::EXACT ? self::exactly($open, $here) : self::nearest($open, $here);
    }

    /** Where a step is done: a station of the boat, the bench or the water; places that nobody has named are one. */
    public static function placeOf(Step $step): string
    {
        return $step->place === Place::Bay ? 'bay:'.($step->at ?? '') : $step->place->value;
    }

    /** @param  list<Step>  $steps */
    public static function changes(array $steps, ?string $here): int
    {
        $changes = 0;
        foreach ($steps as $step) {
            $place = self::placeOf($step);
            $changes += $place === $here ? 0 : 1;
            $here = $place;
        }

        return $changes;
    }

    /**
     * Of every set of steps that are done, by the one that was done last: the fewest changes that led there.
     *
     * @param  list<Step>  $open
     * @return list<Step>
     */
    private static function exactly(array $open, ?string $here): array
    {
        $ids = array_flip(array_map(static fn (Step $step): string => $step->id, $open));
        // Of each the steps that it needs, as bits.
        $needs = array_map(static fn (Step $step): int => array_sum(array_map(static fn (string $need): int => isset($ids[$need]) ? 1 << $ids[$need] : 0, array_unique($step->needs))), $open);
        $places = array_map(self::placeOf(...), $open);
        /** @var array<int, array<int, array{int, int}>> $reached changes, and the step before (−1: none), by steps done and the last of them */
        $reached = [0 => [-1 => [0, -1]]];
        $all = (1 << count($open)) - 1;
        for ($done = 0; $done < $all; $done++) {
            foreach ($reached[$done] ?? [] as $last => [$changes]) {
                foreach ($needs as $next => $before) {
                    if (($done >> $next & 1) === 1 || ($before & $done) !== $before) {
                        continue;
                    }
                    $then = $done | 1 << $next;
                    $cost = $changes + ($places[$next] === ($places[$last] ?? $here) ? 0 : 1);
                    if ($cost < ($reached[$then][$next][0] ?? PHP_INT_MAX)) {
                        $reached[$then][$next] = [$cost, $last];
                    }
                }
            }
        }
        $ends = $reached[$all] ?? [];
        if ($ends === []) {
            throw new \LogicException('Open steps need each other in a ring.');
        }
        $last = (int) array_search(min($ends), $ends, true);
        $walk = [];
        for ($done = $all; isset($open[$last]);) {
            $walk[] = $open[$last];
            [, $before] = $reached[$done][$last];
            $done &= ~(1 << $last);
            $last = $before;
        }

        return array_reverse($walk);
    }

    /**
     * @param  list<Step>  $open
     * @return list<Step>
     */
    private static function nearest(array $open, ?string $here): array
    {
        $left = array_column(array_map(static fn (Step $step): array => ['id' => $step->id, 'step' => $step], $open), 'step', 'id');
        $walk = [];
        while ($left !== []) {
            $ready = array_filter($left, static fn (Step $step): bool => array_intersect_key(array_flip($step->needs), $left) === []);
            if ($ready === []) {
                throw new \LogicException('Open steps need each other in a ring.');
            }
            $byPlace = [];
            foreach ($ready as $step) {
                $byPlace[self::placeOf($step)][] = $step;
            }
            if ($here === null || ! isset($byPlace[$here])) {
                $here = (string) array_search(max($most = array_map(count(...), $byPlace)), $most, true);
            }
            $next = $byPlace[$here][0];
            unset($left[$next->id]);
            $walk[] = $next;
        }

        return $walk;
    }
}
