<?php

declare(strict_types=1);

namespace Dinghy\Tests\Wiring;

use Dinghy\File\PlanDocument;
use Dinghy\Quantity\NumberingEnd;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
use Dinghy\Tests\Plans;
use Dinghy\Wiring\ConnectionOrder;
use Dinghy\Wiring\ConnectionStep;
use PHPUnit\Framework\TestCase;

final class ConnectionOrderTest extends TestCase
{
    /** Charger leads, of each block plus first, jumpers, positives, load negative last. Common practice, no source. */
    public function test_three_in_series(): void
    {
        self::assertSame([
            'Charger b1: plus on Battery 1 +.', 'Charger b1: minus on Battery 1 −.',
            'Charger b2: plus on Battery 2 +.', 'Charger b2: minus on Battery 2 −.',
            'Charger b3: plus on Battery 3 +.', 'Charger b3: minus on Battery 3 −.',
            'Jumper 1: first end on Battery 1 +.', 'Jumper 1: other end on Battery 2 −.',
            'Jumper 2: first end on Battery 2 +.', 'Jumper 2: other end on Battery 3 −.',
            'The feed to M1: plus on Battery 3 +.', 'The feed to M1: minus on Battery 1 −.',
        ], self::says(Plans::series(3), true));
    }

    public function test_the_other_school_and_the_other_end(): void
    {
        $says = self::says(Plans::series(3), false, NumberingEnd::Positive);
        // b3, at the top, is Battery 1 now: its jumper comes first, and the load's negative still last.
        self::assertSame(['Jumper 1: first end on Battery 1 −.', 'Jumper 1: other end on Battery 2 +.'], array_slice($says, 0, 2));
        self::assertSame(['Charger b3: plus on Battery 1 +.', 'Charger b3: minus on Battery 1 −.'], array_slice($says, 4, 2), 'of each block plus first, minus last');
        self::assertSame('The feed to M1: minus on Battery 3 −.', end($says));
    }

    public function test_volts_rise_along_the_chain_and_like_posts_ask_for_like_volts(): void
    {
        $volts = array_map(static fn (ConnectionStep $step): ?float => $step->volts, self::steps(Plans::series(3), true));
        self::assertSame([12.0, 12.0, 24.0, 24.0, 36.0, 0.0], array_slice($volts, 7, 6));
        $steps = self::steps(Plans::parallel(), true);
        $joins = array_values(array_filter($steps, static fn (ConnectionStep $step): bool => str_contains((string) $step->caution, '0.2 V of each other')));
        self::assertCount(2, $joins);
        // Like posts stand level: the wire is landed from where the bank has it drawn.
        self::assertSame(['Jumper 1: first end on Battery 1 +.', 'Jumper 1: other end on Battery 2 +.', 'Jumper 2: first end on Battery 1 −.', 'Jumper 2: other end on Battery 2 −.'],
            array_values(array_filter(array_column($steps, 'says'), static fn (string $says): bool => str_starts_with($says, 'Jumper'))));
        self::assertContains('String fuse, without its link on Battery 2 +.', array_column($steps, 'says'));
    }

    public function test_every_end_is_landed_once_and_shunt_and_cautions_are_there(): void
    {
        $document = Plans::changed(Plans::series(3), ['bank:thrust' => ['shunt' => (object) ['rating_a' => 500]]]);
        $says = self::says($document, true);
        self::assertSame($says, array_unique($says));
        self::assertContains('Shunt, battery side on Battery 1 −.', $says);
        self::assertSame('The feed to M1: minus on the load side of the shunt.', end($says));
        self::assertStringContainsString('Rings', (string) self::steps($document, true)[0]->caution);
    }

    /** @return list<string> without what is done before and after */
    private static function says(PlanDocument $document, bool $chargerFirst, NumberingEnd $end = NumberingEnd::Negative): array
    {
        return array_column(array_slice(self::steps($document, $chargerFirst, $end), 1, -1), 'says');
    }

    /** @return list<ConnectionStep> */
    private static function steps(PlanDocument $document, bool $chargerFirst, NumberingEnd $end = NumberingEnd::Negative): array
    {
        $plan = $document->plan();

        return ConnectionOrder::of($plan, array_values($plan->banks)[0], new QuantityFormatter(Units::Metric, $end), $chargerFirst);
    }
}
