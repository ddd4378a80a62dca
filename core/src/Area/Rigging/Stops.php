<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Evaluation\Evaluation;
use Dinghy\Rule\Level;
use Dinghy\Solving\SolvedBoat;

/**
 * What the stops of a plan hold: the circuit that each names is not energised, a hole is not drilled, a transducer not mounted,
 * a charger not landed; and no boat is handed over with one.
 */
final class Stops
{
    /** @return array<string, non-empty-list<string>> by step: what the stops say */
    public static function holding(Evaluation $evaluation, Steps $steps): array
    {
        $held = [];
        foreach ($evaluation->findings as $finding) {
            if ($finding->level === Level::Stop) {
                foreach ([...self::steps($evaluation->boat, $finding->on, $steps), 'hand-over'] as $step) {
                    $held[$step][] = $finding->says;
                }
            }
        }

        return $held;
    }

    /** @return list<string> ids of steps */
    private static function steps(SolvedBoat $boat, string $on, Steps $steps): array
    {
        [$kind, $id] = explode(':', $on, 2) + ['', ''];
        $of = static fn (StepKind ...$kinds): array => array_values(array_map(
            static fn (Step $step): string => $step->id,
            array_filter($steps->all, static fn (Step $step): bool => in_array($step->kind, $kinds, true) && $step->on === [$on]),
        ));

        return match ($kind) {
            'hole' => $of(StepKind::Drill),
            'transducer' => $of(StepKind::Mount, StepKind::PlugIn),
            'network-cable' => $of(StepKind::PlugIn),
            'charger' => $of(StepKind::Connect),
            default => array_map(static fn (string $circuit): string => "energise:{$circuit}", self::circuits($boat, $kind, $id)),
        };
    }

    /** @return list<string> the circuits that a part is energised by, as "feed:house" */
    private static function circuits(SolvedBoat $boat, string $kind, string $id): array
    {
        $circuits = [];
        foreach ($boat->circuits() as $run) {
            $circuit = $run->circuit;
            $feed = $circuit === null ? null : $boat->plan->feeds[$circuit->id] ?? null;
            $isNamed = $circuit !== null && match ($kind) {
                'feed', 'branch' => $circuit->on() === "{$kind}:{$id}",
                'device', 'backbone' => $circuit->device?->on() === "{$kind}:{$id}",
                'block' => $circuit->block === $id,
                'bank' => $feed?->supply->bank->id === $id,
                'battery' => $feed !== null && $boat->plan->bankOf($id)?->id === $feed->supply->bank->id,
                default => false,
            };
            $isNamed && $circuits[] = $circuit->on();
        }

        return $circuits;
    }
}
