<?php

declare(strict_types=1);

namespace App\Tables;

/**
 * A table as RFC 4180 has it. What a spreadsheet would take for a formula gets a mark before it, which reading takes off
 * again; semicolons between cells, and commas in numbers, are read as well, as half the world writes them.
 */
final readonly class CsvTable
{
    /** How a cell begins that a spreadsheet takes for a formula; with the mark before it already, it gets one more. */
    private const FORMULA = "/^'*[=+\\-@\t\r]/";

    /**
     * @param  list<string>  $columns
     * @param  list<array{int, array<string, string>}>  $lines  the number of each, and its cells by column, all of them there
     */
    private function __construct(
        public array $columns,
        public array $lines,
    ) {
    }

    /**
     * @param  list<string>  $columns
     * @param  iterable<list<string|int|float|null>>  $rows  numbers as they are; words are marked where they must be
     */
    public static function written(array $columns, iterable $rows): string
    {
        $file = fopen('php://temp', 'r+') ?: throw new \RuntimeException('No memory for a table.');
        fputcsv($file, $columns, escape: '');
        foreach ($rows as $row) {
            fputcsv($file, array_map(static fn (string|int|float|null $cell): string => is_string($cell) ? self::asText($cell) : (string) $cell, $row), escape: '');
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /** Empty lines are passed over. */
    public static function read(string $csv): self
    {
        $file = fopen('php://temp', 'r+') ?: throw new \RuntimeException('No memory for a table.');
        // Spreadsheets put a mark before the text and like semicolons.
        $csv = (string) preg_replace('/^\xEF\xBB\xBF/', '', $csv);
        fwrite($file, $csv);
        rewind($file);
        $first = (string) strtok($csv, "\r\n");
        $separator = substr_count($first, ';') > substr_count($first, ',') ? ';' : ',';
        $columns = array_map(static fn (?string $name): string => trim((string) $name), fgetcsv($file, separator: $separator, escape: '') ?: []);
        $lines = [];
        for ($number = 2; ($cells = fgetcsv($file, separator: $separator, escape: '')) !== false; $number++) {
            if ($cells !== [null]) {
                $lines[] = [$number, array_combine($columns, array_map(
                    static fn (?string $cell): string => trim((string) $cell),
                    array_slice(array_pad($cells, count($columns), ''), 0, count($columns)),
                ))];
            }
        }

        return new self($columns, $lines);
    }

    public static function asText(string $words): string
    {
        return preg_match(self::FORMULA, $words) === 1 ? "'{$words}" : $words;
    }

    public static function fromText(string $cell): string
    {
        return str_starts_with($cell, "'") && preg_match(self::FORMULA, $cell) === 1 ? substr($cell, 1) : $cell;
    }
}
