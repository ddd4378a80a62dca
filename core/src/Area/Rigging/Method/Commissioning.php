<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging\Method;

use Dinghy\Area\Rigging\Step;
use Dinghy\Network\DataNetwork;
use Dinghy\Plan\DeviceKind;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Sonar\DepthFrom;
use Dinghy\Sonar\Transducer;

/** What is set and looked at when a part has power. Common practice, no source; what a light means its maker says. */
final class Commissioning
{
    public static function method(Step $step, SolvedBoat $boat): Method
    {
        [$kind, $id] = explode(':', $step->on[0], 2);
        $network = $boat->plan->part(DataNetwork::class);
        if ($kind === 'transducer') {
            $transducer = $network?->transducers[$id];

            return $transducer === null ? new Method([], []) : self::ofTransducer($transducer, $network, $boat);
        }
        $device = $boat->plan->devices[$id];
        $lights = 'Write down each light, its colour, and what its maker’s sheet says it means.';
        $rated = $device->isMotor() ? [Method::figure('draws at most', $boat->words->amps($device->peakAmps))] : [Method::figure('draws about', $boat->words->amps($device->typicalAmps))];

        return match ($device->kind) {
            DeviceKind::Motor => new Method($rated, [$lights, 'Lowest speed first, both ways, then up: nothing gets warm.', 'Remote and pedal paired; it steers where the pedal points.', 'Its own compass calibrated on the water.'], 'Propeller clear of hands, lines and hair before the key is touched.'),
            DeviceKind::Display => new Method($rated, ['Language, units, clock.', 'Every source that is planned shows: sonar by sonar, position, heading.', 'The owner’s marks and tracks back where they were; versions written down.', 'The low-volts alarm set.']),
            DeviceKind::SonarModule => new Method($rated, [$lights, 'It is seen on every screen that is to show it.', 'Screens off: does it go off too? If not, its switch is shown to the owner.']),
            DeviceKind::NetworkHub => new Method($rated, [$lights, 'A light for each plug: count them against the plan.']),
            DeviceKind::HeadingSensor => new Method($rated, ['In open water, away from iron: slow turns, as its maker says.', 'Then steer along a known line: it reads that line.', 'Again with every motor and light on.']),
            DeviceKind::PositionAntenna => new Method($rated, ['Under open sky until it has a position; compare with a known place.']),
            default => new Method($rated, [$lights, 'It does what it is there for, and stops when its switch is off.']),
        };
    }

    private static function ofTransducer(Transducer $transducer, DataNetwork $network, SolvedBoat $boat): Method
    {
        $offset = $network->depthFrom?->offsetOf($transducer) ?? ($transducer->device === null ? null : $network->devices[$transducer->device]->depthOffset);
        $from = match ($network->depthFrom) {
            null => '',
            DepthFrom::Transducer => ', depth read from the transducer',
            DepthFrom::Surface => ', depth read from the surface',
            DepthFrom::Keel => ', depth read from the keel',
        };

        return new Method(
            $offset === null ? [] : [Method::figure('depth offset', $boat->words->short($offset))],
            [
                'In the water: a picture that holds from still to full speed.',
                'The way it looks: a hand’s turn at its mount, the picture turns with it.',
                "Lead line beside it{$from}: set the offset until both agree.",
                'Motor on, other sonars on, one by one: what puts stripes on the picture?',
            ],
            'Not out of the water for long: it heats up.',
        );
    }
}
