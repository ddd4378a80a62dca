<?php

declare(strict_types=1);

namespace Dinghy\Tests\Monitor;

use Dinghy\Monitor\LogColumn;
use Dinghy\Monitor\LogForm;
use Dinghy\Monitor\LogRefused;
use Dinghy\Monitor\LogTable;
use Dinghy\Monitor\MonitorLog;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One hour of 5 A out of a battery at 12.5 V, written down as differently as people and instruments do: it is always the same hour. */
final class MonitorLogTest extends TestCase
{
    #[DataProvider('hours')]
    public function test_the_same_hour_however_it_is_written(string $text, ?float $startsAt): void
    {
        $log = self::log($text);
        self::assertSame([0.0, 30.0, 60.0], array_map(static fn (float $one): float => round($one, 6), $log->minutes));
        self::assertEqualsWithDelta(5.0, $log->ampHours(0, 60), 1e-9);
        self::assertSame([12.5, 12.5, 12.5], $log->volts);
        $startsAt === null ? self::assertNull($log->startsAt) : self::assertEqualsWithDelta($startsAt, $log->startsAt ?? -1, 1e-6);
        self::assertSame(0, $log->skipped, (string) $log->firstSkipped);
    }

    /** @return array<string, array{string, float|null}> and min after midnight that it begins at */
    public static function hours(): array
    {
        return [
            'plain' => ["time,volts,amps\n2026-07-01 06:30:00,12.5,5\n2026-07-01 07:00:00,12.5,5\n2026-07-01 07:30:00,12.5,5\n", 390.0],
            'other order, discharge below zero, per cent' => ["SOC (%);Current [A];Voltage [V];Timestamp\n90;-5.0;12.50;01.07.2026 06:30\n88;-5.0;12.50;01.07.2026 07:00\n85;-5.0;12.50;01.07.2026 07:30\n", 390.0],
            'decimal commas and a title above' => ["Battery log of a day\n\nDatum;Uhrzeit;Spannung (V);Strom (A)\n01.07.2026;06:30:00;12,50;5,00\n01.07.2026;07:00:00;12,50;5,00\n01.07.2026;07:30:00;12,50;5,00\n", 390.0],
            'tabs, mA and mV' => ["time\tcurrent_mA\tbattery_mV\n06:30\t5000\t12500\n07:00\t5000\t12500\n07:30\t5000\t12500\n", 390.0],
            'seconds since it began' => ["Time (s),Amps,Volts\n0,5,12.5\n1800,5,12.5\n3600,5,12.5\n", null],
            'elapsed hours and minutes' => ["Elapsed time,Current,Volts\n0:00:00,5,12.5\n0:30:00,5,12.5\n1:00:00,5,12.5\n", null],
            'seconds, without a word for them' => ["time,amps,volts\n0,5,12.5\n1800,5,12.5\n3600,5,12.5\n", null],
            'half past six in the evening, American' => ["Date/Time,Volts,Amps\n7/13/2026 6:30:00 PM,12.5,5\n7/13/2026 7:00:00 PM,12.5,5\n7/13/2026 7:30:00 PM,12.5,5\n", 1110.0],
            'seconds since 1970' => ["timestamp,volts,amps\n1782887400,12.5,5\n1782889200,12.5,5\n1782891000,12.5,5\n", 390.0],
            'units after the figures, quoted, CR alone' => ["\"time\",\"volts\",\"amps\"\r\"06:30\",\"12.5 V\",\"5 A\"\r\"07:00\",\"12.5 V\",\"5 A\"\r\"07:30\",\"12.5 V\",\"5 A\"\r", 390.0],
            'a byte order mark and a true minus' => ["\u{FEFF}time,volts,amps,soc\n06:30,12.5,\u{2212}5,1.0\n07:00,12.5,\u{2212}5,0.95\n07:30,12.5,\u{2212}5,0.9\n", 390.0],
            'out of order, and twice' => ["time,volts,amps\n07:30,12.5,5\n06:30,12.5,9\n06:30,12.5,5\n07:00,12.5,5\n", 390.0],
        ];
    }

    /** 04:30 UTC is half past six on a boat two hours before it. */
    public function test_a_zone_is_the_boats(): void
    {
        $table = LogTable::of("time,volts,amps\n2026-07-01T04:30:00Z,12.5,5\n2026-07-01T07:00:00+02:00,12.5,5\n");
        $log = MonitorLog::of($table, new LogForm(LogForm::guessed($table)->columns, null, 2.0));
        self::assertSame([390.0, [0.0, 30.0]], [$log->startsAt, $log->minutes]);
    }

    public function test_midnight_without_a_date(): void
    {
        self::assertSame([0.0, 20.0, 40.0], self::log("time,volts,amps\n23:50,12.5,5\n00:10,12.5,5\n00:30,12.5,5\n")->minutes);
    }

    /** Every minute, but for twenty that nobody wrote down: nothing is counted for them. */
    public function test_a_gap_counts_nothing(): void
    {
        $lines = array_map(static fn (int $minute): string => sprintf('%02d:%02d,12.5,6', 6 + intdiv($minute, 60), $minute % 60), [...range(0, 20), ...range(40, 60)]);
        $log = self::log("time,volts,amps\n".implode("\n", $lines));
        self::assertSame([[20.0, 20.0]], $log->gaps);
        self::assertEqualsWithDelta(4.0, $log->ampHours(0, 60), 1e-9);
        self::assertEqualsWithDelta(6.0, $log->meanAmps(0, 60) ?? 0, 1e-9);
    }

    /** Lines that are no reading are left out, counted, and the first of them is shown. */
    public function test_lines_that_are_no_reading(): void
    {
        $log = self::log("time,volts,amps\n06:30,12.5,5\nbattery disconnected\n,,\n07:00,--,5\n25:99,12.5,5\n07:30,12.5,5\n");
        self::assertSame([3, 'battery disconnected'], [$log->skipped, $log->firstSkipped]);
        self::assertSame([12.5, null, 12.5], $log->volts);
    }

    /** Which way it counts is told by the charge that falls, else by most of the day; and somebody may say so. */
    public function test_which_way_the_current_counts(): void
    {
        self::assertFalse(self::log("time,amps,soc\n06:30,-5,90\n07:00,-5,85\n07:30,-5,80\n")->outIsPlus);
        self::assertTrue(self::log("time,amps,soc\n06:30,5,90\n07:00,5,85\n07:30,5,80\n")->outIsPlus);
        self::assertFalse(self::log("time,amps,soc\n06:30,5,80\n07:00,5,85\n07:30,5,90\n")->outIsPlus, 'charged');
        self::assertFalse(self::log("time,amps,x\n06:30,-5,1\n07:00,-5,1\n")->outIsPlus);
        $table = LogTable::of("time,amps,x\n06:30,-5,1\n07:00,-5,1\n");
        self::assertEqualsWithDelta(-2.5, MonitorLog::of($table, new LogForm(LogForm::guessed($table)->columns, true))->ampHours(0, 30), 1e-9);
    }

    public function test_columns_that_are_said(): void
    {
        $table = LogTable::of("a,b,c\n06:30,12.5,5\n07:00,12.5,5\n");
        self::assertSame([], LogForm::guessed($table)->columns);
        $log = MonitorLog::of($table, new LogForm([LogColumn::Time->value => 0, LogColumn::Amps->value => 2]));
        self::assertEqualsWithDelta(2.5, $log->ampHours(0, 60), 1e-9);
    }

    #[DataProvider('refusals')]
    public function test_what_is_no_log_is_refused_with_a_sentence(string $text, string $says): void
    {
        $this->expectException(LogRefused::class);
        $this->expectExceptionMessage($says);
        self::log($text);
    }

    /** @return array<string, array{string, string}> */
    public static function refusals(): array
    {
        return [
            'nothing' => ['', 'No line of the log names columns'],
            'a letter' => ["Dear sir,\nmy battery is flat, twice.\n", 'No line of the log names columns'],
            'bytes' => ["time,amps\n\xFF\xFE,1\n", 'not UTF-8'],
            'no time' => ["volts,amps\n12.5,5\n12.5,5\n", 'No column of the log holds its time'],
            'one line' => ["time,volts,amps\n06:30,12.5,5\n", 'Fewer than two lines'],
        ];
    }

    private static function log(string $text): MonitorLog
    {
        $table = LogTable::of($text);

        return MonitorLog::of($table, LogForm::guessed($table));
    }
}
