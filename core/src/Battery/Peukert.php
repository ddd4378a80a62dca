<?php

declare(strict_types=1);

namespace Dinghy\Battery;

use Dinghy\Plan\Battery;

/**
 * How long a battery lasts at a steady current: t = H (C/(I·H))^k with the hour rate H that its capacity C is rated for
 * [pub Peukert 1897]. Below the rated current it gives its rated Ah and no more.
 */
final class Peukert
{
    /** @return float|null h from full to empty; null for a chemistry whose exponent only its maker knows */
    public static function hours(Battery $battery, float $amps): ?float
    {
        $exponent = $battery->chemistry->peukertExponent();

        return $exponent === null ? null : self::at($battery->capacityAh, $battery->hourRate, $exponent, $amps);
    }

    /**
     * By the law that a day is simulated with: charge falls by I · max(1, I·H/C)^(k−1) / (C·f) an hour, f the share of the
     * capacity that the cold leaves.
     *
     * @param  float  $floor  state of charge 0–1 that it is not run below
     * @param  float  $celsius  of the battery
     * @return float|null h from full to its floor
     */
    public static function hoursToFloor(Battery $battery, float $amps, float $floor, float $celsius): ?float
    {
        $hours = self::hours($battery, $amps);

        return $hours === null ? null : (1 - $floor) * $hours * UsableShare::at($battery->chemistry, $celsius);
    }

    /**
     * @param  float  $capacity  Ah
     * @param  float  $hourRate  h
     * @return float h
     */
    public static function at(float $capacity, float $hourRate, float $exponent, float $amps): float
    {
        return $amps <= $capacity / $hourRate
            ? $capacity / $amps
            : $hourRate * ($capacity / ($amps * $hourRate)) ** $exponent;
    }
}
