<?php

declare(strict_types=1);

namespace Dinghy\Area\Day\Variant;

use Dinghy\Plan\Device;
use Dinghy\Plan\TripPhase;

/** The day with motors turning slower until the way home: by as little as brings her through. */
final class LessThrust
{
    /** % of the planned shaft speed, below which nobody fishes */
    private const LEAST = 20;

    private const NOT_ENOUGH = 'Even a fifth of the planned shaft speed does not bring her through.';

    public static function of(Trial $trial): DayVariant
    {
        $motors = [];
        $without = null;
        foreach ($trial->failing as $bank) {
            $here = array_filter($trial->boat->devicesOn($bank), static fn (Device $device): bool => $device->isMotor());
            $motors = [...$motors, ...$here];
            $without ??= $here === [] ? $bank : null;
        }
        if ($motors === []) {
            return DayVariant::none('less-thrust', 'Less thrust', 'No motor hangs on what runs short.');
        }
        if ($without !== null) {
            return DayVariant::none('less-thrust', 'Less thrust', ucfirst("{$without->label()} runs short, and no motor hangs on it."));
        }
        $bears = static fn (int $percent): bool => $trial->bears(self::slower($trial->wanted, $motors, $percent));
        if (! $bears(self::LEAST)) {
            return DayVariant::none('less-thrust', 'Less thrust', self::NOT_ENOUGH);
        }
        [$low, $high] = [self::LEAST, 100];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            $bears($middle) ? $low = $middle : $high = $middle;
        }
        for (; $low >= self::LEAST; $low--) {
            $variant = $trial->finished('less-thrust', "Motors at {$low} % of the planned shaft speed until the way home", null, self::slower($trial->wanted, $motors, $low));
            if ($variant !== null) {
                return $variant;
            }
        }

        return DayVariant::none('less-thrust', 'Less thrust', self::NOT_ENOUGH);
    }

    /**
     * @param  list<TripPhase>  $phases
     * @param  array<string, Device>  $motors
     * @return list<TripPhase>
     */
    private static function slower(array $phases, array $motors, int $percent): array
    {
        // Rounded down: what is written is what was run.
        return array_map(static fn (TripPhase $phase): TripPhase => $phase->home ? $phase : $phase->with(array_map(
            static fn (float $share): float => floor(10 * $share * $percent + 1e-9) / 1000,
            array_intersect_key($phase->on, $motors),
        )), $phases);
    }
}
