<?php

declare(strict_types=1);

namespace Dinghy\Wiring;

use Dinghy\Conductor\Gauge;
use Dinghy\Plan\Device;

/** The gauge that a device's maker asks for over a length. */
final class MakersTable
{
    /**
     * @param  float  $metres  one way
     * @return Gauge|null the thinnest that reaches so far; null: the table ends before
     */
    public static function gauge(Device $device, float $metres): ?Gauge
    {
        $thinnest = null;
        foreach ($device->longestRuns as $line) {
            if ($line->length >= $metres && ($thinnest === null || $line->gauge->isThinnerThan($thinnest))) {
                $thinnest = $line->gauge;
            }
        }

        return $thinnest;
    }
}
