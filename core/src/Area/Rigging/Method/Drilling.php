<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Method;

use Dinghy\Area\Rigging\Step;
use Dinghy\Drilling\HoleAdvice;
use Dinghy\Plan\HoleUse;
use Dinghy\Solving\SolvedBoat;

/** A hole, by what it goes through and what it is for. Common practice, no source. */
final class Drilling
{
    public static function method(Step $step, SolvedBoat $boat): Method
    {
        $hole = $boat->plan->holes[explode(':', $step->on[0])[1]];
        $how = ['Look behind it: with a hand, a mirror, a small camera through a hole that is there.'];
        $hole->use === HoleUse::Transducer && $how[] = 'Tape its template on, level, and mark through it.';
        $how[] = HoleAdvice::drill($hole);
        $how[] = match ($hole->use) {
            HoleUse::Screw => 'Every screw hole is sealed, above the waterline too.',
            HoleUse::Bolt => 'Washer both sides, locking nut; anti-seize on stainless into stainless.',
            HoleUse::Cable => 'A grommet before the first cable, a drip loop before it.',
            HoleUse::Transducer => 'Dry fit first: its cable goes through, its face stands level.',
        };
        $how[] = HoleAdvice::sealant($hole);

        return new Method(
            [Method::figure('drill', $boat->words->fine($hole->diameter, 1)), Method::figure('through', $hole->material->value), Method::figure('behind it', $hole->behind === '' ? 'nobody has looked' : $hole->behind)],
            $how,
            $hole->behind === '' ? 'Never drill where you cannot see: a tank, a tube or foam may stand behind it. Where a screw would hit it, tape or glue holds.' : 'Glasses on. Stop when the sound changes.',
        );
    }
}
