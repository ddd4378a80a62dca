<?php

declare(strict_types=1);

namespace Dinghy\Quantity;

/** How people are to read figures: in the units they chose, and blocks counted from the end that they count from. */
final readonly class QuantityFormatter
{
    public function __construct(public Units $units, public NumberingEnd $countedFrom = NumberingEnd::Negative)
    {
    }

    /** @param  float  $metres of a run or a distance */
    public function length(float $metres): string
    {
        if ($this->units === Units::Metric) {
            return self::trim($metres, 2).' m';
        }
        $inches = round($metres / 0.0254, $metres < 0.3048 ? 1 : 0);
        $feet = intdiv((int) $inches, 12);
        $rest = $inches - 12 * $feet;

        return match (true) {
            $feet === 0 => self::trim($rest, 1).' in',
            $rest < 0.05 => "{$feet} ft",
            default => "{$feet} ft ".self::trim($rest, 0).' in',
        };
    }

    /** What a hand works to, as the length of a strip: mm, or inches to the hundredth: an eighth more or less is strands bare. */
    public function fine(float $millimetres, int $decimals = 0): string
    {
        return $this->units === Units::Metric ? self::trim($millimetres, $decimals).' mm' : self::trim($millimetres / 25.4, 2).' in';
    }

    /** A clearance or another short measure: mm, or inches to the eighth. */
    public function short(float $metres): string
    {
        if ($this->units === Units::Metric) {
            return self::trim(1000 * $metres, 0).' mm';
        }
        $eighths = (int) round($metres / 0.0254 * 8);
        $fraction = match ($eighths % 8) {
            0 => '', 4 => '1/2', 2, 6 => ($eighths % 8 / 2).'/4', default => ($eighths % 8).'/8',
        };

        return implode(
            ' ',
            array_filter(
                [$eighths >= 8 || $fraction === '' ? (string) intdiv($eighths, 8) : '', $fraction],
                static fn (string $part): bool => $part !== '',
            ),
        ).' in';
    }

    public function degrees(float $radians): string
    {
        return self::trim(rad2deg($radians), 0).'°';
    }

    public function thrust(float $newtons): string
    {
        return $this->units === Units::Metric
            ? self::trim($newtons, 0).' N'
            : self::trim($newtons / 4.4482216, 0).' lbf';
    }

    public function mass(float $kilograms): string
    {
        return $this->units === Units::Metric
            ? self::trim($kilograms, 0).' kg'
            : self::trim($kilograms / 0.45359237, 0).' lb';
    }

    public function amps(float $amps): string
    {
        return self::trim($amps, $amps < 10 ? 2 : 1).' A';
    }

    /** Below a tenth of a volt in mV, so that a small loss does not read as none. */
    public function volts(float $volts): string
    {
        if (abs($volts) < 0.0995 && $volts !== 0.0) {
            return self::trim(1000 * $volts, abs($volts) < 0.01 ? 1 : 0).' mV';
        }

        return self::trim($volts, 2).' V';
    }

    public function milliohms(float $ohms): string
    {
        return self::trim(1000 * $ohms, $ohms < 0.1 ? 1 : 0).' mΩ';
    }

    public function seconds(float $seconds): string
    {
        return $seconds < 1 ? self::trim(1000 * $seconds, $seconds < 0.01 ? 1 : 0).' ms' : self::trim($seconds, 1).' s';
    }

    /** As "6 h 10". */
    /** @param  float  $minutes  min after midnight, of the day that it began on */
    public function clock(float $minutes): string
    {
        $day = intdiv((int) floor($minutes), 1440);
        [$hour, $minute] = [intdiv((int) floor($minutes), 60) % 24, (int) floor($minutes) % 60];
        $time = $this->units === Units::Metric
            ? sprintf('%02d:%02d', $hour, $minute)
            : sprintf('%d:%02d %s', ($hour + 11) % 12 + 1, $minute, $hour < 12 ? 'am' : 'pm');

        return $day === 0 ? $time : "{$time}, ".($day === 1 ? 'the day after' : "{$day} days later");
    }

    public function hours(float $hours): string
    {
        $minutes = (int) round(60 * $hours);

        return intdiv($minutes, 60).' h '.str_pad((string) ($minutes % 60), 2, '0', STR_PAD_LEFT);
    }

    public function percent(float $percent): string
    {
        return self::trim($percent, 1).' %';
    }

    public static function trim(float $value, int $decimals): string
    {
        $text = number_format($value, $decimals, '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
