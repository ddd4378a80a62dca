<?php

declare(strict_types=1);

namespace Dinghy\Metering;

/** Which of a shop's test loads tells the most of a way without harming it. */
final class LoadChoice
{
    /** of the rating of the smallest fuse on the way: one that stands near its rating opens in the middle of a reading [common practice, no source] */
    private const OF_RATING = 0.8;

    /** of the nominal volts: what a full bank may stand at */
    private const FULL = 1.15;

    /**
     * @param  list<TestLoad>  $loads
     * @return list<TestLoad> that may be used, the most telling first
     */
    public static function of(MeteredPath $path, array $loads): array
    {
        $fit = array_values(array_filter($loads, static fn (TestLoad $load): bool => $load->mostVolts >= self::FULL * $path->nominalVolts
            && ($path->rating === null || $load->ampsAt(self::FULL * $path->nominalVolts) <= self::OF_RATING * $path->rating)));
        usort($fit, static fn (TestLoad $a, TestLoad $b): int => $a->ohms <=> $b->ohms);

        return $fit;
    }
}
