<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\CataloguePart;
use App\Names\NameKey;
use App\Tables\CsvTable;
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

    /** @param  iterable<CataloguePart>  $parts */
    public static function of(iterable $parts): string
    {
        $columns = self::columns();
        $rows = [];
        foreach ($parts as $part) {
            $cells = ['kind' => $part->kind, 'name' => $part->name, ...self::cells($part->kind, $part->told())];
            $rows[] = array_map(
                static fn (string $column): string|float|int => self::isNumber($column) && is_numeric($cells[$column] ?? '') ? 0 + $cells[$column] : $cells[$column] ?? '',
                $columns,
            );
        }

        return CsvTable::written($columns, $rows);
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
        $table = CsvTable::read($csv);
        $columns = $table->columns;
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
        foreach ($table->lines as [$number, $fields]) {
            if (count($lines) === self::MOST_LINES) {
                $lines[] = CatalogueLine::refused(
                    $number,
                    '',
                    'A table has at most '.self::MOST_LINES.' parts. Bring this line and those after it in as a table of their own.',
                );
                break;
            }
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
        $name = CsvTable::fromText($fields['name'] ?? '');
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

    private static function value(string $column, string $cell): mixed
    {
        $shape = self::shapes()[$column] ?? null;

        return $shape === null ? TableCell::number($cell) : TableCell::read($shape, CsvTable::fromText($cell));
    }

    private static function written(string $column, mixed $value): string
    {
        $shape = self::shapes()[$column] ?? null;

        return $shape === null ? (is_scalar($value) ? (string) $value : '') : TableCell::written($shape, $value);
    }
}
