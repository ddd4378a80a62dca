<?php

declare(strict_types=1);

namespace Dinghy\Diagnosis;

use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Survey\PointBetween;

/** What a path check found, and what mends it, as a rigger would say it. */
final class PathWords
{
    private const READINGS = [
        'battery_loaded_v' => 'volts at the battery, loaded',
        'device_loaded_v' => 'volts at the device, loaded',
        'battery_rest_v' => 'volts at the battery, at rest',
        'amps_a' => 'amps',
        'length_m' => 'length',
        'gauge' => 'gauge',
    ];

    public static function of(PathDiagnosis $diagnosis, QuantityFormatter $words): string
    {
        $readings = $diagnosis->lost === null
            ? ''
            : "{$words->volts($diagnosis->lost)} are lost between battery and device"
            .($diagnosis->amps === null ? '' : " at {$words->amps($diagnosis->amps)}").'. ';
        $found = match ($diagnosis->cause) {
            Cause::NothingWrong => 'Nothing is wrong with this path.',
            Cause::Contradictory => 'Volts rise on the way to the device, which they cannot: readings were swapped, or taken while the battery was charged. Measure again, one right after the other.',
            Cause::Unknown => ($diagnosis->where === null ? '' : "Most of it between {$diagnosis->where}: look there first. ")
                .'To tell what it is, still to be measured: '.self::listed($diagnosis).'.',
            default => implode(
                ' ',
                array_map(
                    static fn (PathFault $fault): string => self::fault($fault, $diagnosis, $words),
                    $diagnosis->faults,
                ),
            ),
        };

        return $readings.$found;
    }

    /** What was measured, from the battery outward. */
    public static function readings(PathDiagnosis $diagnosis, QuantityFormatter $words): string
    {
        $check = $diagnosis->check;
        $at = static fn (string $place, ?float $rest, ?float $loaded): string => $rest === null && $loaded === null
            ? ''
            : "{$place} ".implode(', ', array_filter([
                $rest === null ? '' : "{$words->volts($rest)} at rest", $loaded === null ? '' : "{$words->volts($loaded)} loaded",
            ]));
        $measured = array_filter([
            $at('battery', $check->batteryAtRest, $check->batteryLoaded),
            ...array_map(
                static fn (PointBetween $point): string => $at($point->name.($point->along === null ? '' : " ({$words->length($point->along)})"),
                    null,
                    $point->volts,
                ), $check->between),
            $at('device', $check->deviceAtRest, $check->deviceLoaded),
            $diagnosis->amps === null ? '' : $words->amps($diagnosis->amps).($check->amps === null ? ' by its maker’s figure' : ''),
            $check->length === null ? '' : "{$words->length($check->length)} one way",
            $check->gauge === null ? '' : (string) $check->gauge,
        ]);

        return $measured === [] ? 'Nothing was measured yet.' : ucfirst(implode('; ', $measured)).'.';
    }

    public static function remedy(PathFault $fault, QuantityFormatter $words): string
    {
        return match ($fault->cause) {
            Cause::ThinWire => 'Run a direct fused feed'.($fault->mends === null ? ' of a heavier gauge than the shop has in stock.' : " of {$fault->mends}."),
            Cause::BadJoint => 'Run a direct fused feed from the battery past the old joints, or clean and renew them one by one'.($fault->where === null ? '.' : ", those between {$fault->where} first."),
            Cause::WeakBattery => 'Charge it fully and measure again after a rest; replace it if it sags again.',
            Cause::AlreadyLoaded => 'Pull the fuses of everything else on this wire one by one until the volts at rest are equal, and measure again; a direct fused feed leaves it behind.',
            Cause::WrongMetal => 'Run a direct fused feed of tinned copper.',
            Cause::Interrupted => 'Measure each fuse, then each joint'.($fault->where === null ? ' from the battery outward' : " between {$fault->where}").'; a direct fused feed leaves them behind.',
            Cause::WrongWayRound => 'Swap plus and minus at the plug before anything is plugged in.',
            Cause::NothingWrong, Cause::Contradictory, Cause::Unknown => '',
        };
    }

    /**
     * What to measure next to come nearer to a fault that lies in one place: common practice; null: nothing more is to
     * be told by measuring.
     */
    public static function next(PathDiagnosis $diagnosis): ?string
    {
        if ($diagnosis->cause !== Cause::BadJoint && $diagnosis->cause !== Cause::Interrupted) {
            return null;
        }

        return $diagnosis->where === null
            ? 'Measure next, with the device on: the volts halfway, at the fuse or the switch. They halve where to look.'
            : "Measure next, with the device on: from plus to plus between {$diagnosis->where}, then from minus to minus. The side that shows volts has the joint.";
    }

    /** What a fault comes to, in figures alone; null: it has none. */
    public static function figures(PathFault $fault, QuantityFormatter $words): ?string
    {
        return match ($fault->cause) {
            Cause::BadJoint => "{$words->milliohms($fault->ohms ?? 0.0)}, {$words->volts($fault->volts)}, ".QuantityFormatter::trim($fault->watts ?? 0.0, 1).' W',
            Cause::ThinWire, Cause::WeakBattery => $words->volts($fault->volts),
            Cause::AlreadyLoaded => $fault->amps === null ? $words->volts($fault->volts) : "{$words->volts($fault->volts)}, {$words->amps(round($fault->amps, 1))} at least",
            Cause::NothingWrong, Cause::WrongMetal, Cause::Interrupted, Cause::WrongWayRound, Cause::Contradictory, Cause::Unknown => null,
        };
    }

    private static function listed(PathDiagnosis $diagnosis): string
    {
        return implode(', ', array_map(static fn (string $field): string => self::READINGS[$field], $diagnosis->needs));
    }

    private static function fault(PathFault $fault, PathDiagnosis $diagnosis, QuantityFormatter $words): string
    {
        $where = $fault->where === null ? '' : " It sits between {$fault->where}.";

        return match ($fault->cause) {
            Cause::ThinWire => ($fault->volts > $diagnosis->limitVolts
                ? "The wire is too thin: {$diagnosis->check->gauge} alone loses {$words->volts($fault->volts)}, the limit is {$words->volts($diagnosis->limitVolts)}"
                : "The wire is too thin for what its joints lose: {$diagnosis->check->gauge} loses {$words->volts($fault->volts)} of it, and the limit for all is {$words->volts($diagnosis->limitVolts)}")
                .($fault->mends === null ? '.' : "; {$fault->mends} would do."),
            Cause::BadJoint => "A bad joint of {$words->milliohms($fault->ohms ?? 0.0)} takes {$words->volts($fault->volts)} and heats with ".QuantityFormatter::trim($fault->watts ?? 0.0, 1).' W.'.$where,
            Cause::WeakBattery => "The battery is weak: it gives way by {$words->volts($fault->volts)}.",
            Cause::AlreadyLoaded => "With the device off {$words->volts($fault->volts)} are lost already: something else draws"
                .($fault->amps === null ? '' : " at least {$words->amps(round($fault->amps, 1))}").' through this path.',
            Cause::WrongMetal => "Its wire is {$diagnosis->check->metal->label()}, which has no place on a boat: more resistance, and it corrodes at every joint.",
            Cause::Interrupted => 'The path is interrupted: nothing arrives.'.$where,
            Cause::WrongWayRound => 'Plus and minus are swapped.',
            Cause::NothingWrong, Cause::Contradictory, Cause::Unknown => '',
        };
    }
}
