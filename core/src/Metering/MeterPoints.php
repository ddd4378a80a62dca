<?php

declare(strict_types=1);

namespace Dinghy\Metering;

use Dinghy\Battery\Cells;
use Dinghy\Circuit\Solution;
use Dinghy\Circuit\States;
use Dinghy\Plan\Bank;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Post;
use Dinghy\Plan\Supply;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Record\IdWords;
use Dinghy\Wiring\Wiring;

/** Where to measure before anything is plugged in: taps and top of each bank, each battery, each plug. */
final class MeterPoints
{
    /** V of a 12 V lead block, charged and rested [cp] */
    private const LEAD_FROM = 12.4;

    private const LEAD_TO = 12.9;

    /** @return list<MeterPoint> */
    public static function of(Wiring $wiring, Solution $rest, QuantityFormatter $words): array
    {
        $points = [];
        foreach ($wiring->plan->banks as $bank) {
            if (States::knows($bank)) {
                $points = [...$points, ...self::ofBank($words, $bank, $rest)];
            }
        }

        return [...$points, ...self::plugs($wiring, $rest)];
    }

    /** @return list<MeterPoint> first each block, then what they stack up to */
    private static function ofBank(QuantityFormatter $words, Bank $bank, Solution $rest): array
    {
        $blocks = $sums = [];
        $negative = $bank->negativePost();
        foreach ($bank->strings as $s => $string) {
            foreach ($string as $i => $battery) {
                $number = $bank->numberOf($battery, $words->countedFrom);
                $blocks[] = self::point(
                    $battery->id,
                    $battery->plus(),
                    $battery->minus(),
                    IdWords::of($bank->id).": across Battery {$number}",
                    $rest,
                    [$battery],
                    self::unmeasured($words, $battery),
                );
                if ($s === 0 && count($string) > 1) {
                    $top = $i === count($string) - 1;
                    $below = array_slice($string, 0, $i + 1);
                    $sums[] = self::point($bank->id.($top ? ':pos' : ':tap:'.($i + 1)), $battery->plus(), $negative, IdWords::of($bank->id).": Battery {$number} + to common negative", $rest, $below,
                        array_filter(
                            $below,
                            static fn (Battery $one): bool => $one->restedVolts === null,
                        ) === [] ? null : 'Read the blocks first: this is what they stack up to.');
                }
            }
        }

        return array_values(array_filter([...$blocks, ...$sums]));
    }

    /**
     * What a block that nobody has measured may read [cp]: a lead block at rest anything from charged this morning to
     * last week.
     */
    private static function unmeasured(QuantityFormatter $words, Battery $battery): ?string
    {
        $blocks = Cells::blocks($battery->chemistry, $battery->nominalVolts);

        return $battery->restedVolts !== null || ! $battery->chemistry->isLead() || $blocks === null ? null
            : "Not measured yet: charged lead may rest from {$words->volts(self::LEAD_FROM * $blocks)} to {$words->volts(self::LEAD_TO * $blocks)}.";
    }

    /** @return list<MeterPoint> */
    private static function plugs(Wiring $wiring, Solution $rest): array
    {
        $points = [];
        foreach ($wiring->paths as $path) {
            if (States::knows($path->bank())) {
                $device = $path->device;
                $points[$device->id] ??= self::point(
                    "{$device->id}:plug",
                    $device->plus(),
                    $device->minus(),
                    "plug of {$device->label()}",
                    $rest,
                    $path->feed() === null ? [] : self::between($path->supply()),
                );
            }
        }

        return array_values(array_filter($points));
    }

    /** @param  list<Battery>  $batteries between the two points */
    private static function point(
        string $id,
        Post $plus,
        Post $minus,
        string $label,
        Solution $rest,
        array $batteries,
        ?string $note = null,
    ): ?MeterPoint {
        $volts = $rest->between($plus->name, $minus->name);
        $unmeasured = count(
            array_filter($batteries, static fn (Battery $battery): bool => $battery->restedVolts === null),
        );

        return $volts === null ? null : MeterPoint::atRest($id, $plus, $minus, $label, $volts, $unmeasured, $note);
    }

    /** @return list<Battery> */
    private static function between(Supply $supply): array
    {
        return array_slice(
            $supply->bank->strings[$supply->plus->string],
            $supply->minus->above,
            max(0, $supply->plus->above - $supply->minus->above),
        );
    }
}
