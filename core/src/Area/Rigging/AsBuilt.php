<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

use Dinghy\File\Patch;
use Dinghy\File\TypedQuantity;
use Dinghy\Proposal\ProposalRefused;
use Dinghy\Quantity\Units;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Wiring\SizedRun;

/** What turned out otherwise than planned, said at the step, as the change of the plan that it is. */
enum AsBuilt: string
{
    case Longer = 'longer';
    case Shorter = 'shorter';
    case Gauge = 'gauge';
    case Fuse = 'fuse';

    /** @return list<self> what can be said at a step */
    public static function at(Step $step, SolvedBoat $boat): array
    {
        $run = self::runOf($step, $boat);
        if ($run === null) {
            return [];
        }

        return match ($step->kind) {
            StepKind::Label => [self::Gauge],
            StepKind::Pull => $run->length === null ? [self::Gauge] : [self::Longer, self::Shorter, self::Gauge],
            StepKind::Terminate => [self::Gauge],
            StepKind::Energise => $run->protection === [] ? [] : [self::Fuse],
            default => [],
        };
    }

    /**
     * @param  string  $typed  m more or less than planned, a gauge, or A
     *
     * @throws ProposalRefused|\Dinghy\File\QuantityRefused
     */
    public function patch(Step $step, SolvedBoat $boat, string $typed, Units $units): Patch
    {
        $run = self::runOf($step, $boat);
        if ($run?->circuit === null || ! in_array($this, self::at($step, $boat), true)) {
            throw ProposalRefused::because('at this step nothing of the kind can be said.');
        }
        if (trim($typed) === '') {
            throw ProposalRefused::because('it has to be said how it is.');
        }
        $on = $run->circuit->on();

        return match ($this) {
            // It does not lie where the plan has it: which way it went instead nobody has said.
            self::Longer, self::Shorter => Patch::change($on, ['run.length_m' => $this->length($run, $typed, $units)], $run->circuit->run->route === null ? [] : ['run.route']),
            self::Gauge => Patch::set($on, ['run.gauge' => TypedQuantity::read('run.gauge', $typed, $units)]),
            self::Fuse => Patch::set($on, [$run->ratingField(count($run->protection) - 1) => TypedQuantity::read('rating_a', $typed, $units)]),
        };
    }

    /** @throws ProposalRefused|\Dinghy\File\QuantityRefused */
    private function length(SizedRun $run, string $typed, Units $units): float
    {
        $more = TypedQuantity::read('run.length_m', $typed, $units);
        $length = round(($run->length ?? 0.0) + ($this === self::Longer ? 1 : -1) * (is_float($more) ? $more : 0.0), 2);

        return $length > 0 ? $length : throw ProposalRefused::because('the run is not as long as that: it cannot be so much shorter.');
    }

    private static function runOf(Step $step, SolvedBoat $boat): ?SizedRun
    {
        [$kind, $id] = explode(':', $step->on[0] ?? '', 2) + ['', ''];

        return $kind === 'feed' || $kind === 'branch' ? $boat->runs[$id] ?? null : null;
    }
}
