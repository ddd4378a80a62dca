<?php

declare(strict_types=1);

namespace Dinghy\Joint;

use Dinghy\Conductor\Gauge;
use Dinghy\Source\Formula;

/** The force that a crimp must bear for a minute [pub ABYC E-11, UL 486A; from memory]. */
final class PullTest
{
    /** lbf by AWG size, thinnest first */
    private const POUNDS = [
        '18' => 10, '16' => 15, '14' => 30, '12' => 35, '10' => 40, '8' => 45, '6' => 50, '4' => 70, '3' => 80,
        '2' => 90, '1' => 100, '1/0' => 125, '2/0' => 150, '3/0' => 175, '4/0' => 225,
    ];

    private const NEWTONS_PER_POUND = 4.4482216;

    /**
     * A metric size is held to what the next thinner AWG size must bear: no table is at hand for it.
     *
     * @return float|null N; null: thinner than the table begins
     */
    public static function newtons(Gauge $gauge): ?float
    {
        $pounds = null;
        foreach (self::POUNDS as $size => $bears) {
            if ($gauge->isThinnerThan(Gauge::of("{$size} AWG"))) {
                break;
            }
            $pounds = $bears;
        }

        return $pounds === null ? null : $pounds * self::NEWTONS_PER_POUND;
    }

    public static function formula(): Formula
    {
        return Formula::fromMemory('held for a minute, by gauge; a metric size as the next thinner AWG size', 'ABYC E-11 and UL 486A');
    }
}
