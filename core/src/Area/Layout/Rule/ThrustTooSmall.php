<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Rule;

use Dinghy\Area\Layout\Figure\Propulsion;
use Dinghy\Hull\HullKind;
use Dinghy\Plan\Device;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;
use Dinghy\Rule\Rule;
use Dinghy\Rule\RuleText;
use Dinghy\Rule\Unchecked;
use Dinghy\Solving\SolvedBoat;
use Dinghy\Source\SourceKind;

final readonly class ThrustTooSmall implements Rule
{
    public function text(): RuleText
    {
        return new RuleText('M06', [Level::Note], 'motors push less than 2 lbf per 100 lb of loaded boat (0.2 N/kg), or a motor of 12 V drives a high-sided pontoon deck',
            'wind and current win', 'common practice', SourceKind::CommonPractice);
    }

    public function check(SolvedBoat $solved): iterable
    {
        $motors = array_filter($solved->plan->devices, static fn (Device $device): bool => $device->isMotor());
        foreach ($motors as $device) {
            if ($solved->plan->boat->hull === HullKind::Pontoon && $device->mounting->thrust !== null && self::volts($solved, $device) === 12.0) {
                yield new Finding(
                    $this->text(),
                    Level::Note,
                    "device:{$device->id}",
                    "{$device->label()} drives a pontoon deck from 12 V.",
                    'High sides catch the wind: take a motor of 24 V at least.',
                    null,
                    [],
                );
            }
            if ($device->mounting->thrust === null) {
                yield new Unchecked($this->text(), "device:{$device->id}", 'thrust_n');
            }
        }
        $thrust = array_sum(array_map(static fn (Device $device): float => $device->mounting->thrust ?? 0.0, $motors));
        $mass = $solved->plan->boat->loadedKilograms;
        if ($motors !== [] && $mass === null) {
            yield new Unchecked($this->text(), 'plan', 'boat.loaded_kg');
        }
        if ($thrust > 0 && $mass !== null && $thrust < Propulsion::neededFor($mass) - 1e-9) {
            $words = $solved->words;
            yield new Finding($this->text(), Level::Note, 'plan',
                "The motors push {$words->thrust($thrust)} in all; {$words->mass($mass)} ask for {$words->thrust(Propulsion::neededFor($mass))}.",
                'Take a stronger motor, or fish where there is little wind.', null, [
                    'thrust_n' => $thrust,
                    'needed_n' => Propulsion::neededFor($mass),
                ]);
        }
    }

    private static function volts(SolvedBoat $solved, Device $device): ?float
    {
        return $solved->wiring->lowestPathTo($device)?->nominalVolts();
    }
}
