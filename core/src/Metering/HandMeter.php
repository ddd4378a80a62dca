<?php

declare(strict_types=1);

namespace Dinghy\Metering;

/** What a hand meter may be off by, and what it shows where there is nothing to show. Common practice, no source. */
final class HandMeter
{
    /** of what it shows on its volts range */
    public const VOLTS_SHARE = 0.005;

    /** V besides */
    public const VOLTS = 0.02;

    /** V for each block whose rested volts were not measured */
    public const UNMEASURED_BLOCK = 0.1;

    /** V that it picks up between points that nothing joins, at the most that a gap may show */
    public const STRAY = 0.1;

    /** of what it shows on its ohms range */
    private const OHMS_SHARE = 0.01;

    /** Ω of its own leads, and of clean metal under their tips */
    private const LEADS = 0.3;

    /** Ω from which a way counts as open: what is left is damp on a terminal strip */
    public const OPEN = 10_000.0;

    /** Ω from which a way counts as open that a converter stays on: what divides its volts to measure them is there for good */
    public const OPEN_WITH_CONVERTER = 500.0;

    /** Ω that stands for what is more than it can show, where it shows letters */
    public const OVER = 1e9;

    /** @return float V */
    public static function offVolts(float $volts): float
    {
        return self::VOLTS_SHARE * abs($volts) + self::VOLTS;
    }

    /** @return float Ω */
    public static function offOhms(float $ohms): float
    {
        return self::OHMS_SHARE * $ohms + self::LEADS;
    }
}
