<?php

declare(strict_types=1);

namespace Dinghy\Tests\Wiring;

use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
use Dinghy\Tests\Plans;
use Dinghy\Wiring\SizingMethods;
use PHPUnit\Framework\TestCase;

final class SizingMethodsTest extends TestCase
{
    /** Common practice: a live-sonar box takes power over 10 AWG to 15 ft, 8 AWG to 23 ft, 6 AWG to 36 ft. */
    public function test_the_makers_table_is_read_at_the_length_of_the_run(): void
    {
        $table = [(object) ['gauge' => '10 AWG', 'length_m' => 15 * 0.3048], (object) ['gauge' => '8 AWG', 'length_m' => 23 * 0.3048], (object) ['gauge' => '6 AWG', 'length_m' => 36 * 0.3048]];
        foreach ([[4.0, '10 AWG'], [4.6, '8 AWG'], [7.0, '8 AWG'], [10.9, '6 AWG'], [11.0, null]] as [$metres, $gauge]) {
            $evaluation = Plans::evaluate(Plans::pump(['device:d1' => ['longest_runs' => $table], 'feed:f1' => ['run.length_m' => $metres]]));
            self::assertSame($gauge, SizingMethods::of($evaluation->boat->runs['f1'])->makers?->name, "{$metres} m");
        }
    }

    public function test_why_the_schools_differ(): void
    {
        $words = new QuantityFormatter(Units::Imperial);
        $run = Plans::evaluate(Plans::series(3))->boat->runs['main'];
        $methods = SizingMethods::of($run);
        self::assertSame('8 AWG', $methods->arithmetic?->name);
        self::assertSame('4 AWG', $methods->bandChart?->name);
        self::assertStringContainsString('thicker than the 8 AWG of the arithmetic', $methods->difference($words) ?? '');
        self::assertStringContainsString('2.4 % of 36 V', $methods->difference($words) ?? '');
        // 8 A over 4.92 ft there and back, 0.36 V: 10.75 · 8 · 9.84/0.36 = 2351 circular mils, 16 AWG has 2583; the chart says the same.
        $agreeing = SizingMethods::of(Plans::evaluate(Plans::pump(['feed:f1' => ['run.length_m' => 1.5]]))->boat->runs['f1']);
        self::assertSame([$agreeing->arithmetic?->name, null], [$agreeing->bandChart?->name, $agreeing->difference($words)]);
    }
}
