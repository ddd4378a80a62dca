<?php

declare(strict_types=1);

namespace Dinghy\Monitor;

/** How a log writes its times: with or without a date, day or month first, seconds since 1970, with or without the zone it means. */
final readonly class LogClock
{
    private const DAY = 86_400.0;

    private const DATE = '~^(\d{1,4})([./-])(\d{1,2})\2(\d{1,4})~';

    /** seconds since 1970, or thousandths of them, begin above it */
    private const SINCE_1970 = 1e8;

    private function __construct(private bool $dayFirst, public bool $hasZone, public bool $hasDate)
    {
    }

    /** @param  list<string>  $cells  some of its times */
    public static function of(array $cells): self
    {
        [$dayFirst, $zone, $date] = [true, false, false];
        foreach ($cells as $cell) {
            if (preg_match(self::DATE, $cell, $in) === 1) {
                $date = true;
                // Months have no number above 12; of "3/4" nobody can tell, and most of the world writes the day first.
                $dayFirst = $dayFirst && ! (strlen($in[1]) < 3 && (int) $in[3] > 12);
            }
            $zone = $zone || preg_match('/(Z|[+-]\d{2}:?\d{2})$/', trim($cell)) === 1 || self::epoch($cell) !== null;
            $date = $date || self::epoch($cell) !== null;
        }

        return new self($dayFirst, $zone, $date);
    }

    /**
     * @param  float  $zone  h that the boat's clock is before UTC; counts only where the log says which zone it means
     * @return float|null s, of the boat's clock; null: it is no time
     */
    public function seconds(string $cell, float $zone): ?float
    {
        $cell = trim($cell);
        $epoch = self::epoch($cell);
        if ($epoch !== null) {
            return $epoch + 3600 * $zone;
        }
        $days = null;
        if (preg_match(self::DATE, $cell, $in) === 1) {
            $days = $this->days($in);
            $cell = ltrim(substr($cell, strlen($in[0])), " T,;\t");
            if ($days === null) {
                return null;
            }
        }
        if ($cell === '') {
            return $days === null ? null : $days * self::DAY;
        }
        $days ??= 0.0;
        if (preg_match('/^(\d{1,2}):(\d{2})(?::(\d{2}(?:[.,]\d+)?))?\s*([AaPp][Mm])?\s*(Z|[+-]\d{2}:?\d{2})?$/', $cell, $in) !== 1) {
            return null;
        }
        [$hour, $minute, $second] = [(int) $in[1], (int) $in[2], (float) str_replace(',', '.', $in[3] ?? '0')];
        $half = strtolower($in[4] ?? '');
        if ($hour > ($half === '' ? 24 : 12) || $minute > 59 || $second >= 61 || ($half !== '' && $hour === 0)) {
            return null;
        }
        $hour = $half === '' ? $hour : $hour % 12 + ($half === 'pm' ? 12 : 0);
        $offset = self::offset($in[5] ?? '');

        return $days * self::DAY + 3600 * $hour + 60 * $minute + $second + ($offset === null ? 0.0 : 3600 * $zone - $offset);
    }

    /** @return float|null s before UTC that a zone says; null: none is said */
    private static function offset(string $zone): ?float
    {
        return match (true) {
            $zone === '' => null,
            $zone === 'Z' => 0.0,
            default => ($zone[0] === '-' ? -1 : 1) * (3600 * (int) substr($zone, 1, 2) + 60 * (int) substr($zone, -2)),
        };
    }

    /**
     * @param  array<int, string>  $in  of DATE
     * @return float|null days since 1970; null: there is no such day
     */
    private function days(array $in): ?float
    {
        [$a, $b, $c] = [(int) $in[1], (int) $in[3], (int) $in[4]];
        [$year, $month, $day] = match (true) {
            strlen($in[1]) > 2 => [$a, $b, $c],
            $this->dayFirst => [$c, $b, $a],
            default => [$c, $a, $b],
        };
        $year += $year < 100 ? 2000 : 0;

        return checkdate($month, $day, max(1, $year)) ? floor((float) gmmktime(0, 0, 0, $month, $day, $year) / self::DAY) : null;
    }

    private static function epoch(string $cell): ?float
    {
        if (preg_match('/^\d{9,13}(\.\d+)?$/', trim($cell)) !== 1) {
            return null;
        }
        $number = (float) $cell;

        return $number < self::SINCE_1970 ? null : ($number > 1e11 ? $number / 1000 : $number);
    }
}
