<?php

declare(strict_types=1);

namespace Dinghy\Diagnosis;

use Dinghy\Survey\PathCheck;

/** Between which two measured points of a path most is lost beyond the wire's share. */
final class LossPlace
{
    /**
     * @param  float  $battery  V at the battery, loaded
     * @param  float  $device  V at the device, loaded
     * @param  float  $wire  V that the wire of the whole path loses; 0: not known
     * @return string|null as "console and block"; null: nothing was measured between
     */
    public static function of(PathCheck $check, float $battery, float $device, float $wire): ?string
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
            $share = $alongA === null || $alongB === null || $check->length === null
                ? 1 / (count($points) - 1)
                : ($alongB - $alongA) / $check->length;
            $lost = $voltsA - $voltsB - $share * $wire;
            if ($lost > $most) {
                [$most, $worst] = [$lost, "{$nameA} and {$nameB}"];
            }
        }

        return $worst;
    }
}
