<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Method;

use Dinghy\Area\Rigging\Rule\NegativesLast;
use Dinghy\Area\Rigging\Step;
use Dinghy\Kit\Piece\EndKind;
use Dinghy\Plan\StudSize;
use Dinghy\Solving\SolvedBoat;

/** One conductor onto one post. Common practice, no source. */
final class Landing
{
    public static function method(Step $step, SolvedBoat $boat): Method
    {
        $end = $step->end;
        $stud = $end === null ? null : $end->at->stud;
        $figures = [];
        if ($stud !== null) {
            $figures[] = Method::figure('spanner', StudSize::wrench($stud));
            $figures[] = Method::figure('stud', $stud);
            $figures[] = Method::figure('torque', 'by its maker');
        }
        $step->piece === null || $figures[] = Method::figure('wire', $step->piece->stock->label());
        $how = match ($end?->at->kind) {
            EndKind::Ring => ['The ring flat on the post, the largest ring lowest, nothing under it but metal.', 'A nut, never a wing nut: spanner tight, to the torque of the post’s maker. Turn the ring: it does not move.', 'Mark nut and stud with a line of paint.'],
            EndKind::Spade => ['Push it on to the stop, straight; pull: it stays.'],
            EndKind::Butt, EndKind::StepDown => ['Label to label, plus to plus; the joint is made and shrunk already.'],
            EndKind::None => ['Into its own terminal, to the stop; pull: it stays.'],
            default => ['The lead that came with it, by its own sheet.', 'Spanner tight; turn the ring: it does not move.'],
        };
        $isPlus = $step->post !== null && str_ends_with($step->post, '+');
        $isPlus && $how[] = 'Boot over the post at once.';
        $how[] = 'A loop of slack, held so that the wire pulls at nothing.';
        $caution = match (true) {
            $step->hold instanceof NegativesLast => 'This closes the circuit. A spark means that something is on, or wrong: take it off and look.',
            $step->post !== null => 'Rings off. One hand, one insulated tool, one post. The other end stays covered until it is landed.',
            default => null,
        };

        return new Method($figures, $how, $caution);
    }
}
