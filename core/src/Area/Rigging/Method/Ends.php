<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Method;

use Dinghy\Area\Rigging\Step;
use Dinghy\Kit\Line\TerminalLines;
use Dinghy\Kit\Piece\End;
use Dinghy\Solving\SolvedBoat;

/** The ends of a wire: strip, die, pull, each kind of terminal by its own method. */
final class Ends
{
    public static function method(Step $step, SolvedBoat $boat): Method
    {
        $ends = $step->piece?->madeEnds() ?? [];
        if ($ends === []) {
            return new Method([], []);
        }
        $first = $ends[0];
        $strip = $boat->words->fine($first->strip());
        $figures = [Method::figure('strip', $strip)];
        $first->die() === null || $figures[] = Method::figure('die', $first->die());
        $first->pull() === null || $figures[] = Method::figure('pull', $boat->words->thrust($first->pull()));
        $how = ['Cut it square. The sleeve goes on before anything else.'];
        foreach (array_unique(array_map(static fn (End $end): string => self::made($end, $boat), $ends)) as $made) {
            $how[] = $made;
        }
        $first->pull() === null || $how[] = 'Pull at each for a minute: '.$boat->words->thrust($first->pull()).'.';
        array_filter($ends, static fn (End $end): bool => ! $end->isSplice()) === [] || $how[] = 'Warm it until sealant shows all around; a sleeve that the crimper has pierced is cut off and made again.';

        return new Method($figures, $how, array_filter($step->needs, static fn (string $need): bool => str_starts_with($need, 'air:')) === [] ? null : 'A heat gun lights what a flame does: keep the lid open and the air moving.');
    }

    private static function made(End $end, SolvedBoat $boat): string
    {
        $strip = $boat->words->fine($end->strip());
        $at = $end->at->words;

        return match (true) {
            $end->at->connector !== null => "{$at}: strip {$strip}, crimp the contact in the {$end->die()}, push it in until it clicks: hooked over its plate, red to red. It does not come out again.",
            $end->isSplice() => "{$at}: mechanical splice, strip {$strip}, tighten to the torque on its own sheet.",
            $end->isLug() => "{$at}: ".TerminalLines::item($end).", strip {$strip}, no strand left out, crimp in the {$end->die()}.",
            default => "{$at}: ".TerminalLines::item($end).", strip {$strip} on both wires, push each to the stop, crimp both sides in the {$end->die()}.",
        };
    }
}
