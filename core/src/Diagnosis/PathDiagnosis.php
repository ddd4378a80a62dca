<?php

declare(strict_types=1);

namespace Dinghy\Diagnosis;

use Dinghy\Battery\Chemistry;
use Dinghy\Battery\RestingVoltage;
use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Metal;
use Dinghy\Conductor\Resistance;
use Dinghy\Conductor\SizingDrop;
use Dinghy\Plan\Device;
use Dinghy\Plan\LoadClass;
use Dinghy\Plan\Plan;
use Dinghy\Survey\FoundBattery;
use Dinghy\Survey\PathCheck;

/**
 * What explains the volts that a circuit loses, from readings at its battery, at its device and between: Ohm's law on
 * the path's resistance and on what the wire alone should have. Limits of what is still sound are common practice.
 */
final readonly class PathDiagnosis
{
    /**
     * Ω of the fuse, switch and terminals of a path in order: a blade fuse and holder, a switch, a connector, six
     * crimps [cp, working estimate]
     */
    private const SOUND_JOINTS = 0.006;

    /** Ω beyond that which a joint in order does not have: corroded ones have 20 to 200 mΩ [cp] */
    private const BAD_JOINT = 0.015;

    /** V that two readings of one meter can differ by with nothing between them, and half a digit */
    private const METER = 0.035;

    /**
     * V that a reading farther out may be higher by: the battery sags or recovers from one reading to the next [cp,
     * working estimate]
     */
    private const DRIFT = 0.1;

    /** V below which a plug is dead */
    private const DEAD = 1.0;

    /** How many times its usual resistance a battery may have before it is called weak */
    private const SAG = 2.5;

    /** Share of its nominal volts that a battery of unknown size may give way by */
    private const SAG_OF_NOMINAL = 0.05;

    /** Charge below which lead is too flat to be judged by, and to feed anything */
    private const FLAT = 0.3;

    /**
     * @param  Cause  $cause  what takes most
     * @param  list<PathFault>  $faults  what takes most first
     * @param  list<string>  $needs  fields of the check that would tell more
     * @param  string|null  $where  between which two measured points most is lost, whatever explains it
     */
    private function __construct(
        public PathCheck $check,
        public Cause $cause,
        public array $faults,
        public ?float $amps,
        public ?float $lost,
        public ?float $pathOhms,
        public ?float $wireOhms,
        public float $limitVolts,
        public array $needs,
        public ?string $where,
    ) {
    }

    public static function of(PathCheck $check, Plan $plan): self
    {
        $device = self::deviceOf($check, $plan);
        $amps = $check->amps ?? ($device === null ? null : self::ampsOf($device, $check));
        // A path to nobody knows what is held to the strictest limit.
        $limit = $plan->houseRules->dropLimit($device === null ? LoadClass::Electronics : $plan->classOf($device)) / 100 * $check->nominalVolts;
        $plain = self::plainFault($check);
        if ($plain !== null) {
            $lost = $check->batteryLoaded === null || $check->deviceLoaded === null || $plain->cause !== Cause::Interrupted
                ? null
                : $plain->volts;

            return new self($check, $plain->cause, [$plain], $amps, $lost, null, null, $limit, [], $plain->where);
        }
        if (self::contradicts($check)) {
            return new self($check, Cause::Contradictory, [], $amps, null, null, null, $limit, [], null);
        }
        $needs = self::needs($check, $amps);
        $wire = $check->length === null || $check->gauge === null ? null
            : 2 * $check->length * Resistance::perMetre(
                $check->gauge,
                $check->metal,
                $plan->houseRules->conductorCelsius,
            );
        $lost = $check->batteryLoaded === null || $check->deviceLoaded === null ? null : max(
            0.0,
            $check->batteryLoaded - $check->deviceLoaded,
        );
        $atRest = $check->batteryAtRest === null || $check->deviceAtRest === null
            ? 0.0
            : $check->batteryAtRest - $check->deviceAtRest;
        // What is lost before the device draws is not its doing; amps measured in the path hold whatever else draws as well.
        $before = $check->amps === null && $atRest > self::METER ? $atRest : 0.0;
        $path = $lost === null || $amps === null ? null : max(0.0, $lost - $before) / $amps;
        $where = $lost === null || $lost <= self::METER ? null
            : LossPlace::of(
                $check,
                (float) $check->batteryLoaded,
                (float) $check->deviceLoaded,
                ($wire ?? 0.0) * ($amps ?? 0.0),
            );
        $joint = self::joint($path, $wire, $amps, $where);
        $faults = array_values(array_filter([
            $joint,
            self::thinWire($check, $plan, $path, $wire, $amps, $limit, $joint === null),
            self::weakBattery($check, $plan, $amps),
            // Whatever it loses: it corrodes at every joint. Told last, since it takes nothing by itself.
            $check->metal->isCopper() ? null : new PathFault(Cause::WrongMetal, 0.0),
            $atRest <= self::METER ? null : new PathFault(
                Cause::AlreadyLoaded,
                $atRest,
                amps: $path === null || $path <= 0.0 ? null : $atRest / $path,
            ),
        ]));
        usort($faults, static fn (PathFault $a, PathFault $b): int => $b->volts <=> $a->volts);
        $cause = match (true) {
            $faults !== [] => $faults[0]->cause,
            $lost !== null && $lost <= $limit + self::METER => Cause::NothingWrong,
            // Too much is lost, and without gauge, length or amps nobody can say whether it is wire or joint.
            default => Cause::Unknown,
        };

        return new self($check, $cause, $faults, $amps, $lost, $path, $wire, $limit, $needs, $where);
    }

    private static function deviceOf(PathCheck $check, Plan $plan): ?Device
    {
        return $check->device === null ? null : $plan->devices[$check->device] ?? null;
    }

    /** What its maker says that the device draws, at the volts that it was measured at. */
    private static function ampsOf(Device $device, PathCheck $check): ?float
    {
        if ($device->typicalAmps <= 0) {
            return null;
        }

        return $check->deviceLoaded === null || $check->deviceLoaded < self::DEAD ? $device->typicalAmps
            : $device->load->ampsAt($check->deviceLoaded, $device->typicalAmps, $check->nominalVolts);
    }

    /** What any meter shows at once: plus and minus swapped, or nothing arriving. */
    private static function plainFault(PathCheck $check): ?PathFault
    {
        foreach ([$check->batteryLoaded, $check->deviceLoaded, $check->batteryAtRest, $check->deviceAtRest] as $volts) {
            if ($volts !== null && $volts < -self::DEAD) {
                return new PathFault(Cause::WrongWayRound, 0.0);
            }
        }
        $isLoaded = $check->batteryLoaded !== null && $check->deviceLoaded !== null;
        // A device that reads nothing at rest and its volts when it is on was only switched off.
        [$battery, $device] = $isLoaded ? [$check->batteryLoaded, $check->deviceLoaded] : [
            $check->batteryAtRest,
            $check->deviceLoaded ?? $check->deviceAtRest,
        ];
        if ($battery === null || $device === null || $battery <= self::DEAD || $device >= self::DEAD) {
            return null;
        }

        return new PathFault(
            Cause::Interrupted,
            $battery - $device,
            where: $isLoaded ? LossPlace::of($check, $battery, $device, 0.0) : null,
        );
    }

    /** Whether volts rise from the battery outward, as they cannot. */
    private static function contradicts(PathCheck $check): bool
    {
        $before = $check->batteryLoaded;
        foreach ([...array_column($check->between, 'volts'), $check->deviceLoaded] as $volts) {
            if ($before !== null && $volts !== null && $volts > $before + self::DRIFT) {
                return true;
            }
            $before = $volts ?? $before;
        }

        return $check->batteryAtRest !== null && $check->deviceAtRest !== null && $check->deviceAtRest > $check->batteryAtRest + self::DRIFT;
    }

    /** @return list<string> */
    private static function needs(PathCheck $check, ?float $amps): array
    {
        return array_keys(array_filter([
            'battery_loaded_v' => $check->batteryLoaded === null,
            'device_loaded_v' => $check->deviceLoaded === null,
            'battery_rest_v' => $check->batteryAtRest === null,
            'amps_a' => $amps === null,
            'length_m' => $check->length === null,
            'gauge' => $check->gauge === null,
        ]));
    }

    private static function joint(?float $path, ?float $wire, ?float $amps, ?string $where): ?PathFault
    {
        if ($path === null || $wire === null || $amps === null) {
            return null;
        }
        $excess = $path - $wire - self::SOUND_JOINTS;
        // What the meter and the wire's own tolerance can be wrong by.
        $doubt = self::METER / $amps + 0.08 * $wire;
        if ($excess <= max(self::BAD_JOINT, $doubt)) {
            return null;
        }

        return new PathFault(
            Cause::BadJoint,
            $excess * $amps,
            ohms: $excess,
            watts: $excess * $amps ** 2,
            where: $where,
        );
    }

    /** @param  bool  $isSound  no joint is bad: what they lose together is the wire's to make up for */
    private static function thinWire(
        PathCheck $check,
        Plan $plan,
        ?float $path,
        ?float $wire,
        ?float $amps,
        float $limit,
        bool $isSound,
    ): ?PathFault {
        if ($wire === null || $amps === null) {
            return null;
        }
        $joints = $isSound && $path !== null ? max(0.0, $path - $wire) * $amps : 0.0;
        if ($wire * $amps <= $limit && $wire * $amps + $joints <= $limit + self::METER) {
            return null;
        }

        return new PathFault(
            Cause::ThinWire,
            $wire * $amps,
            mends: self::mends($check, $plan, $amps, max(0.0, $limit - $joints)),
        );
    }

    /** The thinnest gauge in stock whose drop stays within so many volts, of the copper that a new run is made of. */
    private static function mends(PathCheck $check, Plan $plan, float $amps, float $within): ?Gauge
    {
        foreach ($plan->houseRules->stock as $gauge) {
            if (SizingDrop::volts($gauge, Metal::TinnedCopper, $amps, (float) $check->length, $plan->houseRules->conductorCelsius) <= $within) {
                return $gauge;
            }
        }

        return null;
    }

    private static function weakBattery(PathCheck $check, Plan $plan, ?float $amps): ?PathFault
    {
        $found = $check->battery === null ? null : $plan->survey->batteries[$check->battery] ?? null;
        $chemistry = $found->chemistry ?? Chemistry::Flooded;
        $charge = $check->batteryAtRest === null ? null : RestingVoltage::stateOfCharge(
            $chemistry,
            $check->batteryAtRest,
            $check->nominalVolts,
        );
        $sag = $check->batteryAtRest === null || $check->batteryLoaded === null ? 0.0 : max(
            0.0,
            $check->batteryAtRest - $check->batteryLoaded,
        );
        $sound = self::soundSag($found, $check, $amps);
        if ($sag > max($sound, self::METER) || ($charge !== null && $charge < self::FLAT)) {
            return new PathFault(
                Cause::WeakBattery,
                max(
                    $sag,
                    (RestingVoltage::at(
                        $chemistry,
                        1.0,
                        $check->nominalVolts,
                    ) ?? $check->nominalVolts) - (float) $check->batteryAtRest,
                ),
            );
        }

        return null;
    }

    /** @return float V that a sound battery may give way by */
    private static function soundSag(?FoundBattery $found, PathCheck $check, ?float $amps): float
    {
        $typical = $found?->usualResistance();

        return $typical === null || $amps === null
            ? self::SAG_OF_NOMINAL * $check->nominalVolts
            : self::SAG * $typical * $amps + self::METER;
    }
}
