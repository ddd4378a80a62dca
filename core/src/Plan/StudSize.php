<?php

declare(strict_types=1);

namespace Dinghy\Plan;

/** Sizes of studs, American and metric, and which of them a hole goes over [cp]. */
final class StudSize
{
    public const NAMES = ['#6', '#8', '#10', '1/4', '5/16', '3/8', 'M3.5', 'M4', 'M5', 'M6', 'M8', 'M10'];

    /** A hole made for one of a pair goes over the other. */
    private const METRIC = ['#6' => 'M3.5', '#8' => 'M4', '#10' => 'M5', '1/4' => 'M6', '5/16' => 'M8', '3/8' => 'M10'];

    public static function suits(string $hole, string $stud): bool
    {
        return (self::METRIC[$hole] ?? $hole) === (self::METRIC[$stud] ?? $stud);
    }
}
