<?php

declare(strict_types=1);

namespace Dinghy\Monitor;

/** A log's text as a table: its separator, the line that names its columns, and the lines after it. */
final readonly class LogTable
{
    private const SEPARATORS = ["\t", ';', ','];

    /** lines that its form is told by */
    private const LOOKED_AT = 40;

    private const MOST_ROWS = 200_000;

    /**
     * @param  list<string>  $heads
     * @param  list<list<string>>  $rows
     * @param  bool  $decimalComma  whether figures have a comma before their fraction
     */
    private function __construct(public array $heads, public array $rows, public bool $decimalComma)
    {
    }

    /** @throws LogRefused */
    public static function of(string $text): self
    {
        $text = str_starts_with($text, "\u{FEFF}") ? substr($text, 3) : $text;
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw new LogRefused('The log is not UTF-8 text. Save it as CSV in UTF-8.');
        }
        $lines = array_values(array_filter(preg_split('/\r\n|\r|\n/', $text) ?: [], static fn (string $line): bool => trim($line) !== ''));
        if (count($lines) > self::MOST_ROWS) {
            throw new LogRefused('The log has more than '.number_format(self::MOST_ROWS, 0, '', ' ').' lines. Cut it to one day.');
        }
        foreach (self::SEPARATORS as $separator) {
            $rows = array_map(static fn (string $line): array => self::cells($line, $separator), array_slice($lines, 0, self::LOOKED_AT));
            $head = self::headOf($rows);
            if ($head !== null) {
                $heads = $rows[$head];
                $all = array_map(static fn (string $line): array => self::cells($line, $separator), array_slice($lines, $head + 1));

                return new self($heads, $all, $separator !== ',' && self::hasCommas($all));
            }
        }
        throw new LogRefused('No line of the log names columns with figures below it. A log has a line of names, as "time, volts, amps", and a line for each reading.');
    }

    /** A figure as it is written there, a unit after it left aside; null: none. */
    public function number(string $cell): ?float
    {
        $cell = trim($cell);
        if ($this->decimalComma) {
            $cell = str_replace(['.', ','], ['', '.'], $cell);
        }
        // A minus that typesetters use is one too.
        $cell = str_replace("\u{2212}", '-', $cell);

        return preg_match('/^([+-]?(?:\d+(?:\.\d*)?|\.\d+)(?:[eE][+-]?\d+)?)\s*[A-Za-z%]*$/', $cell, $in) === 1 ? (float) $in[1] : null;
    }

    /**
     * @param  list<list<string>>  $rows
     * @return int|null the first line of several words that a line of as many cells with figures follows; null: there is none
     */
    private static function headOf(array $rows): ?int
    {
        for ($at = 0; $at + 1 < count($rows); $at++) {
            [$head, $next] = [$rows[$at], $rows[$at + 1]];
            if (count($head) >= 2 && count($next) >= count($head) - 1 && self::figuresIn($head) === 0 && self::figuresIn($next) >= 2) {
                return $at;
            }
        }

        return null;
    }

    /** @param  list<string>  $row */
    private static function figuresIn(array $row): int
    {
        return count(array_filter($row, static fn (string $cell): bool => preg_match('/^\s*[+\x{2212}-]?\d/u', $cell) === 1));
    }

    /** @return list<string> */
    private static function cells(string $line, string $separator): array
    {
        return array_map(static fn (?string $cell): string => trim($cell ?? ''), str_getcsv($line, $separator, '"', ''));
    }

    /** @param  list<list<string>>  $rows */
    private static function hasCommas(array $rows): bool
    {
        foreach (array_slice($rows, 0, self::LOOKED_AT) as $row) {
            foreach ($row as $cell) {
                if (preg_match('/^[+-]?\d+,\d+\s*[A-Za-z%]*$/', $cell) === 1) {
                    return true;
                }
            }
        }

        return false;
    }
}
