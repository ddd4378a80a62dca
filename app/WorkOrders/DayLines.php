<?php

declare(strict_types=1);

namespace App\WorkOrders;

use Dinghy\Trip\DaySeries;

/** The lines of a simulated day, thinned to what a drawing shows. */
final class DayLines
{
    /** points of a line, at the most: more are not seen */
    private const POINTS = 240;

    /** @return array<string, mixed> */
    public static function of(DaySeries $series): array
    {
        return [
            'minutes' => self::thin($series, $series->minutes, 2),
            'soc' => (object) array_map(static fn (array $values): array => self::thin($series, $values, 4), $series->charge),
            'volts' => (object) array_map(static fn (array $values): array => self::thin($series, $values, 3), $series->volts),
        ];
    }

    /**
     * @param  list<float|null>  $values  by step
     * @return list<float|null>
     */
    private static function thin(DaySeries $series, array $values, int $digits): array
    {
        $every = (int) max(1, ceil(count($series->minutes) / self::POINTS));
        $kept = [];
        for ($at = 0; $at < count($values); $at += $every) {
            $kept[] = $values[$at] === null ? null : round($values[$at], $digits);
        }

        return $kept;
    }
}
