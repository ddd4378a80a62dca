<?php

declare(strict_types=1);

namespace Dinghy\Area\Rigging;

/** When a shop works: from Monday to Friday, by a clock that knows no summer time. Moments are min since 1970. */
final readonly class WorkingHours
{
    private const DAY = 1440;

    /**
     * @param  float  $from  min after midnight
     * @param  float  $to  min after midnight
     * @param  float  $zone  min that the shop's clock is ahead of the moments
     */
    public function __construct(private float $from, private float $to, private float $zone = 0.0)
    {
    }

    /** @return float the moment itself where the shop works then, else when it begins again */
    public function next(float $moment): float
    {
        $local = $moment + $this->zone;
        $midnight = floor($local / self::DAY) * self::DAY;
        $isOver = $local >= $midnight + $this->to;
        if (self::isWorkday($midnight) && ! $isOver) {
            return max($local, $midnight + $this->from) - $this->zone;
        }
        do {
            $midnight += self::DAY;
        } while (! self::isWorkday($midnight));

        return $midnight + $this->from - $this->zone;
    }

    /** @return float when that much work is done that begins at a moment */
    public function after(float $moment, float $minutes): float
    {
        $at = $this->next($moment);
        for ($left = $minutes; ; $at = $this->next($closes)) {
            $closes = floor(($at + $this->zone) / self::DAY) * self::DAY + $this->to - $this->zone;
            if ($at + $left <= $closes) {
                return $at + $left;
            }
            $left -= $closes - $at;
        }
    }

    /** 1 January 1970 was a Thursday. */
    private static function isWorkday(float $midnight): bool
    {
        return (int) ($midnight / self::DAY + 3) % 7 < 5;
    }
}
