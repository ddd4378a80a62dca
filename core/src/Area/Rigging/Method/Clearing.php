<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Method;

use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\StepKind;

/** What is done before anything new: pictures, making safe, old wire out, posts cleaned. Common practice, no source. */
final class Clearing
{
    public static function method(Step $step): Method
    {
        return match ($step->kind) {
            StepKind::Photograph => str_starts_with($step->id, 'photograph:marks:') ? new Method([], ['Marks, tracks and routes to a card; then another copy off the card.', 'Open the file on another screen or at the desk: it has to open, and to have the owner’s own names in it.', 'The page with its versions, photographed.'], 'An update or a reset takes an owner’s marks of twenty years.') : new Method([], ['The whole place first, then each post close up, so that every ring can be told.', 'Labels and fuses so that they can be read.']),
            StepKind::MakeSafe => str_starts_with($step->on[0] ?? '', 'charger:')
                ? new Method([], ['Pull the plug at the wall, not at the charger.', 'Hang the plug where you see it from the boat.'], 'A charger that wakes up puts its volts on the wires in your hands.')
                : new Method([], ['Open every breaker and switch of the bank, take its fuses out.', 'Lift the load negative, cap it and tie it back.', 'Then read between plus and the boat’s minus: nothing.'], 'Rings, watch and chain off. One hand, one tool, one post. A short across a battery welds the tool to it.'),
            StepKind::StripOut => new Method([], [
                'A live point, the conductor, the live point again: then it is dead.',
                'Before it goes: does it lie where the new one is to lie? Then tie the new one to it, or a cord.',
                'Breakers and fuses are changed one at a time, so that no wire is swapped.',
                'A nicked sheath that stays gets adhesive sleeve over the nick.',
            ], 'Nothing is cut that was not proven dead, and nothing is cut to find out what it is.'),
            default => str_starts_with($step->id, 'air:') ? new Method([], ['Lids open, a fan where there is one, a quarter of an hour.', 'A cover over every battery; nothing that sparks beside it.', 'Petrol: hose off, tank shut, no smell left.', 'Better still: make the ends outside and bring them in.'], 'Vapour of petrol lies at the bottom and lights at a heat gun.') : new Method([], ['Sand the rings bright that stay; rings that are green under the sleeve are cut off.', 'Brush the posts, rinse acid with soda and water, dry.', 'Contact cleaner into switches that stay.'], 'Gloves and glasses: what grows on a post is acid. No flame, no spark: gas stands over batteries.'),
        };
    }
}
