<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Method;

use Dinghy\Area\Rigging\MeterState;
use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\StepKind;
use Dinghy\Solving\SolvedBoat;

/** Ohms before power, power, volts after it. Common practice, no source. */
final class Powering
{
    public static function method(Step $step, SolvedBoat $boat): Method
    {
        if ($step->kind === StepKind::Energise) {
            $rating = ($boat->runs[explode(':', $step->on[0])[1]] ?? null)?->lastRating();

            return new Method(
                $rating === null ? [] : [Method::figure('fuse or breaker', $boat->words->amps($rating))],
                ['Read what is printed on it: that figure, no other.', 'A lamp or a small fuse in its place first: bright means a short behind it.', 'Then the right one, and a hand’s breadth away while it closes.'],
                'A fuse larger than this one lets the wire burn before it opens.',
            );
        }
        if (str_starts_with($step->on[0], 'backbone:')) {
            return new Method([Method::figure('ohms', '60 Ω')], ['Between the two data lines, nothing powered: two terminators of 120 Ω side by side.', '120 Ω: one is missing. 40 Ω: one too many. Nothing: the trunk is open.']);
        }

        if ($step->on === ['plan']) {
            return match ($step->id) {
                'leakage' => new Method([], ['Volts, 200 V range: between each bank’s plus and bare metal of the hull, then its minus.', 'Where minus is joined to the hull, as at most outboards, plus reads the battery’s volts: that is right.', 'Where nothing joins them, both read next to nothing.'], 'In volts alone: where minus is joined, a meter in amps is a short across the battery.'),
                'leakage:ohms' => new Method([Method::figure('ohms', 'open')], ['Only where no volts were read between the two.', 'Minus of the bank to bare metal of the hull: open, 10 kΩ at the least.'], 'Never in ohms across what shows volts.'),
                default => new Method([Method::figure('no more than', '1 mA')], ['Only because no bank shows volts to the hull.', 'Milliamps, red in its own jack; everything switched on.', 'Between the bank’s plus and bare metal of the hull: current means that a minus touches it.', 'Between its minus and the hull: current means that a plus does.'], 'A meter in amps is a short: never across the battery.'),
            };
        }

        return match ($step->state) {
            MeterState::Off => new Method([Method::figure('ohms', 'open')], ['Everything behind it unplugged.', 'Plus to minus: open, or what hangs on it and is known.', ...$boat->plan->boat->hull?->isMetal() === true ? ['Plus to bare metal of the hull: open.'] : []], 'Near nothing means a short: no power until it is found.'),
            MeterState::Rest => new Method([], ['Volts at the far end, plus to minus, with nothing drawn: what the bank shows.', 'Red on plus: a minus in front of the figure means that they are swapped.']),
            default => new Method([], ['The device on, or a load of known amps in its place.', 'Volts at the battery and at the device: the difference is what the way eats.'], 'A motor’s propeller is clear of hands and lines before it turns.'),
        };
    }
}
