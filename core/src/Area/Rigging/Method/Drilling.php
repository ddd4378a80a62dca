<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Method;

use Dinghy\Area\Rigging\Step;
use Dinghy\Plan\HoleMaterial;
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
        $how[] = match ($hole->material) {
            HoleMaterial::Fibreglass => 'Tape over the mark; start backwards until the gelcoat is through, then slowly forwards, with a stop on the drill.',
            HoleMaterial::Cored => 'Drill large, dig the core back, fill with thickened epoxy, let it set, drill again through the epoxy.',
            HoleMaterial::Aluminium => 'Centre punch, a drop of oil, small first; take the burr off both sides and every chip out of the bilge.',
            HoleMaterial::Plastic => 'Slowly, with little pressure and wood behind it: plastic tears as the drill comes through.',
            HoleMaterial::Wood => 'Wood behind it so that it does not split; seal the bare grain with epoxy before anything goes in.',
        };
        $how[] = match ($hole->use) {
            HoleUse::Screw => $hole->material === HoleMaterial::Fibreglass ? 'Countersink the gelcoat a little; drive the screw slowly and finish it by hand: a crunch means that it strips.' : 'Drive the screw slowly and finish it by hand.',
            HoleUse::Bolt => 'Washer both sides, locking nut; anti-seize on stainless into stainless'.($hole->material === HoleMaterial::Aluminium ? ', insulating paste where stainless touches the hull.' : '.'),
            HoleUse::Cable => 'A grommet before the first cable, a drip loop before it.',
            HoleUse::Transducer => 'Dry fit first: its cable goes through, its face stands level.',
        };
        $how[] = $hole->belowWater ? 'Polyurethane sealant on both faces; tighten until it just comes out, the rest when it has set.' : 'Bedding sealant around it.';

        return new Method(
            [Method::figure('drill', $boat->words->fine($hole->diameter, 1)), Method::figure('through', $hole->material->value), Method::figure('behind it', $hole->behind === '' ? 'nobody has looked' : $hole->behind)],
            $how,
            $hole->behind === '' ? 'Never drill where you cannot see: a tank, a tube or foam may stand behind it. Where a screw would hit it, tape or glue holds.' : 'Glasses on. Stop when the sound changes.',
        );
    }
}
