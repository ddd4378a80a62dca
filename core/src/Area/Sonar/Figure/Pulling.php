<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Figure;

use Dinghy\Conduit\Cable;
use Dinghy\Conduit\Packing;
use Dinghy\Network\LaidCable;
use Dinghy\Plan\Way;
use Dinghy\Solving\SolvedBoat;

/** A tube that moulded cables go through, and in which order: plugs before wires, the largest first, while there is room. */
final readonly class Pulling
{
    /** @param  list<PullStep>  $steps  in their order */
    private function __construct(public Way $way, public float $bore, public array $steps)
    {
    }

    /** @return list<self> those tubes whose bore is known and that a transducer's or a network cable goes through */
    public static function allOf(SolvedBoat $boat, SonarFigures $figures): array
    {
        $moulded = [];
        foreach (LaidCable::allOf($boat->plan, $figures->network) as $cable) {
            foreach ($cable->route->ways ?? [] as $way) {
                $moulded[$way->id][] = $cable;
            }
        }
        $pulling = [];
        foreach ($boat->ducts->bores() as $id => $bore) {
            if (isset($moulded[$id])) {
                $pulling[] = new self($bore->way, $bore->diameter, self::steps($bore->diameter, $moulded[$id], $bore->cables));
            }
        }

        return $pulling;
    }

    /**
     * @param  list<LaidCable>  $moulded
     * @param  list<Cable>  $cables  of the circuits, and those that lie there before
     * @return list<PullStep>
     */
    private static function steps(float $bore, array $moulded, array $cables): array
    {
        // What nobody has measured is taken for the largest: it is better known before the tube fills.
        usort($moulded, static fn (LaidCable $a, LaidCable $b): int => [$b->moulded->plug ?? INF, $b->moulded->cable ?? INF] <=> [$a->moulded->plug ?? INF, $a->moulded->cable ?? INF]);
        $lies = array_values(array_filter($cables, static fn (Cable $cable): bool => $cable->run === null));
        $known = true;
        $steps = [];
        foreach ($moulded as $laid) {
            [$plug, $cable] = [$laid->moulded->plug, $laid->moulded->cable];
            $passes = match (true) {
                $plug === null => null,
                // Too large alone is too large, whatever else is not known.
                $plug > $bore => false,
                default => $known ? Packing::fits($bore, [...$lies, new Cable(null, $laid->label, $plug)]) : null,
            };
            $steps[] = new PullStep($laid->on, $laid->label, $plug, $cable, $laid->moulded->bend, $passes);
            $cable === null ? $known = false : $lies[] = new Cable(null, $laid->label, $cable);
        }
        foreach ($cables as $cable) {
            if ($cable->run !== null) {
                $lies[] = $cable;
                $steps[] = new PullStep(null, $cable->name, null, $cable->diameter, null, $known ? Packing::fits($bore, $lies) : null);
            }
        }

        return $steps;
    }
}
