<?php

declare(strict_types=1);

namespace Dinghy\Mounting;

use Dinghy\Evaluation\Evaluation;
use Dinghy\Plan\DeviceKind;
use Dinghy\Plan\Spot;
use Dinghy\Rule\HeadingSensorPlace;

/** Whether a part stands where it may: heading sensors and antennas (N05, N06), batteries beside petrol (B24), as the rulebook says. */
final readonly class PlaceCheck
{
    /**
     * @param  bool|null  $good  null: something is not known yet
     * @param  Spot|null  $at  of a device; null: nobody has said
     * @param  float|null  $clear  m that are kept free around it
     */
    private function __construct(
        public string $on,
        public string $label,
        public string $asks,
        public ?bool $good,
        public string $says,
        public ?Spot $at,
        public ?float $clear,
    ) {
    }

    /** @return list<self> */
    public static function allOf(Evaluation $evaluation): array
    {
        $checks = [];
        foreach ($evaluation->plan->devices as $device) {
            if ($device->kind === DeviceKind::HeadingSensor) {
                $checks[] = self::judged($evaluation, 'N05', "device:{$device->id}", $device->label(), 'Is it clear of motors and heavy runs, and near the middle?', $evaluation->plan->spotOf($device), HeadingSensorPlace::APART);
            } elseif ($device->kind === DeviceKind::PositionAntenna) {
                $checks[] = self::judged($evaluation, 'N06', "device:{$device->id}", $device->label(), 'Does it see the open sky, out of the way of feet?', $evaluation->plan->spotOf($device), null);
            }
        }
        foreach ($evaluation->plan->boat->fuel === 'petrol' ? $evaluation->plan->batteries : [] as $battery) {
            $checks[] = self::judged($evaluation, 'B24', "battery:{$battery->id}", "Battery {$battery->id}", 'Is it far enough from the nearest petrol fitting?', null, null);
        }

        return $checks;
    }

    private static function judged(Evaluation $evaluation, string $rule, string $on, string $label, string $asks, ?Spot $at, ?float $clear): self
    {
        foreach ($evaluation->findings as $finding) {
            if ($finding->rule->code === $rule && $finding->on === $on) {
                return new self($on, $label, $asks, false, $finding->says, $at, $clear);
            }
        }
        foreach ($evaluation->unchecked as $unchecked) {
            if ($unchecked->rule === $rule && $unchecked->on === $on) {
                return new self($on, $label, $asks, null, 'Not all of it is known yet.', $at, $clear);
            }
        }

        return new self($on, $label, $asks, true, 'Nothing speaks against its place.', $at, $clear);
    }
}
