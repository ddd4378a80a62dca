<?php

declare(strict_types=1);

namespace Dinghy\Monitor;

/** When each line of a log was written, by its clock or by the time since it began. */
final class LogMoments
{
    private const MIDNIGHT = 86_400.0;

    /** lines that its clock is told by */
    private const LOOKED_AT = 400;

    private readonly ?LogClock $clock;

    private ?float $before = null;

    private float $midnights = 0.0;

    /** @throws LogRefused */
    public function __construct(private readonly LogTable $table, private readonly LogForm $form)
    {
        if ($this->column(LogColumn::Time) === null && $this->column(LogColumn::Elapsed) === null) {
            throw new LogRefused('No column of the log holds its time. Say which one does.');
        }
        $this->clock = $this->column(LogColumn::Time) === null ? null : LogClock::of(array_map($this->written(...), array_slice($table->rows, 0, self::LOOKED_AT)));
    }

    /** Whether it is told by a clock, and not by the time since it began. */
    public function areOfAClock(): bool
    {
        return $this->clock !== null;
    }

    /** Whether its times say which zone they mean. */
    public function haveAZone(): bool
    {
        return $this->clock->hasZone ?? false;
    }

    /**
     * One line after the other: without a date, a clock that falls by half a day has passed midnight.
     *
     * @param  list<string>  $row
     * @return float|null s; null: it has no time
     */
    public function of(array $row): ?float
    {
        if ($this->clock === null) {
            return $this->elapsed($row[$this->column(LogColumn::Elapsed) ?? 0] ?? '');
        }
        $seconds = $this->clock->seconds($this->written($row), $this->form->zone);
        if ($seconds === null || $this->clock->hasDate) {
            return $seconds;
        }
        $this->midnights += $this->before !== null && $seconds < $this->before - self::MIDNIGHT / 2 ? self::MIDNIGHT : 0.0;
        $this->before = $seconds;

        return $seconds + $this->midnights;
    }

    /** @param  list<string>  $row */
    private function written(array $row): string
    {
        $date = $this->column(LogColumn::Date);

        return trim(($date === null ? '' : ($row[$date] ?? '').' ').($row[$this->column(LogColumn::Time) ?? 0] ?? ''));
    }

    private function elapsed(string $cell): ?float
    {
        if (preg_match('/^(\d+):(\d{2})(?::(\d{2}))?$/', trim($cell), $in) === 1) {
            return 3600.0 * (int) $in[1] + 60 * (int) $in[2] + (int) ($in[3] ?? 0);
        }
        $number = $this->table->number($cell);

        return $number === null ? null : 60 * $number * LogColumn::Elapsed->factor($this->table->heads[$this->column(LogColumn::Elapsed) ?? 0] ?? '');
    }

    private function column(LogColumn $column): ?int
    {
        return $this->form->columns[$column->value] ?? null;
    }
}
