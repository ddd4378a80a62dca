<?php

declare(strict_types=1);

namespace Dinghy\Monitor;

/** How a log is to be read: which column is what, which way its current counts, and the zone of the boat's clock. */
final readonly class LogForm
{
    /** seconds since 1970 begin above it: nobody was out so long */
    private const SINCE_1970 = 1e8;

    /**
     * @param  array<string, int>  $columns  number of a column, from 0, by LogColumn value
     * @param  bool|null  $outIsPlus  whether current out of the battery is above zero; null: as the log itself suggests
     * @param  float  $zone  h that the boat's clock is before UTC
     */
    public function __construct(public array $columns, public ?bool $outIsPlus = null, public float $zone = 0.0)
    {
    }

    /** As the words over its columns suggest. */
    public static function guessed(LogTable $table): self
    {
        $columns = [];
        foreach (LogColumn::cases() as $column) {
            foreach ($table->heads as $number => $head) {
                if (! in_array($number, $columns, true) && $column->isCalled($head) && self::hasFigures($table, $column, $number)) {
                    $columns[$column->value] = $number;
                    break;
                }
            }
        }
        // "Time" over seconds that count from nothing is time since it began.
        $time = $columns[LogColumn::Time->value] ?? null;
        if ($time !== null && ! isset($columns[LogColumn::Elapsed->value]) && self::countsUp($table, $time)) {
            unset($columns[LogColumn::Time->value]);
            $columns[LogColumn::Elapsed->value] = $time;
        }
        // A date alone is no time of day.
        if (isset($columns[LogColumn::Date->value]) && ! isset($columns[LogColumn::Time->value])) {
            $columns[LogColumn::Time->value] = $columns[LogColumn::Date->value];
            unset($columns[LogColumn::Date->value]);
        }

        return new self($columns);
    }

    private static function hasFigures(LogTable $table, LogColumn $column, int $number): bool
    {
        $cells = self::some($table, $number);
        $good = array_filter($cells, static fn (string $cell): bool => in_array($column, [LogColumn::Time, LogColumn::Date], true)
            ? preg_match('/\d/', $cell) === 1
            : match ($column) {
                LogColumn::Elapsed => ($table->number($cell) ?? INF) < self::SINCE_1970 || preg_match('/^\d+:\d{2}/', $cell) === 1,
                default => $table->number($cell) !== null,
            });

        return count($good) * 2 > count($cells);
    }

    private static function countsUp(LogTable $table, int $number): bool
    {
        foreach (self::some($table, $number) as $cell) {
            $value = $table->number($cell);
            if ($value === null || $value >= self::SINCE_1970) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> */
    private static function some(LogTable $table, int $number): array
    {
        return array_values(array_filter(array_map(static fn (array $row): string => $row[$number] ?? '', array_slice($table->rows, 0, 20)), static fn (string $cell): bool => $cell !== ''));
    }
}
