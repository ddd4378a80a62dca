<?php

declare(strict_types=1);

namespace Dinghy\Sentence;

/** What a sentence says, in SI units. Of a fix that is not valid, and of an empty field, nothing is said [pub NMEA 0183, mem]. */
final class Values
{
    /** m/s of a knot, by its definition */
    public const KNOT = 1852 / 3600;

    /** m of an international foot, by its definition */
    private const FOOT = 0.3048;

    /** @return array<string, float> by Measured's value */
    public static function of(Sentence $sentence): array
    {
        return array_filter(match ($sentence->type) {
            'DBT' => self::told(Measured::Depth, $sentence->number(2) ?? self::scaled($sentence->number(0), self::FOOT)),
            'DPT' => [
                ...self::told(Measured::Depth, $sentence->number(0)),
                ...self::told(Measured::DepthOffset, $sentence->number(1)),
            ],
            'MTW' => self::told(Measured::WaterTemperature, $sentence->number(0)),
            'HDG', 'HDM' => self::told(Measured::HeadingMagnetic, $sentence->number(0)),
            'HDT' => self::told(Measured::HeadingTrue, $sentence->number(0)),
            'GGA' => (int) $sentence->number(5) === 0 ? [] : self::position($sentence, 1),
            'GLL' => $sentence->text(5) === 'V' ? [] : self::position($sentence, 0),
            'RMC' => $sentence->text(1) !== 'A' ? [] : [
                ...self::position($sentence, 2),
                ...self::told(Measured::SpeedOverGround, self::scaled($sentence->number(6), self::KNOT)),
            ],
            'VTG' => self::told(Measured::SpeedOverGround, self::scaled($sentence->number(4), self::KNOT)),
            'VHW' => self::told(Measured::SpeedThroughWater, self::scaled($sentence->number(4), self::KNOT)),
            'XDR' => self::transducers($sentence),
            default => [],
        }, static fn (?float $value): bool => $value !== null);
    }

    /** @return array<string, float|null> */
    private static function told(Measured $measured, ?float $value): array
    {
        return [$measured->value => $value];
    }

    private static function scaled(?float $value, float $by): ?float
    {
        return $value === null ? null : $value * $by;
    }

    /** @return array<string, float|null> */
    private static function position(Sentence $sentence, int $field): array
    {
        $latitude = self::degrees($sentence->number($field), $sentence->text($field + 1), 'N', 'S', 90);
        $longitude = self::degrees($sentence->number($field + 2), $sentence->text($field + 3), 'E', 'W', 180);

        return $latitude === null || $longitude === null ? [] : [
            ...self::told(Measured::Latitude, $latitude),
            ...self::told(Measured::Longitude, $longitude),
        ];
    }

    /**
     * @param  float|null  $written  degrees times 100, and minutes
     * @return float|null °, north and east above zero; null: it is none
     */
    private static function degrees(?float $written, string $side, string $above, string $below, int $most): ?float
    {
        if ($written === null || $written < 0 || ! in_array($side, [$above, $below], true)) {
            return null;
        }
        $whole = floor($written / 100);
        $degrees = $whole + ($written - 100 * $whole) / 60;

        return $degrees > $most ? null : ($side === $above ? $degrees : -$degrees);
    }

    /**
     * What a battery's monitor says among measurements that come in fours: type, value, unit, name. Volts and amps have types of their own;
     * charge and the time since leaving go by their names.
     *
     * @return array<string, float|null>
     */
    private static function transducers(Sentence $sentence): array
    {
        $told = [];
        foreach (array_chunk($sentence->fields, 4) as $at => $one) {
            $measured = match (true) {
                [$one[0], $one[2] ?? ''] === ['U', 'V'] => Measured::Volts,
                [$one[0], $one[2] ?? ''] === ['I', 'A'] => Measured::Amps,
                $one[0] === 'G' && str_ends_with($one[3] ?? '', 'CHARGE') => Measured::Charge,
                $one[0] === 'G' && str_ends_with($one[3] ?? '', 'MINUTES') => Measured::MinutesOut,
                default => null,
            };
            // Of several batteries the first is told.
            $measured === null || $told += self::told($measured, $sentence->number(4 * $at + 1));
        }

        return $told;
    }
}
