<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout;

use Dinghy\Area\Layout\Figure\Propulsion;
use Dinghy\Area\Layout\Rule\ThrustTooSmall;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Plan\Device;

/** Whether a boat's motors push enough for her mass (M06), and the wind that they hold her against. */
final readonly class MotorSize
{
    /**
     * @param  float  $thrust  N of all motors whose thrust is known
     * @param  float|null  $needed  N for her mass; null: nobody has weighed her
     * @param  float|null  $wind  m/s that they hold her against; null: the area that it finds is not known
     */
    private function __construct(
        public Answer $answer,
        public float $thrust,
        public ?float $needed,
        public ?float $wind,
    ) {
    }

    /** @return self|null null: there is no motor */
    public static function of(Evaluation $evaluation): ?self
    {
        $boat = $evaluation->boat->plan->boat;
        $motors = array_values(
            array_filter($evaluation->boat->plan->devices, static fn (Device $device): bool => $device->isMotor()),
        );
        if ($motors === []) {
            return null;
        }
        $thrust = array_sum(array_map(static fn (Device $device): float => $device->mounting->thrust ?? 0.0, $motors));
        $needed = $boat->loadedKilograms === null ? null : Propulsion::neededFor($boat->loadedKilograms);
        $words = $evaluation->boat->words;
        $answer = Answer::of($evaluation, new ThrustTooSmall, [
            'plan',
            ...array_map(static fn (Device $device): string => "device:{$device->id}", $motors),
        ],
            $needed === null ? '' : "They push {$words->thrust($thrust)}; her mass asks for {$words->thrust($needed)}.");

        return new self(
            $answer,
            $thrust,
            $needed,
            $boat->windage === null || $thrust <= 0 ? null : Propulsion::holdsAgainst($thrust, $boat->windage),
        );
    }
}
