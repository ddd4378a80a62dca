<?php

declare(strict_types=1);

namespace Dinghy\Conductor;

/** The metric sizes that terminals are made for [pub IEC 60228]. */
final class MetricSize
{
    /**
     * The smallest that takes every strand of a wire: strands cut off to go in are copper that is missing.
     *
     * @return float|null mm²; null: thicker than any
     */
    public static function taking(Gauge $gauge): ?float
    {
        $sizes = array_filter(array_map(Gauge::of(...), Gauge::names()), static fn (Gauge $one): bool => $one->metric && ! $one->isThinnerThan($gauge));

        return $sizes === [] ? null : min(array_map(static fn (Gauge $one): float => $one->areaMm2, $sizes));
    }
}
