<?php

declare(strict_types=1);

namespace Dinghy\Conduit;

use Dinghy\Conductor\Ampacity;
use Dinghy\Plan\Boat;
use Dinghy\Wiring\SizedRun;

/**
 * How many conductors lie together in the tubes that a run goes through. One that carries less than 30 % of what it might,
 * so grouped, warms nobody and is left out [pub IEC 60364-5-52, from memory].
 */
final readonly class Bundles
{
    private const IDLE = 0.30;

    /**
     * @param  array<string, int>  $together  by run id, its own included; only of runs that lie in a tube
     * @param  array<string, int>  $idle  by run id: those left out beside it
     */
    private function __construct(public array $together, public array $idle)
    {
    }

    /** @param  array<string, SizedRun>  $runs  by id */
    public static function of(Boat $boat, Ducts $ducts, array $runs): self
    {
        $together = $idle = [];
        foreach ($boat->ways as $way) {
            $counts = [];
            foreach ($way->isTube() ? $ducts->in($way) : [] as $cable) {
                if ($cable->run !== null) {
                    $counts[$cable->run] = ($counts[$cable->run] ?? 0) + $cable->conductors;
                }
            }
            $factor = Ampacity::bundlingFactor(array_sum($counts));
            $warm = array_filter(
                $counts,
                static fn (string|int $id): bool => ! self::isIdle($runs[$id], $factor),
                ARRAY_FILTER_USE_KEY,
            );
            foreach ($counts as $id => $own) {
                $count = array_sum($warm) + (isset($warm[$id]) ? 0 : $own);
                if ($count > ($together[$id] ?? 0)) {
                    [$together[$id], $idle[$id]] = [$count, array_sum($counts) - $count];
                }
            }
        }

        return new self($together, $idle);
    }

    private static function isIdle(SizedRun $run, float $factor): bool
    {
        $alone = $run->ampacity === null || $run->circuit === null
            ? null
            : $run->ampacity / Ampacity::bundlingFactor($run->circuit->bundled);

        return $alone !== null && $run->amps < self::IDLE * $alone * $factor;
    }
}
