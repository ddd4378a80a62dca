<?php

declare(strict_types=1);

namespace App\Rigging;

/** A signature as a finger drew it: strokes of points, as shares of the width and height of the field. */
final class Signature
{
    /** points in all: fewer are a tap or a dash */
    private const LEAST = 12;

    private const MOST = 4000;

    /** of the field's width that it goes over at the least */
    private const WIDE = 0.1;

    /**
     * @param  mixed  $strokes  as it came
     * @return list<list<array{float, float}>>|null null: it is none
     */
    public static function of(mixed $strokes): ?array
    {
        if (! is_array($strokes) || ! array_is_list($strokes)) {
            return null;
        }
        $drawn = [];
        $across = [];
        foreach ($strokes as $stroke) {
            if (! is_array($stroke) || ! array_is_list($stroke)) {
                return null;
            }
            $points = [];
            foreach ($stroke as $point) {
                $share = static fn (mixed $value): bool => (is_int($value) || is_float($value)) && $value >= 0 && $value <= 1;
                if (! is_array($point) || ! array_is_list($point) || count($point) !== 2 || ! $share($point[0]) || ! $share($point[1])) {
                    return null;
                }
                $points[] = [(float) $point[0], (float) $point[1]];
                $across[] = (float) $point[0];
            }
            $drawn[] = $points;
        }
        $isDrawn = count($across) >= self::LEAST && count($across) <= self::MOST && max($across) - min($across) >= self::WIDE;

        return $isDrawn ? $drawn : null;
    }
}
