<?php

declare(strict_types=1);

namespace Dinghy\Route;

use Dinghy\Plan\Way;

/** The ways of a boat as a graph of stations, and shortest routes through it (Dijkstra 1959). */
final class Ways
{
    /** @var array<string, list<array{to: string, way: Way}>> by station id */
    private array $neighbours = [];

    /** @param  list<Way>  $ways */
    public function __construct(array $ways)
    {
        foreach ($ways as $way) {
            $this->neighbours[$way->from][] = ['to' => $way->to, 'way' => $way];
            $this->neighbours[$way->to][] = ['to' => $way->from, 'way' => $way];
        }
    }

    /** @return Route|null null when no way leads there */
    public function shortest(string $from, string $to): ?Route
    {
        $queue = new \SplPriorityQueue;
        $queue->insert([$from, Route::of([])], 0.0);
        $settled = [];
        while (! $queue->isEmpty()) {
            /** @var array{string, Route} $nearest */
            $nearest = $queue->extract();
            [$station, $route] = $nearest;
            if ($station === $to) {
                return $route;
            }
            if (isset($settled[$station])) {
                continue;
            }
            $settled[$station] = true;
            foreach ($this->neighbours[$station] ?? [] as $next) {
                if (! isset($settled[$next['to']])) {
                    $longer = Route::of([...$route->ways, $next['way']]);
                    $queue->insert([$next['to'], $longer], -$longer->length);
                }
            }
        }

        return null;
    }

    /**
     * The shortest way through the stations in the order given.
     *
     * @param  list<string>  $stations
     */
    public function through(array $stations): ?Route
    {
        $ways = [];
        for ($i = 1; $i < count($stations); $i++) {
            $leg = $this->shortest($stations[$i - 1], $stations[$i]);
            if ($leg === null) {
                return null;
            }
            $ways = [...$ways, ...$leg->ways];
        }

        return Route::of($ways);
    }
}
