<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\Area\Rigging\Rule\HullVolts;
use Dinghy\Area\Rigging\Rule\IsolationRead;
use Dinghy\Area\Rigging\Rule\LeakageRead;
use Dinghy\Circuit\State;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Post;
use Dinghy\Solving\SolvedBoat;

/** A metal hull, once everything has power: volts to it first; then what flows to it, or the ohms of what is not joined to it. */
final class HullSteps
{
    /**
     * @param  list<Step>  $work
     * @return list<Step>
     */
    public static function of(SolvedBoat $boat, array $work): array
    {
        $powered = array_values(array_filter($work, static fn (Step $step): bool => $step->state === MeterState::Loaded));
        if ($powered === [] || $boat->plan->boat->hull?->isMetal() !== true) {
            return [];
        }
        $banks = array_map(static fn (Bank $bank): array => ['name' => $bank->label(), 'volts' => $bank->nominalVolts(), 'joined' => self::isJoined($boat, $bank)], array_values($boat->plan->banks));
        $volts = new Step('leakage', StepKind::Meter, 'Volts to the hull, plus and minus of each bank, with everything on.', ['plan'], array_map(static fn (Step $step): string => $step->id, $powered), hold: new HullVolts($banks), state: MeterState::Loaded);
        $isolated = array_values(array_filter($banks, static fn (array $bank): bool => $bank['joined'] === false));
        if (count($isolated) === count($banks)) {
            return [$volts, new Step('leakage:amps', StepKind::Meter, 'What flows to the hull: plus to hull, minus to hull, with everything on.', ['plan'], [$volts->id], hold: new LeakageRead, state: MeterState::Loaded)];
        }

        return $isolated === [] ? [$volts] : [$volts, new Step('leakage:ohms', StepKind::Meter, 'Ohms to the hull of what is not joined to it.', ['plan'], [$volts->id], hold: new IsolationRead(array_column($isolated, 'name')), state: MeterState::Loaded)];
    }

    /** @return bool|null whether a bank's minus is joined to the hull; null: something is, and nobody has said which */
    private static function isJoined(SolvedBoat $boat, Bank $bank): ?bool
    {
        $engine = $boat->plan->boat->engine;
        if ($engine?->joinsHull !== true) {
            return $boat->plan->boat->hullJoins === '' ? false : null;
        }

        return $boat->states->network(State::Rest)->topology->joins(Post::minus($engine->battery)->name, $bank->negativePost()->name);
    }
}
