<?php

declare(strict_types=1);

namespace Dinghy\Diagnosis;

use Dinghy\Battery\Chemistry;
use Dinghy\Battery\RestingVoltage;
use Dinghy\Conductor\Gauge;
use Dinghy\Conductor\Resistance;
use Dinghy\Conductor\SizingDrop;
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
    /** Ω of the fuse, switch and terminals of a path in order: a blade fuse and holder, a switch, a connector, six crimps [cp, working estimate] */
    private const SOUND_JOINTS = 0.006;

    /** Ω beyond that which a joint in order does not have: corroded ones have 20 to 200 mΩ [cp] */
    private const BAD_JOINT = 0.015;

    /** V that two readings of one meter can differ by with nothing between them */
    private const METER = 0.03;

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
     * @param  list<string>  $needs  readings that would tell more
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
    ) {
    }

    public static function of(PathCheck $check, Plan $plan): self
    {
        $device = $check->device === null ? null : $plan->devices[$check->device] ?? null;
        $amps = $check->amps ?? ($device !== null && $device->typicalAmps > 0 ? $device->typicalAmps : null);
        $limit = $plan->houseRules->dropLimit(LoadClass::Electronics) / 100 * $check->nominalVolts;
        $needs = self::needs($check, $amps);
        [$battery, $atDevice] = [$check->batteryLoaded, $check->deviceLoaded];
        if ($battery !== null && $battery < -self::DEAD || $atDevice !== null && $atDevice < -self::DEAD) {
            return new self($check, Cause::WrongWayRound, [new PathFault(Cause::WrongWayRound, 0.0)], $amps, null, null, null, $limit, []);
        }
        if ($battery !== null && $atDevice !== null && $atDevice < self::DEAD && $battery > self::DEAD) {
            $fault = new PathFault(Cause::Interrupted, $battery - $atDevice, where: self::where($check, $battery, $atDevice, null, 0.0));

            return new self($check, Cause::Interrupted, [$fault], $amps, $battery - $atDevice, null, null, $limit, []);
        }
        $wire = $check->length === null || $check->gauge === null ? null
            : 2 * $check->length * Resistance::perMetre($check->gauge, $check->metal, $plan->houseRules->conductorCelsius);
        $lost = $battery === null || $atDevice === null ? null : max(0.0, $battery - $atDevice);
        $path = $lost === null || $amps === null ? null : $lost / $amps;
        $faults = array_values(array_filter([
            self::joint($check, $path, $wire, $amps),
            self::thinWire($check, $plan, $wire, $amps, $limit),
            self::weakBattery($check, $plan, $amps),
        ]));
        usort($faults, static fn (PathFault $a, PathFault $b): int => $b->volts <=> $a->volts);
        $cause = match (true) {
            $faults !== [] => $faults[0]->cause,
            $lost === null => Cause::Unknown,
            $lost <= $limit + self::METER => Cause::NothingWrong,
            // Too much is lost, and without gauge, length or amps nobody can say whether it is wire or joint.
            default => Cause::Unknown,
        };

        return new self($check, $cause, $faults, $amps, $lost, $path, $wire, $limit, $needs);
    }

    /** @return list<string> */
    private static function needs(PathCheck $check, ?float $amps): array
    {
        return array_keys(array_filter([
            'volts at the battery, loaded' => $check->batteryLoaded === null,
            'volts at the device, loaded' => $check->deviceLoaded === null,
            'volts at the battery, at rest' => $check->batteryAtRest === null,
            'amps' => $amps === null,
            'length' => $check->length === null,
            'gauge' => $check->gauge === null,
        ]));
    }

    private static function joint(PathCheck $check, ?float $path, ?float $wire, ?float $amps): ?PathFault
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

        return new PathFault(Cause::BadJoint, $excess * $amps, $excess, $excess * $amps ** 2, where: self::where($check, (float) $check->batteryLoaded, (float) $check->deviceLoaded, $wire, $amps));
    }

    private static function thinWire(PathCheck $check, Plan $plan, ?float $wire, ?float $amps, float $limit): ?PathFault
    {
        if ($wire === null || $amps === null || $wire * $amps <= $limit) {
            return null;
        }
        $mends = null;
        foreach ($plan->houseRules->stock as $gauge) {
            if (SizingDrop::volts($gauge, $check->metal, $amps, (float) $check->length) <= $limit) {
                $mends = $gauge;

                break;
            }
        }

        return new PathFault(Cause::ThinWire, $wire * $amps, mends: $mends);
    }

    private static function weakBattery(PathCheck $check, Plan $plan, ?float $amps): ?PathFault
    {
        $found = $check->battery === null ? null : $plan->survey->batteries[$check->battery] ?? null;
        $chemistry = $found->chemistry ?? Chemistry::Flooded;
        $charge = $check->batteryAtRest === null ? null : RestingVoltage::stateOfCharge($chemistry, $check->batteryAtRest, $check->nominalVolts);
        $sag = $check->batteryAtRest === null || $check->batteryLoaded === null ? 0.0 : max(0.0, $check->batteryAtRest - $check->batteryLoaded);
        $sound = self::soundSag($found, $check, $amps);
        if ($sag > max($sound, self::METER) || ($charge !== null && $charge < self::FLAT)) {
            return new PathFault(Cause::WeakBattery, max($sag, (RestingVoltage::at($chemistry, 1.0, $check->nominalVolts) ?? $check->nominalVolts) - (float) $check->batteryAtRest));
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

    /** The stretch between two measured points that loses most beyond its share of the wire; null: nothing was measured between. */
    private static function where(PathCheck $check, float $battery, float $device, ?float $wire, float $amps): ?string
    {
        if ($check->between === []) {
            return null;
        }
        $points = [['the battery', $battery, 0.0]];
        foreach ($check->between as $point) {
            $points[] = [$point->name, $point->volts, $point->along];
        }
        $points[] = ['the device', $device, $check->length];
        $worst = null;
        $most = -INF;
        for ($i = 1; $i < count($points); $i++) {
            [$nameA, $voltsA, $alongA] = $points[$i - 1];
            [$nameB, $voltsB, $alongB] = $points[$i];
            // Where distances are not known the stretches share the wire evenly.
            $share = $alongA === null || $alongB === null || $check->length === null ? 1 / (count($points) - 1) : ($alongB - $alongA) / $check->length;
            $lost = $voltsA - $voltsB - $share * ($wire ?? 0.0) * $amps;
            if ($lost > $most) {
                [$most, $worst] = [$lost, "{$nameA} and {$nameB}"];
            }
        }

        return $worst;
    }
}
