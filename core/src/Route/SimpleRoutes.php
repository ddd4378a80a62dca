<?php

declare(strict_types=1);

namespace Dinghy\Route;

use Dinghy\Plan\Way;

/** Every route between two stations that passes no station twice, shortest first. */
final class SimpleRoutes
{
    /** Partial routes that are followed before the search gives up: boats have a dozen ways, not a city's. */
    private const MOST_STEPS = 20_000;

    private int $steps = 0;

    /** @var list<list<Way>> */
    private array $found = [];

    /** @param  list<Way>  $ways */
    private function __construct(private readonly array $ways)
    {
    }

    /**
     * @param  list<Way>  $ways
     * @return list<Route>
     */
    public static function between(array $ways, string $from, string $to, int $most): array
    {
        $search = new self($ways);
        $search->walk($from, $to, [$from => true], []);
        $routes = array_map(Route::of(...), $search->found);
        usort($routes, static fn (Route $a, Route $b): int => $a->length <=> $b->length);

        return array_slice($routes, 0, $most);
    }

    /**
     * @param  array<string, true>  $passed
     * @param  list<Way>  $walked
     */
    private function walk(string $at, string $to, array $passed, array $walked): void
    {
        if ($at === $to) {
            $this->found[] = $walked;

            return;
        }
        foreach ($this->ways as $way) {
            $next = match ($at) {
                $way->from => $way->to,
                $way->to => $way->from,
                default => null,
            };
            if ($next !== null && ! isset($passed[$next]) && ++$this->steps < self::MOST_STEPS) {
                $this->walk($next, $to, [...$passed, $next => true], [...$walked, $way]);
            }
        }
    }
}
