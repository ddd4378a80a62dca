<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\CataloguePart;
use App\Names\NameKey;

/**
 * A catalogue as a table (RFC 4180): a line a part, its figures by the names of the plan file, nested ones with a dot.
 * Measures are written "340x180x270", a maker's lengths "10 AWG 4.57; 8 AWG 7.01", yes and no as they read.
 */
final class CatalogueCsv
{
    /** What a line is about, then the figures; a device's own kind stands in "device". */
    private const COLUMNS = [
        'kind', 'name', 'chemistry', 'nominal_v', 'capacity_ah', 'hour_rate', 'cca_a', 'internal_mohm', 'rested_v', 'stud_pos', 'stud_neg', 'mass_kg', 'group',
        'size_mm', 'tray_mm', 'restrained', 'booted', 'space', 'continuous_a', 'max_series', 'max_parallel',
        'device', 'v_min', 'v_max', 'typical_a', 'peak_a', 'standby_a', 'load', 'fuse_a', 'lead.gauge', 'lead.length_m', 'longest_runs', 'always_on', 'keyed_plug', 'data',
        'circuits', 'outputs', 'amps', 'isolated',
        'gauge', 'cable', 'insulation_c', 'family', 'rating_a', 'max_v', 'breaking_a', 'ignition_protected', 'resets_itself', 'trip_free', 'thinnest', 'thickest', 'price',
    ];

    private const FLAGS = ['restrained', 'booted', 'always_on', 'keyed_plug', 'isolated', 'ignition_protected', 'resets_itself', 'trip_free'];

    private const MEASURES = ['size_mm', 'tray_mm'];

    private const WORDS = ['kind', 'name', 'chemistry', 'stud_pos', 'stud_neg', 'group', 'space', 'device', 'load', 'lead.gauge', 'data', 'gauge', 'cable', 'family', 'thinnest', 'thickest'];

    private const MOST_LINES = 2000;

    /** How a cell begins that a spreadsheet takes for a formula; with the mark before it already, it gets one more. */
    private const FORMULA = "/^'*[=+\\-@\t\r]/";

    /** @param  iterable<CataloguePart>  $parts */
    public static function of(iterable $parts): string
    {
        $file = fopen('php://temp', 'r+') ?: throw new \RuntimeException('No memory for a table.');
        fputcsv($file, self::COLUMNS, escape: '');
        foreach ($parts as $part) {
            $cells = ['kind' => $part->kind, 'name' => $part->name, ...self::cells($part->kind, $part->told())];
            fputcsv($file, array_map(static fn (string $column): string => in_array($column, self::WORDS, true) ? self::asText($cells[$column] ?? '') : $cells[$column] ?? '', self::COLUMNS), escape: '');
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /** Words that a spreadsheet would compute get a mark before them, which reading takes off again. */
    private static function asText(string $words): string
    {
        return preg_match(self::FORMULA, $words) === 1 ? "'{$words}" : $words;
    }

    /** @return array<string, string> the figures of a part as its line holds them, by column */
    public static function cells(string $kind, \stdClass $figures): array
    {
        $cells = [];
        foreach (get_object_vars($figures) as $key => $value) {
            if ($value instanceof \stdClass) {
                foreach (get_object_vars($value) as $inner => $one) {
                    $cells["{$key}.{$inner}"] = self::written($inner, $one);
                }
            } else {
                $cells[$kind === 'device' && $key === 'kind' ? 'device' : $key] = self::written($key, $value);
            }
        }

        return $cells;
    }

    /** @return list<CatalogueLine> */
    public static function read(string $csv): array
    {
        $file = fopen('php://temp', 'r+') ?: throw new \RuntimeException('No memory for a table.');
        // Spreadsheets put a mark before the text and like semicolons.
        $csv = (string) preg_replace('/^\xEF\xBB\xBF/', '', $csv);
        fwrite($file, $csv);
        rewind($file);
        $separator = substr_count((string) strtok($csv, "\r\n"), ';') > substr_count((string) strtok($csv, "\r\n"), ',') ? ';' : ',';
        $header = fgetcsv($file, separator: $separator, escape: '') ?: [];
        $columns = array_map(static fn (?string $name): string => trim((string) $name), $header);
        $unknown = array_diff($columns, self::COLUMNS);
        if ($unknown !== [] || array_diff(['kind', 'name'], $columns) !== []) {
            return [CatalogueLine::refused(1, '', $unknown === [] ? 'The first line names the columns; "kind" and "name" must be among them.' : 'There is no column "'.reset($unknown).'". The columns are '.implode(', ', self::COLUMNS).'.')];
        }
        $lines = [];
        $names = [];
        for ($number = 2; ($cells = fgetcsv($file, separator: $separator, escape: '')) !== false; $number++) {
            if ($cells === [null]) {
                continue;
            }
            if (count($lines) === self::MOST_LINES) {
                $lines[] = CatalogueLine::refused($number, '', 'A table has at most '.self::MOST_LINES.' parts. Bring this line and those after it in as a table of their own.');
                break;
            }
            $fields = array_combine($columns, array_map(static fn (?string $cell): string => trim((string) $cell), array_slice(array_pad($cells, count($columns), ''), 0, count($columns))));
            $line = self::line($number, array_filter($fields, static fn (string $cell): bool => $cell !== ''));
            $key = NameKey::of($line->name);
            $lines[] = isset($names[$key]) ? CatalogueLine::refused($number, $line->name, "The name stands in line {$names[$key]} already.") : $line;
            $names[$key] ??= $number;
        }

        return $lines;
    }

    /** @param  array<string, string>  $fields */
    private static function line(int $number, array $fields): CatalogueLine
    {
        $kind = $fields['kind'] ?? '';
        $name = self::fromText($fields['name'] ?? '');
        unset($fields['kind'], $fields['name']);
        $figures = new \stdClass;
        foreach ($fields as $column => $cell) {
            $value = self::value($column, $cell);
            if ($value === null) {
                return CatalogueLine::refused($number, $name, "\"{$cell}\" in column {$column} is not understood.");
            }
            if (str_contains($column, '.')) {
                [$outer, $inner] = explode('.', $column, 2);
                $figures->{$outer} ??= new \stdClass;
                $figures->{$outer}->{$inner} = $value;
            } else {
                $figures->{$column === 'device' ? 'kind' : $column} = $value;
            }
        }

        return CatalogueLine::of($number, $kind, $name, $figures);
    }

    private static function fromText(string $cell): string
    {
        return str_starts_with($cell, "'") && preg_match(self::FORMULA, $cell) === 1 ? substr($cell, 1) : $cell;
    }

    private static function value(string $column, string $cell): mixed
    {
        return match (true) {
            in_array($column, self::WORDS, true) => self::fromText($cell),
            in_array($column, self::FLAGS, true) => ['yes' => true, 'true' => true, '1' => true, 'no' => false, 'false' => false, '0' => false][strtolower($cell)] ?? null,
            in_array($column, self::MEASURES, true) => preg_match('/^\d+(\.\d+)?(x\d+(\.\d+)?){2}$/', $cell) === 1 ? array_map(floatval(...), explode('x', $cell)) : null,
            $column === 'longest_runs' => self::longestRuns($cell),
            // A comma for the decimal, as half the world writes it.
            default => is_numeric(str_replace(',', '.', $cell)) && is_finite((float) str_replace(',', '.', $cell)) ? 0 + str_replace(',', '.', $cell) : null,
        };
    }

    /** @return list<\stdClass>|null */
    private static function longestRuns(string $cell): ?array
    {
        $runs = [];
        foreach (explode(';', $cell) as $one) {
            if (preg_match('~^\s*(\S+ (?:AWG|mm2))\s+(\d+(?:[.,]\d+)?)\s*$~', $one, $match) !== 1) {
                return null;
            }
            $runs[] = (object) ['gauge' => $match[1], 'length_m' => (float) str_replace(',', '.', $match[2])];
        }

        return $runs;
    }

    private static function written(string $column, mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            $column === 'longest_runs' && is_array($value) => implode('; ', array_map(static fn (\stdClass $run): string => "{$run->gauge} {$run->length_m}", $value)),
            is_array($value) => implode('x', $value),
            default => is_scalar($value) ? (string) $value : '',
        };
    }
}
