<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

/** Steps one after another: none before what it needs, and of those that could be next the kind that comes first. */
final class StepOrder
{
    /**
     * @param  list<Step>  $steps
     * @return list<Step>
     *
     * @throws \LogicException where a step needs one that is not there, or they need each other in a ring
     */
    public static function of(array $steps): array
    {
        /** @var array<string, int> $open how many of its needs are not done */
        $open = [];
        /** @var array<string, list<string>> $waiting ids of those that need it */
        $waiting = [];
        $byId = [];
        $rank = [];
        foreach ($steps as $at => $step) {
            $byId[$step->id] = $step;
            $rank[$step->id] = [$step->kind->rank(), $at];
            $open[$step->id] = count($step->needs);
            foreach ($step->needs as $need) {
                $waiting[$need][] = $step->id;
            }
        }
        if (($missing = array_diff(array_keys($waiting), array_keys($byId))) !== []) {
            throw new \LogicException('No such step: '.implode(', ', $missing).'.');
        }
        $ready = new \SplPriorityQueue;
        $enqueue = static fn (string $id): bool => $ready->insert($id, [-$rank[$id][0], -$rank[$id][1]]);
        array_map($enqueue, array_map(strval(...), array_keys(array_filter($open, static fn (int $needs): bool => $needs === 0))));
        $ordered = [];
        while (! $ready->isEmpty()) {
            $id = $ready->extract();
            assert(is_string($id));
            $ordered[] = $byId[$id];
            foreach ($waiting[$id] ?? [] as $next) {
                if (--$open[$next] === 0) {
                    $enqueue($next);
                }
            }
        }

        return count($ordered) === count($steps) ? $ordered : throw new \LogicException('Steps need each other in a ring: '.implode(', ', array_keys(array_filter($open))).'.');
    }
}
