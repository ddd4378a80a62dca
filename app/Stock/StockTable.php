<?php

declare(strict_types=1);

namespace App\Stock;

use App\Catalogue\TableCell;
use App\Models\StockItem;
use App\Tables\CsvTable;
use Carbon\CarbonImmutable;

/** A shelf, or a price list for it, as a table: a line a thing; cells that are empty change nothing. */
final class StockTable
{
    public const COLUMNS = ['name', 'unit', 'on_hand', 'price', 'priced_on', 'delivery_days'];

    private const MOST_LINES = 2000;

    private const DEAREST = 1_000_000;

    /** @param  iterable<StockItem>  $items */
    public static function of(iterable $items): string
    {
        $rows = [];
        foreach ($items as $item) {
            $rows[] = [$item->name, $item->unit, $item->unit === 'm' ? '' : $item->on_hand, $item->priceOfOne(), $item->priced_on?->toDateString(), $item->delivery_days];
        }

        return CsvTable::written(self::COLUMNS, $rows);
    }

    /** @return list<StockLine> */
    public static function read(string $csv): array
    {
        $table = CsvTable::read($csv);
        $unknown = array_diff($table->columns, self::COLUMNS);
        if ($unknown !== [] || ! in_array('name', $table->columns, true)) {
            return [StockLine::refused(1, '', $unknown === [] ? 'The first line names the columns; "name" must be among them.' : 'There is no column "'.reset($unknown).'". The columns are '.implode(', ', self::COLUMNS).'.')];
        }
        $lines = $names = [];
        foreach ($table->lines as [$number, $cells]) {
            if (count($lines) === self::MOST_LINES) {
                $lines[] = StockLine::refused($number, '', 'A table has at most '.self::MOST_LINES.' lines. Bring this line and those after it in as a table of their own.');
                break;
            }
            $line = self::line($number, $cells);
            $key = StockItem::keyOf($line->name);
            $lines[] = isset($names[$key]) && $line->refused === null ? StockLine::refused($number, $line->name, "The name stands in line {$names[$key]} already.") : $line;
            $names[$key] ??= $number;
        }

        return $lines;
    }

    /** @param  array<string, string>  $cells */
    private static function line(int $number, array $cells): StockLine
    {
        $name = CsvTable::fromText($cells['name']);
        $figures = [];
        foreach (array_filter($cells, static fn (string $cell): bool => $cell !== '') as $column => $cell) {
            $value = self::value($column, $cell);
            if ($value === null) {
                return StockLine::refused($number, $name, "\"{$cell}\" in column {$column} is not understood: ".self::expected($column).'.');
            }
            $column === 'name' || $figures[$column] = $value;
        }
        if (isset($figures['price']) && ! isset($figures['priced_on'])) {
            $figures['priced_on'] = today()->toDateString();
        }

        return $name === '' || mb_strlen($name) > 150 ? StockLine::refused($number, $name, 'A name of at most 150 letters is missing.') : new StockLine($number, $name, $figures, null);
    }

    private static function value(string $column, string $cell): string|int|float|null
    {
        $number = TableCell::number($cell);

        return match ($column) {
            'name' => $cell,
            'unit' => in_array($cell, ['pcs', 'm'], true) ? $cell : null,
            'on_hand' => $number !== null && $number >= 0 && $number <= 100000 && floor((float) $number) === (float) $number ? (int) $number : null,
            'price' => $number !== null && $number >= 0 && $number <= self::DEAREST ? round((float) $number, 2) : null,
            'priced_on' => CarbonImmutable::canBeCreatedFromFormat($cell, 'Y-m-d') ? $cell : null,
            default => $number !== null && $number >= 0 && $number <= 365 && floor((float) $number) === (float) $number ? (int) $number : null,
        };
    }

    private static function expected(string $column): string
    {
        return match ($column) {
            'unit' => 'pcs or m',
            'on_hand' => 'a whole number from 0 on; what is missing is not counted below nothing',
            'price' => 'a number such as 4.20 or 4,20, without a currency',
            'priced_on' => 'a day such as 2026-03-14',
            default => 'days from 0 to 365',
        };
    }
}
