<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

/**
 * When the work on a boat can be done: hands work in the shop's hours, one step at a time each, what leads to the longest way
 * first; waits go on around the clock.
 */
final readonly class Forecast
{
    /** @param  float  $ready  min since 1970 at which all but the steps on the water is done */
    private function __construct(public float $ready)
    {
    }

    /** @param  int  $hands  that work side by side */
    public static function of(Work $work, WorkingHours $hours, float $now, int $hands): self
    {
        $open = array_filter($work->open, static fn (Step $step): bool => $step->place !== Place::Water && $step->kind !== StepKind::HandOver);
        $open = array_column(array_map(static fn (Step $step): array => [$step->id, $step], array_values($open)), 1, 0);
        $longest = self::longest($open);
        $free = array_fill(0, max(1, $hands), $now);
        $done = [];
        $ready = $now;
        while ($open !== []) {
            $next = self::next($open, $done, $longest, min($free));
            $after = array_reduce($next->needs, static fn (float $latest, string $need): float => max($latest, $done[$need] ?? $now), $now);
            if ($next->kind === StepKind::Wait) {
                $done[$next->id] = max($now, $work->over($next) ?? ($next->needs === [] ? $hours->next($after) : $after) + $next->minutes);
            } else {
                $hand = (int) array_search(min($free), $free, true);
                $done[$next->id] = $free[$hand] = $hours->after(max($after, $free[$hand]), $next->minutes);
            }
            $ready = max($ready, $done[$next->id]);
            unset($open[$next->id]);
        }

        return new self($ready);
    }

    /**
     * Of the steps that nothing open is before that which can begin first; of those the one with the longest way behind it.
     *
     * @param  non-empty-array<string, Step>  $open
     * @param  array<string, float>  $done  min since 1970, by step
     * @param  array<string, float>  $longest
     * @param  float  $free  min since 1970 at which a hand is free
     */
    private static function next(array $open, array $done, array $longest, float $free): Step
    {
        $best = null;
        foreach ($open as $step) {
            if (array_filter($step->needs, static fn (string $need): bool => isset($open[$need])) !== []) {
                continue;
            }
            // A wait costs no hand: it begins as soon as it can.
            $key = [$step->kind === StepKind::Wait ? 0 : 1, array_reduce($step->needs, static fn (float $latest, string $need): float => max($latest, $done[$need] ?? 0.0), $free), -$longest[$step->id]];
            if ($best === null || $key < $best[0]) {
                $best = [$key, $step];
            }
        }

        return $best === null ? throw new \LogicException('Steps need each other in a ring.') : $best[1];
    }

    /**
     * @param  array<string, Step>  $open  in the order of the work
     * @return array<string, float> min from the beginning of each step to the end of all, by hands without number
     */
    private static function longest(array $open): array
    {
        $longest = array_map(static fn (Step $step): float => $step->minutes, $open);
        foreach (array_reverse($open, true) as $id => $step) {
            foreach ($step->needs as $need) {
                if (isset($open[$need])) {
                    $longest[$need] = max($longest[$need], $open[$need]->minutes + $longest[$id]);
                }
            }
        }

        return $longest;
    }
}
