<?php

declare(strict_types=1);

namespace Dinghy\Plan;

/** Sizes of studs, American and metric, and which of them a hole goes over [cp]. */
final class StudSize
{
    public const NAMES = ['#6', '#8', '#10', '1/4', '5/16', '3/8', 'M3.5', 'M4', 'M5', 'M6', 'M8', 'M10'];

    /** A hole made for one of a pair goes over the other. */
    private const METRIC = ['#6' => 'M3.5', '#8' => 'M4', '#10' => 'M5', '1/4' => 'M6', '5/16' => 'M8', '3/8' => 'M10'];

    /** The spanner that turns the usual nut on it [cp]. */
    private const WRENCHES = [
        '#6' => '5/16 in', '#8' => '11/32 in', '#10' => '3/8 in', '1/4' => '7/16 in', '5/16' => '1/2 in', '3/8' => '9/16 in',
        'M3.5' => '6 mm', 'M4' => '7 mm', 'M5' => '8 mm', 'M6' => '10 mm', 'M8' => '13 mm', 'M10' => '17 mm',
    ];

    /** As it is stamped on it: "9/16 in". */
    public static function wrench(string $stud): string
    {
        return self::WRENCHES[$stud] ?? throw new \OutOfBoundsException("There is no stud {$stud}.");
    }

    public static function suits(string $hole, string $stud): bool
    {
        return (self::METRIC[$hole] ?? $hole) === (self::METRIC[$stud] ?? $stud);
    }
}
