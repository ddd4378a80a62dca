<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Method;

use Dinghy\Area\Rigging\Step;
use Dinghy\Network\DataNetwork;
use Dinghy\Plan\DeviceKind;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Sonar\Transducer;
use Dinghy\Sonar\TransducerMount;

/** A part at its place, by what it is. Common practice, no source; its maker's sheet comes first. */
final class Mounting
{
    public static function method(Step $step, SolvedBoat $boat): Method
    {
        [$kind, $id] = explode(':', $step->on[0], 2);
        $transducer = $kind === 'transducer' ? $boat->plan->part(DataNetwork::class)?->transducers[$id] : null;
        if ($transducer !== null) {
            return self::ofTransducer($transducer, $boat);
        }

        if (str_starts_with($step->id, 'bench:')) {
            return new Method([], ['Serial number and version written down here: the record needs them in ten years.', 'Its lead, its plugs and its screws are all in the box; pins straight.', 'On a bench supply with a small fuse: it starts, and sees the others that it is to see.', 'Newer version? Now, where the light and the line are good.'], 'No hole is drilled for what was not seen to work.');
        }

        return match ($kind) {
            'board' => str_starts_with($step->id, 'make:')
                ? new Method([], ['Parts laid out by the printed template, then screwed on.', 'Every wire that stays on the board is made, landed and labelled here, where the light is good.', 'A bright board is found in a dark locker.'])
                : new Method([], ['All of it in one piece, cables on top of each other last.', 'Where a screw would hit what is behind, tape or glue holds it.', 'Slow screws; the last turns by hand.']),
            'battery' => self::ofBattery($id, $boat),
            'bank' => new Method([], ['Beside the negative post, its studs apart from anything that is plus.', 'Every load’s minus is to land on its far side, nothing past it.']),
            'block' => new Method([], ['Where a hand finds its fuses with the lid open and the eyes shut.', 'Cover on; spare fuses beside it.']),
            'charger' => new Method([], ['On a board, with a hand’s breadth of air around it: it gets hot.', 'Its cord with a drip loop; the receptacle with its drain hole down.', 'Not above a battery that gasses.'], 'Mains: a licensed person where the local code asks for one, earth-fault protection always.'),
            'device' => self::ofDevice($boat->plan->devices[$id]->kind),
            default => new Method([], ['A tee for each device, the trunk in one line, no ring.', 'A terminator at each end and nowhere else.', 'Hand tight: keys in line first.']),
        };
    }

    private static function ofBattery(string $id, SolvedBoat $boat): Method
    {
        $kilograms = $boat->plan->batteries[$id]->kilograms;

        return new Method(
            $kilograms === null ? [] : [Method::figure('lifts', $boat->words->mass($kilograms))],
            ['On a tray that takes acid, posts where you drew them.', 'Strap tight: push at it with a knee, it does not move 25 mm (1 in).', 'Both posts covered until the first ring lands.'],
            'Two people or a hoist for what is heavy; rings and watch off before it is in reach.',
        );
    }

    private static function ofDevice(DeviceKind $kind): Method
    {
        return match ($kind) {
            DeviceKind::Motor => new Method([], ['Masking tape where it is to stand; deploy and stow it by hand over the tape first.', 'The notch of its mount aft; shaft clear of the outermost edge of the bow.', 'Washers and locking nuts, anti-seize on stainless into stainless.', 'Kick up and stow ten times: its cord slaps nothing and pulls at nothing.'], 'Its propeller may turn as soon as power is on: no plug until all else is done.'),
            DeviceKind::Display => new Method([], ['Template level where it is seen sitting and standing; look behind it before the first hole.', 'Its cables and a loop through the hole before its gasket goes on.', 'Screws by hand: the ears of its case break.']),
            DeviceKind::HeadingSensor => new Method([], ['Level, its arrow at the bow, on the centreline where it can be.', 'A metre from motors, speakers and heavy wire.', 'Screws of brass or stainless, none of steel.']),
            DeviceKind::PositionAntenna => new Method([], ['Open sky above it, no metal over it, where nobody stands.', 'A drip loop below it.']),
            DeviceKind::SonarModule, DeviceKind::NetworkHub => new Method([], ['Sockets down or to the side, so that water runs off the plugs.', 'Air around it: it gets warm. Its lights where they can be seen.']),
            default => new Method([], ['Where its maker’s sheet allows it; dry, and where a hand reaches it.', 'Slow screws; the last turns by hand. Seal every hole.']),
        };
    }

    private static function ofTransducer(Transducer $transducer, SolvedBoat $boat): Method
    {
        $figures = [];
        $transducer->belowWater === null || $figures[] = Method::figure('below water', $boat->words->short($transducer->belowWater));
        $transducer->fromPropeller === null || $figures[] = Method::figure('from the propeller', $boat->words->length($transducer->fromPropeller));

        return match ($transducer->mount) {
            TransducerMount::InHull => new Method($figures, ['Solid bottom only. Try it first in a bag of water: does it read depth there at speed?', 'Clean, coarse sand, wipe; slow epoxy on both faces.', 'Set it down, twist until no bubble is left under it, weight on it.'], 'A bubble under it is the end of its picture. Gloves: epoxy burns skin.'),
            TransducerMount::Transom => new Method($figures, ['Template level, behind smooth water, clear of strakes and of the propeller.', 'Start each hole, then to the depth stop; sealant in every one.', 'Its face a finger below the hull; kick it up by hand: it swings free.']),
            TransducerMount::Shaft, TransducerMount::LowerUnit => new Method($figures, ['Clamp snug, not tight: it must not crush the tube. Its nose forward.', 'A loop of cable that lets the motor turn and tilt fully, in spiral hose.', 'Turn it both ways to the stop: the cable goes slack, never taut.'], 'The cable clear of the propeller through the whole turn.'),
            TransducerMount::ThroughHull => new Method($figures, ['Dry fit; arrow forward; sealant on flange and thread.', 'Nut by hand and a half turn, the rest when the sealant has set.'], 'It is a hole below the waterline: look at it again before and after the first hour afloat.'),
            TransducerMount::Pole => new Method($figures, ['Clamp where it swings free of the hull and comes up.', 'Cable along the pole with hook tape, a loop at each joint.', 'Its nose where the handle points.']),
        };
    }
}
