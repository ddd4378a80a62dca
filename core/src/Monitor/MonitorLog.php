<?php

declare(strict_types=1);

namespace Dinghy\Monitor;

/** What a battery monitor wrote down, in order of time. */
final readonly class MonitorLog
{
    /** times the usual distance of two readings, and min, above which something is missing between them */
    private const GAP = 5.0;

    private const LEAST_GAP = 3.0;

    /**
     * @param  float|null  $startsAt  min after midnight of the boat's clock; null: its times say nothing of it
     * @param  list<float>  $minutes  min from its first reading
     * @param  list<float|null>  $amps  A out of the battery
     * @param  list<float|null>  $volts  V
     * @param  list<float|null>  $charge  0–1
     * @param  list<array{float, float}>  $gaps  min from its first reading at which one begins, and min that it lasts
     * @param  int  $skipped  lines that are no reading
     * @param  string|null  $firstSkipped  the first of them
     * @param  bool  $outIsPlus  whether its current out of the battery was above zero
     * @param  bool  $hasZone  whether its times say which zone they mean
     */
    private function __construct(
        public ?float $startsAt,
        public array $minutes,
        public array $amps,
        public array $volts,
        public array $charge,
        public array $gaps,
        public int $skipped,
        public ?string $firstSkipped,
        public bool $outIsPlus,
        public bool $hasZone,
    ) {
    }

    /** @throws LogRefused */
    public static function of(LogTable $table, LogForm $form): self
    {
        $moments = new LogMoments($table, $form);
        $read = [];
        [$skipped, $first] = [0, null];
        foreach ($table->rows as $row) {
            $at = $moments->of($row);
            if ($at === null) {
                $skipped++;
                $first ??= implode(' ', $row);

                continue;
            }
            // Two lines of one moment: the later one stands.
            $read[(string) round($at, 3)] = [$at, self::value($table, $form, $row, LogColumn::Amps), self::value($table, $form, $row, LogColumn::Volts), self::value($table, $form, $row, LogColumn::Charge)];
        }
        $read = array_values($read);
        usort($read, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        if (count($read) < 2) {
            throw new LogRefused('Fewer than two lines of the log have a time that can be read. Say which column holds it.');
        }
        $began = $read[0][0];
        $minutes = array_map(static fn (array $one): float => ($one[0] - $began) / 60, $read);
        $amps = array_map(static fn (array $one): ?float => $one[1], $read);
        $charge = self::shares(array_map(static fn (array $one): ?float => $one[3], $read));
        $outIsPlus = $form->outIsPlus ?? self::seemsOut($amps, $charge);

        return new self(
            $moments->areOfAClock() ? fmod($began, 86_400) / 60 : null,
            $minutes,
            array_map(static fn (?float $one): ?float => $one === null ? null : ($outIsPlus ? $one : 0.0 - $one), $amps),
            array_map(static fn (array $one): ?float => $one[2], $read),
            $charge,
            self::gapsIn($minutes),
            $skipped,
            $first,
            $outIsPlus,
            $moments->haveAZone(),
        );
    }

    /** @return float Ah that went out between two moments, gaps left out */
    public function ampHours(float $from, float $to): float
    {
        $sum = 0.0;
        foreach ($this->intervals($from, $to) as [$amps, $minutes]) {
            $sum += $amps * $minutes / 60;
        }

        return $sum;
    }

    /** @return float|null A on average between two moments, gaps left out; null: nothing was read */
    public function meanAmps(float $from, float $to): ?float
    {
        $minutes = array_sum(array_map(static fn (array $one): float => $one[1], $this->intervals($from, $to)));

        return $minutes > 0 ? $this->ampHours($from, $to) / $minutes * 60 : null;
    }

    /**
     * What each reading holds for: until the next one, where nothing is missing between them.
     *
     * @return list<array{float, float, float}> A, min that it holds for, and min from the first reading at which it begins
     */
    public function intervals(float $from, float $to): array
    {
        $missing = array_column($this->gaps, 0);
        $found = [];
        for ($at = 0; $at + 1 < count($this->minutes); $at++) {
            [$begins, $ends] = [max($from, $this->minutes[$at]), min($to, $this->minutes[$at + 1])];
            if ($ends > $begins && $this->amps[$at] !== null && ! in_array($this->minutes[$at], $missing, true)) {
                $found[] = [$this->amps[$at], $ends - $begins, $begins];
            }
        }

        return $found;
    }

    /** @param  list<string>  $row */
    private static function value(LogTable $table, LogForm $form, array $row, LogColumn $column): ?float
    {
        $at = $form->columns[$column->value] ?? null;
        $value = $at === null ? null : $table->number($row[$at] ?? '');

        return $value === null ? null : $value * $column->factor($table->heads[$at] ?? '');
    }

    /**
     * Per cent, where any of them is above one.
     *
     * @param  list<float|null>  $charge
     * @return list<float|null> 0–1
     */
    private static function shares(array $charge): array
    {
        $known = array_filter($charge, static fn (?float $one): bool => $one !== null);
        $percent = $known !== [] && max($known) > 1.5;

        return array_map(static fn (?float $one): ?float => $one === null ? null : max(0.0, min(1.0, $percent ? $one / 100 : $one)), $charge);
    }

    /**
     * Whether current out of the battery is above zero: by whether charge falls with it; else a log of a day is mostly of what went out.
     *
     * @param  list<float|null>  $amps
     * @param  list<float|null>  $charge
     */
    private static function seemsOut(array $amps, array $charge): bool
    {
        $together = $sum = 0.0;
        for ($at = 0; $at + 1 < count($amps); $at++) {
            $sum += $amps[$at] ?? 0.0;
            $together += isset($amps[$at], $charge[$at], $charge[$at + 1]) ? $amps[$at] * ($charge[$at + 1] - $charge[$at]) : 0.0;
        }

        return abs($together) > 1e-9 ? $together < 0 : $sum >= 0;
    }

    /**
     * @param  list<float>  $minutes
     * @return list<array{float, float}>
     */
    private static function gapsIn(array $minutes): array
    {
        $steps = [];
        for ($at = 0; $at + 1 < count($minutes); $at++) {
            $steps[$at] = $minutes[$at + 1] - $minutes[$at];
        }
        $sorted = $steps;
        sort($sorted);
        $usual = $sorted[intdiv(count($sorted), 2)] ?? 0.0;
        $most = max(self::LEAST_GAP, self::GAP * $usual);

        return array_map(
            static fn (int $at): array => [$minutes[$at], $steps[$at]],
            array_keys(array_filter($steps, static fn (float $step): bool => $step > $most)),
        );
    }
}
