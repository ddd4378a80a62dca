<?php

declare(strict_types=1);

namespace Dinghy\Tests\Sentence;

use Dinghy\Sentence\Checksum;
use Dinghy\Sentence\Heard;
use Dinghy\Sentence\SentenceLog;
use Dinghy\Sentence\Watch;
use PHPUnit\Framework\TestCase;

/** What is heard of instruments, second by second, and what is wrong with it. */
final class WatchTest extends TestCase
{
    public function test_sentences_are_counted_aged_and_read(): void
    {
        $watch = new Watch(1000.0);
        for ($second = 0; $second < 30; $second++) {
            $watch->hear(self::line('SDDBT,,f,'.(4 + 0.1 * $second).',M,,F').self::line('SDMTW,11.5,C'), 1000.0 + $second);
        }
        $heard = $watch->heard(1031.0);
        self::assertSame([60, 1.8], [$heard->sentences, $heard->perSecond], 'eighteen in the ten seconds before, of which the last was still');
        self::assertSame(2.0, $heard->age);
        self::assertEqualsWithDelta(6.9, $heard->values['depth']['value'], 1e-9);
        self::assertSame([31, 60, 0], [$heard->minute['seconds'], $heard->minute['sentences'], $heard->minute['refused']]);
        self::assertEqualsWithDelta([4.0, 6.9, 6.9], array_values($heard->minute['values']['depth']), 1e-9);
        self::assertSame([], $heard->faults);
    }

    public function test_a_minute_is_a_minute(): void
    {
        $watch = new Watch(0.0);
        for ($second = 0; $second < 300; $second++) {
            $watch->hear(self::line('SDDBT,,f,'.$second.',M,,F'), (float) $second);
        }
        $minute = $watch->heard(300.0)->minute;
        self::assertSame([60, 60, 240.0], [$minute['seconds'], $minute['sentences'], $minute['values']['depth']['least']]);
    }

    public function test_what_was_heard_this_second_is_of_the_minute(): void
    {
        $watch = new Watch(0.5);
        $watch->hear(self::line('SDDBT,,f,4.2,M,,F'), 0.6);
        $heard = $watch->heard(0.7);
        self::assertSame([1, 1, 4.2], [$heard->minute['seconds'], $heard->minute['sentences'], $heard->minute['values']['depth']['last']]);
        self::assertSame(0.0, $heard->perSecond, 'of no second that is over');
    }

    public function test_sentences_come_in_pieces(): void
    {
        $watch = new Watch(0.0);
        foreach (str_split(self::line('SDDBT,,f,4.2,M,,F').self::line('SDMTW,11.5,C'), 3) as $piece) {
            $watch->hear($piece, 0.5);
        }
        self::assertSame(2, $watch->heard(1.0)->sentences);
        self::assertSame([], $watch->heard(1.0)->refused);
    }

    public function test_each_fault_is_named_and_none_without_it(): void
    {
        self::assertSame([], self::faults(self::sound()));
        self::assertSame(['silence'], self::faults(self::sound(), 6.0));
        self::assertSame([], self::faults(self::sound(), 4.9));
        self::assertSame(['two-talkers'], self::faults(static fn (int $second): string => self::sound()($second).self::line("IIDBT,,f,{$second},M,,F")));
        self::assertSame(['checksum'], self::faults(static fn (int $second): string => self::sound()($second)."\$SDDBT,,f,9,M,,F*00\r\n"));
        self::assertSame(['frozen'], self::faults(static fn (): string => self::line('SDDBT,,f,4.2,M,,F')));
        self::assertSame([], self::faults(static fn (): string => self::line('SDMTW,11.5,C')), 'water may stay as warm as it is');
    }

    public function test_what_is_no_text_or_has_no_end_is_counted_and_not_kept(): void
    {
        $watch = new Watch(0.0);
        $before = memory_get_usage();
        for ($second = 0; $second < 200; $second++) {
            $watch->hear(str_repeat(chr($second % 9), 10_000), (float) $second);
        }
        $watch->hear("\n".random_bytes(10_000)."\n".self::line('SDMTW,11.5,C'), 200.0);
        self::assertLessThan(100_000, memory_get_usage() - $before);
        $heard = $watch->heard(201.0);
        self::assertSame(1, $heard->sentences);
        self::assertGreaterThanOrEqual(2, array_sum($heard->refused));
    }

    public function test_a_log_lists_the_lines_that_it_refuses_by_their_numbers(): void
    {
        $stream = fopen('php://temp', 'r+') ?: self::fail('No stream.');
        fwrite($stream, self::line('SDDBT,,f,4.2,M,,F')."\r\n".self::line('SDDBT,,f,4.6,M,,F')."\$SDDBT,,f,9,M,,F*00\r\nhello\n".self::line('SDMTW,11.5,C').'$SDMTW,11.5,C');
        rewind($stream);
        $log = SentenceLog::of($stream);
        self::assertSame([3, ['DBT' => 2, 'MTW' => 1], 3], [$log->sentences, $log->kinds, $log->refused]);
        self::assertSame([[4, 'its checksum is wrong', '$SDDBT,,f,9,M,,F*00'], [5, 'no sentence', 'hello'], [7, 'without a checksum', '$SDMTW,11.5,C']], array_map(array_values(...), $log->listed));
        self::assertSame(['least' => 4.2, 'most' => 4.6, 'last' => 4.6], $log->values['depth']);
    }

    /** @return \Closure(int): string */
    private static function sound(): \Closure
    {
        return static fn (int $second): string => self::line("SDDBT,,f,{$second},M,,F").self::line('SDMTW,11.5,C');
    }

    /**
     * @param  \Closure(int): string  $says
     * @param  float  $after  s after the last of it
     * @return list<string>
     */
    private static function faults(\Closure $says, float $after = 1.0): array
    {
        $watch = new Watch(0.0);
        for ($second = 0; $second < 30; $second++) {
            $watch->hear($says($second), (float) $second);
        }

        return array_column($watch->heard(29.0 + $after)->faults, 'kind');
    }

    private static function line(string $between): string
    {
        return "\${$between}*".Checksum::of($between)."\r\n";
    }
}
