<?php

declare(strict_types=1);

namespace Dinghy\Monitor;

/** What a column of a battery monitor's log holds. */
enum LogColumn: string
{
    case Elapsed = 'elapsed';
    case Date = 'date';
    case Time = 'time';
    case Amps = 'amps';
    case Volts = 'volts';
    case Charge = 'charge';

    public function label(): string
    {
        return match ($this) {
            self::Time => 'Time',
            self::Date => 'Date alone',
            self::Elapsed => 'Time since start',
            self::Amps => 'Current',
            self::Volts => 'Volts',
            self::Charge => 'Charge',
        };
    }

    /** Whether the words over a column speak of it; the units beside them say more than the words. */
    public function isCalled(string $head): bool
    {
        [$head, $unit] = [mb_strtolower($head), self::unit($head)];

        return match ($this) {
            self::Elapsed => preg_match('/elapsed|since|duration|uptime/', $head) === 1 || (in_array($unit, ['s', 'sec', 'min', 'h'], true) && preg_match('/date|clock/', $head) !== 1),
            self::Date => preg_match('/^\W*(date|day|datum|tag)\W*$/u', $head) === 1,
            self::Time => preg_match('/time|clock|date|zeit|datum|heure|hora/', $head) === 1,
            self::Amps => in_array($unit, ['a', 'ma'], true) || ($unit === '' && preg_match('/current|amps?\b|strom|courant|\bi\b/', $head) === 1),
            self::Volts => in_array($unit, ['v', 'mv'], true) || ($unit === '' && preg_match('/volt|spannung|tension|\bu\b/', $head) === 1),
            self::Charge => preg_match('/soc|state of charge|charge state|ladezustand|remaining/', $head) === 1 && ! in_array($unit, ['ah', 'wh', 'a', 'v'], true),
        };
    }

    /** What a figure under those words is to be multiplied by: to A, V, a share, or minutes. */
    public function factor(string $head): float
    {
        $unit = self::unit($head);

        return match ($this) {
            self::Amps, self::Volts => $unit === 'ma' || $unit === 'mv' ? 0.001 : 1.0,
            self::Elapsed => match ($unit) {
                'h' => 60.0, 'min' => 1.0, default => 1 / 60,
            },
            default => 1.0,
        };
    }

    /** As "mA" in "Current [mA]" or in "current_mA". */
    private static function unit(string $head): string
    {
        return preg_match('/[(\[{\/]\s*([A-Za-z%]+)\s*[)\]}]?\s*$/', $head, $in) === 1 || preg_match('/[ _.-](mA|mV|Ah|Wh|A|V|s|min|h|sec)$/', trim($head), $in) === 1 ? strtolower($in[1]) : '';
    }
}
