<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\CataloguePart;
use App\Names\NameKey;
use Dinghy\Evaluation\Areas;
use Dinghy\File\Shape\NullableShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\Shape;

/**
 * A catalogue as a table (RFC 4180): a line a part, its figures by the names of the plan file, nested ones with a dot.
 * What a cell says is told at TableCell.
 */
final class CatalogueCsv
{
    private const MOST_LINES = 2000;

    /** How a cell begins that a spreadsheet takes for a formula; with the mark before it already, it gets one more. */
    private const FORMULA = "/^'*[=+\\-@\t\r]/";

    /** @param  iterable<CataloguePart>  $parts */
    public static function of(iterable $parts): string
    {
        $file = fopen('php://temp', 'r+') ?: throw new \RuntimeException('No memory for a table.');
        $columns = self::columns();
        fputcsv($file, $columns, escape: '');
        foreach ($parts as $part) {
            $cells = ['kind' => $part->kind, 'name' => $part->name, ...self::cells($part->kind, $part->told())];
            fputcsv(
                $file,
                array_map(
                    static fn (string $column): string => self::isNumber($column) ? $cells[$column] ?? '' : self::asText($cells[$column] ?? ''),
                    $columns,
                ),
                escape: '',
            );
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
                    $cells["{$key}.{$inner}"] = self::written("{$key}.{$inner}", $one);
                }
            } else {
                $column = $kind === 'device' && $key === 'kind' ? 'device' : $key;
                $cells[$column] = self::written($column, $value);
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
        $separator = substr_count(
            (string) strtok($csv, "\r\n"),
            ';',
        ) > substr_count((string) strtok($csv, "\r\n"), ',') ? ';' : ',';
        $header = fgetcsv($file, separator: $separator, escape: '') ?: [];
        $columns = array_map(static fn (?string $name): string => trim((string) $name), $header);
        $unknown = array_diff($columns, self::columns());
        if ($unknown !== [] || array_diff(['kind', 'name'], $columns) !== []) {
            return [
                CatalogueLine::refused(
                    1,
                    '',
                    $unknown === [] ? 'The first line names the columns; "kind" and "name" must be among them.' : 'There is no column "'.reset($unknown).'". The columns are '.implode(', ', self::columns()).'.',
                ),
            ];
        }
        $lines = [];
        $names = [];
        for ($number = 2; ($cells = fgetcsv($file, separator: $separator, escape: '')) !== false; $number++) {
            if ($cells === [null]) {
                continue;
            }
            if (count($lines) === self::MOST_LINES) {
                $lines[] = CatalogueLine::refused(
                    $number,
                    '',
                    'A table has at most '.self::MOST_LINES.' parts. Bring this line and those after it in as a table of their own.',
                );
                break;
            }
            $fields = array_combine(
                $columns,
                array_map(
                    static fn (?string $cell): string => trim((string) $cell),
                    array_slice(array_pad($cells, count($columns), ''), 0, count($columns)),
                ),
            );
            $line = self::line($number, array_filter($fields, static fn (string $cell): bool => $cell !== ''));
            $key = NameKey::of($line->name);
            $lines[] = isset($names[$key]) ? CatalogueLine::refused(
                $number,
                $line->name,
                "The name stands in line {$names[$key]} already.",
            ) : $line;
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

    /** @return list<string> what a line is about, its figures, and its price; a device's own kind stands in "device" */
    private static function columns(): array
    {
        return ['kind', 'name', ...array_keys(self::shapes()), 'price'];
    }

    /** @return array<string, Shape> by column: what its cells hold */
    private static function shapes(): array
    {
        return once(static function (): array {
            $shapes = [];
            foreach (resolve(Areas::class)->format->catalogue() as $kind) {
                foreach ($kind->figures as $path) {
                    $shape = array_reduce(
                        explode('.', $path),
                        static fn (?Shape $at, string $key): ?Shape => $at?->inner($key),
                        $kind->shape,
                    );
                    $shapes[$kind->name === 'device' && $path === 'kind' ? 'device' : $path] ??= $shape ?? throw new \LogicException("A {$kind->name} has no {$path}.");
                }
            }

            return array_map(NullableShape::within(...), $shapes);
        });
    }

    private static function isNumber(string $column): bool
    {
        return $column === 'price' || (self::shapes()[$column] ?? null) instanceof NumberShape;
    }

    private static function fromText(string $cell): string
    {
        return str_starts_with($cell, "'") && preg_match(self::FORMULA, $cell) === 1 ? substr($cell, 1) : $cell;
    }

    private static function value(string $column, string $cell): mixed
    {
        $shape = self::shapes()[$column] ?? null;

        return $shape === null ? TableCell::number($cell) : TableCell::read($shape, self::fromText($cell));
    }

    private static function written(string $column, mixed $value): string
    {
        $shape = self::shapes()[$column] ?? null;

        return $shape === null ? (is_scalar($value) ? (string) $value : '') : TableCell::written($shape, $value);
    }
}
