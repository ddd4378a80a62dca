<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\Circuit\Solution;
use Dinghy\Circuit\States;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Supply;
use Dinghy\Rule\Words;
use Dinghy\Wiring\Wiring;

/** Where to measure before anything is plugged in: taps and top of each bank, each battery, each plug. */
final class MeterPoints
{
    /** @return list<MeterPoint> */
    public static function of(Wiring $wiring, Solution $rest, Words $words): array
    {
        $points = [];
        foreach ($wiring->plan->banks as $bank) {
            if (States::knows($bank)) {
                $points = [...$points, ...self::ofBank($words, $bank, $rest)];
            }
        }

        return [...$points, ...self::plugs($wiring, $rest)];
    }

    /** @return list<MeterPoint> */
    private static function ofBank(Words $words, Bank $bank, Solution $rest): array
    {
        $points = [];
        $negative = $bank->strings[0][0]->id.'-';
        foreach ($bank->strings as $s => $string) {
            foreach ($string as $i => $battery) {
                $number = $words->numberOf($bank, $battery);
                $points[] = self::point($battery->id, $battery->id.'+', $battery->id.'-', "{$bank->id}: across Battery {$number}", $rest, [$battery]);
                if ($s === 0 && count($string) > 1) {
                    $top = $i === count($string) - 1;
                    $points[] = self::point($bank->id.($top ? ':pos' : ':tap:'.($i + 1)), $battery->id.'+', $negative,
                        "{$bank->id}: Battery {$number} + to common negative", $rest, array_slice($string, 0, $i + 1));
                }
            }
        }

        return array_values(array_filter($points));
    }

    /** @return list<MeterPoint> */
    private static function plugs(Wiring $wiring, Solution $rest): array
    {
        $points = [];
        foreach ($wiring->paths as $path) {
            if (States::knows($path->bank())) {
                $device = $path->device;
                $points[$device->id] ??= self::point("{$device->id}:plug", $device->id.'+', $device->id.'-', "plug of {$device->label()}", $rest, $path->feed() === null ? [] : self::between($path->supply()));
            }
        }

        return array_values(array_filter($points));
    }

    /** @param  list<Battery>  $batteries between the two points */
    private static function point(string $id, string $plus, string $minus, string $label, Solution $rest, array $batteries): ?MeterPoint
    {
        $volts = $rest->between($plus, $minus);
        $unmeasured = count(array_filter($batteries, static fn (Battery $battery): bool => $battery->restedVolts === null));

        return $volts === null ? null : MeterPoint::atRest($id, $plus, $minus, $label, $volts, $unmeasured);
    }

    /** @return list<Battery> */
    private static function between(Supply $supply): array
    {
        return array_slice($supply->bank->strings[$supply->plus->string], $supply->minus->above, max(0, $supply->plus->above - $supply->minus->above));
    }
}
