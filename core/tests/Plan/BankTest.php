<?php

declare(strict_types=1);

namespace Dinghy\Tests\Plan;

use Dinghy\Plan\Bank;
use Dinghy\Plan\Jumper;
use Dinghy\Plan\Supply;
use Dinghy\Plan\Terminal;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BankTest extends TestCase
{
    /** @param  list<list<string>>  $strings */
    private static function bank(array $strings, float $capacityOfB2 = 100): Bank
    {
        $document = Plans::changed(Plans::series(4), ['bank:thrust' => ['strings' => $strings], 'battery:b2' => ['capacity_ah' => $capacityOfB2]]);

        return $document->plan()->banks['thrust'];
    }

    #[DataProvider('terminals')]
    public function test_terminals_stand_on_posts(string $terminal, ?string $post): void
    {
        $bank = self::bank([['b1', 'b2'], ['b3', 'b4']]);

        $stands = Terminal::of($terminal, $bank)?->post($bank);
        self::assertSame($post, $stands === null ? null : (string) $stands);
    }

    /** @return list<array{string, string|null}> */
    public static function terminals(): array
    {
        return [
            ['neg', 'b1-'], ['pos', 'b2+'], ['tap:1', 'b1+'], ['tap:2', 'b2+'], ['tap:3', null],
            ['pos@1', 'b2+'], ['pos@2', 'b4+'], ['neg@2', 'b3-'], ['pos@3', null],
        ];
    }

    public function test_volts_between_terminals(): void
    {
        $bank = self::bank([['b1', 'b2', 'b3']]);
        $between = static fn (string $plus, string $minus): Supply => new Supply(
            $bank,
            Terminal::of($plus, $bank) ?? self::fail($plus),
            Terminal::of($minus, $bank) ?? self::fail($minus),
        );

        self::assertSame(36.0, $between('pos', 'neg')->nominalVolts());
        self::assertSame(12.0, $between('tap:2', 'tap:1')->nominalVolts());
        // AGM charges with 14.7 V a block, from memory.
        self::assertEqualsWithDelta(29.4, $between('tap:2', 'neg')->highestVolts(), 1e-9);
    }

    public function test_capacity_is_the_weakest_of_a_string_and_the_sum_of_strings(): void
    {
        self::assertSame(80.0, self::bank([['b1', 'b2', 'b3']], 80)->capacityAh());
        self::assertSame(180.0, self::bank([['b1', 'b2'], ['b3', 'b4']], 80)->capacityAh());
        self::assertSame(24.0, self::bank([['b1', 'b2'], ['b3', 'b4']])->nominalVolts());
    }

    public function test_strings_stand_for_series_jumpers_and_parallel_jumpers_at_both_ends(): void
    {
        $ends = array_map(static fn (Jumper $jumper): string => "{$jumper->from} {$jumper->to}", self::bank([['b1', 'b2'], ['b3', 'b4']])->wires());
        sort($ends);

        self::assertSame(['b1+ b2-', 'b1- b3-', 'b2+ b4+', 'b3+ b4-'], $ends);
    }

    public function test_jumpers_that_are_listed_are_the_wires_really_there(): void
    {
        $document = Plans::changed(Plans::series(2), ['bank:thrust' => ['jumpers' => [(object) ['id' => 'j', 'from' => 'b1-', 'to' => 'b2+', 'gauge' => '2 AWG']]]]);
        $wires = $document->plan()->banks['thrust']->wires();

        self::assertCount(1, $wires);
        self::assertSame(['b1-', 'b2+', '2 AWG', 0.3], [(string) $wires[0]->from, (string) $wires[0]->to, $wires[0]->gauge->name, $wires[0]->length]);
    }
}
