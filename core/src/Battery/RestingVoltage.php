<?php

declare(strict_types=1);

namespace Dinghy\Battery;

/**
 * Resting volts of a battery by state of charge at 25 °C, linear between the tabled points.
 * From memory, published by many makers.
 */
final class RestingVoltage
{
    /** state of charge in % => V of a 12 V block, fullest first */
    private const CURVES = [
        'flooded' => [
            100 => 12.73,
            90 => 12.62,
            80 => 12.50,
            70 => 12.37,
            60 => 12.24,
            50 => 12.10,
            40 => 11.96,
            30 => 11.81,
            20 => 11.66,
            10 => 11.51,
            0 => 11.35,
        ],
        'agm' => [100 => 12.85, 75 => 12.60, 50 => 12.30, 25 => 12.00, 0 => 11.60],
        'gel' => [100 => 12.85, 75 => 12.65, 50 => 12.35, 25 => 12.00, 0 => 11.80],
        'lifepo4' => [
            100 => 13.60,
            99 => 13.40,
            90 => 13.32,
            70 => 13.20,
            40 => 13.10,
            30 => 13.00,
            20 => 12.90,
            10 => 12.76,
            5 => 12.30,
            0 => 10.00,
        ],
    ];

    /** Charge between which LiFePO4's rested volts move by less than a meter errs: they say nothing there. */
    private const FLAT = [0.30, 0.90];

    /**
     * @param  float  $stateOfCharge  0–1
     * @param  float  $nominalVolts  on the label of the whole block
     * @return float|null V; null for a chemistry whose curve, or a label whose cells, only its maker knows
     */
    public static function at(Chemistry $chemistry, float $stateOfCharge, float $nominalVolts): ?float
    {
        $curve = self::CURVES[$chemistry->value] ?? null;
        $blocks = Cells::blocks($chemistry, $nominalVolts);
        if ($curve === null || $blocks === null) {
            return null;
        }
        $percent = 100 * $stateOfCharge;
        [$upper, $above] = [100, $curve[100]];
        foreach ($curve as $point => $volts) {
            if ($percent >= $point) {
                $share = $upper === $point ? 0.0 : ($percent - $point) / ($upper - $point);

                return ($volts + $share * ($above - $volts)) * $blocks;
            }
            [$upper, $above] = [$point, $volts];
        }

        return $curve[0] * $blocks;
    }

    /**
     * The charge that a battery's rested volts tell, the other way round.
     *
     * @param  float  $volts  of the whole block
     * @return float|null 0–1; null for a chemistry whose curve, or a label whose cells, only its maker knows, and on
     *                    LiFePO4's flat part
     */
    public static function stateOfCharge(Chemistry $chemistry, float $volts, float $nominalVolts): ?float
    {
        $charge = self::byStraightLine($chemistry, $volts, $nominalVolts);
        $flat = $chemistry === Chemistry::LiFePO4 && $charge !== null && $charge > self::FLAT[0] + 1e-9 && $charge < self::FLAT[1] - 1e-9;

        return $flat ? null : $charge;
    }

    /** Whether its rested volts lie where they say nothing of its charge. */
    public static function isFlat(Chemistry $chemistry, float $volts, float $nominalVolts): bool
    {
        return self::byStraightLine(
            $chemistry,
            $volts,
            $nominalVolts,
        ) !== null && self::stateOfCharge($chemistry, $volts, $nominalVolts) === null;
    }

    /**
     * By straight lines between the tabled points, flat part and all.
     *
     * @return float|null 0–1; null for a chemistry whose curve, or a label whose cells, only its maker knows
     */
    public static function byStraightLine(Chemistry $chemistry, float $volts, float $nominalVolts): ?float
    {
        $curve = self::CURVES[$chemistry->value] ?? null;
        $blocks = Cells::blocks($chemistry, $nominalVolts);
        if ($curve === null || $blocks === null) {
            return null;
        }
        $block = $volts / $blocks;
        [$upper, $above] = [100, $curve[100]];
        foreach ($curve as $point => $at) {
            if ($block >= $at) {
                return $upper === $point ? 1.0 : min(
                    1.0,
                    ($point + ($block - $at) / ($above - $at) * ($upper - $point)) / 100,
                );
            }
            [$upper, $above] = [$point, $at];
        }

        return 0.0;
    }
}
