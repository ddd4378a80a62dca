<?php

declare(strict_types=1);

namespace Dinghy\Conduit;

use Dinghy\Conductor\OutsideDiameter;
use Dinghy\Plan\Plan;
use Dinghy\Plan\Way;
use Dinghy\Route\Route;
use Dinghy\Wiring\SizedRun;

/** What lies in each way of a boat, once every run is sized. */
final readonly class Ducts
{
    /** @var array<string, list<Cable>> by way id */
    private array $cables;

    /** @param  array<string, SizedRun>  $runs  by id */
    public function __construct(private Plan $plan, array $runs)
    {
        $cables = [];
        foreach ($plan->boat->ways as $way) {
            $cables[$way->id] = array_map(
                static fn (float $diameter): Cable => new Cable(null, 'there before', $diameter),
                $way->occupied,
            );
        }
        foreach ($runs as $run) {
            $plus = $run->circuit?->route;
            if ($run->circuit === null || $plus === null) {
                continue;
            }
            $name = "{$run->circuit->label}, {$run->gauge}";
            if ($run->circuit->run->jacketed) {
                self::lay($cables, $plus, new Cable($run->id, "{$name} pair", OutsideDiameter::pair($run->gauge), 2));

                continue;
            }
            self::lay($cables, $plus, new Cable($run->id, "{$name} plus", OutsideDiameter::single($run->gauge)));
            self::lay(
                $cables,
                $run->circuit->minusRoute,
                new Cable($run->id, "{$name} minus", OutsideDiameter::single($run->gauge)),
            );
        }
        $this->cables = $cables;
    }

    /** @return list<Cable> what lies in a way */
    public function in(Way $way): array
    {
        return $this->cables[$way->id] ?? [];
    }

    /** @return Bore|null null: the way is no tube, or nobody has measured it */
    public function bore(Way $way): ?Bore
    {
        return Bore::of($way, $this->in($way));
    }

    /** @return array<string, Bore> by way id: the tubes whose bore is known */
    public function bores(): array
    {
        $bores = [];
        foreach ($this->plan->boat->ways as $way) {
            $bore = $this->bore($way);
            if ($bore !== null) {
                $bores[$way->id] = $bore;
            }
        }

        return $bores;
    }

    /** @param  array<string, list<Cable>>  $cables */
    private static function lay(array &$cables, ?Route $route, Cable $cable): void
    {
        foreach ($route->ways ?? [] as $way) {
            $cables[$way->id][] = $cable;
        }
    }
}
