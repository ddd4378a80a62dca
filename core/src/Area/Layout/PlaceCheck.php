<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout;

use Dinghy\Area\Layout\Figure\Disturbance;
use Dinghy\Area\Layout\Rule\AntennaUnderCover;
use Dinghy\Area\Layout\Rule\BatteryNearPetrol;
use Dinghy\Area\Layout\Rule\HeadingSensorPlace;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Geometry\Spot;
use Dinghy\Plan\BatteryName;
use Dinghy\Plan\DeviceKind;
use Dinghy\Rule\Rule;

/**
 * Whether a part stands where it may: heading sensors and antennas (N05, N06), batteries beside petrol (B24), as the
 * rulebook says.
 */
final readonly class PlaceCheck
{
    /**
     * @param  Spot|null  $at  of a device; null: nobody has said
     * @param  float|null  $clear  m that are kept free around it
     * @param  list<Disturbance>  $disturbances  what must stay that far from it
     */
    private function __construct(
        public string $on,
        public string $label,
        public string $asks,
        public Answer $answer,
        public ?Spot $at,
        public ?float $clear,
        public array $disturbances,
    ) {
    }

    /** @return list<self> */
    public static function allOf(Evaluation $evaluation): array
    {
        $checks = [];
        foreach ($evaluation->boat->plan->devices as $device) {
            $spot = $evaluation->boat->plan->spotOf($device);
            if ($device->kind === DeviceKind::HeadingSensor) {
                $checks[] = self::judged(
                    $evaluation,
                    new HeadingSensorPlace,
                    "device:{$device->id}",
                    $device->label(),
                    'Is it clear of motors and heavy runs, and near the middle?',
                    $spot,
                    HeadingSensorPlace::APART,
                    Disturbance::allIn($evaluation->boat->plan, $evaluation->boat->circuits()),
                );
            } elseif ($device->kind === DeviceKind::PositionAntenna) {
                $checks[] = self::judged(
                    $evaluation,
                    new AntennaUnderCover,
                    "device:{$device->id}",
                    $device->label(),
                    'Does it see the open sky, out of the way of feet?',
                    $spot,
                    null,
                    [],
                );
            }
        }
        foreach ($evaluation->boat->plan->boat->fuel === 'petrol' ? $evaluation->boat->plan->batteries : [] as $battery) {
            $checks[] = self::judged(
                $evaluation,
                new BatteryNearPetrol,
                "battery:{$battery->id}",
                BatteryName::alone($evaluation->boat->plan, $battery, $evaluation->boat->words->countedFrom),
                'Is it far enough from the nearest petrol fitting?',
                null,
                BatteryNearPetrol::APART,
                [],
            );
        }

        return $checks;
    }

    /** @param  list<Disturbance>  $disturbances */
    private static function judged(
        Evaluation $evaluation,
        Rule $rule,
        string $on,
        string $label,
        string $asks,
        ?Spot $at,
        ?float $clear,
        array $disturbances,
    ): self {
        return new self(
            $on,
            $label,
            $asks,
            Answer::of($evaluation, $rule, [$on], 'Nothing speaks against its place.'),
            $at,
            $clear,
            $disturbances,
        );
    }
}
