<?php

declare(strict_types=1);

namespace Dinghy\Tests\Wiring;

use Dinghy\Area\StandardAreas;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** What many loads behind one feed ask of its fuse together: by hand, sizing by common practice, no source. */
final class CircuitDemandTest extends TestCase
{
    /** 10 A and 8 A that run for long ask for 1.25 · 18 = 22.5 A, more than their peak of 19 A: the next size is 25 A. A motor's 6 A count as they are: 28.5 A, 30 A. */
    public function test_continuous_loads_add_up_before_they_count_one_and_a_quarter_times(): void
    {
        self::assertEqualsWithDelta(22.5, self::feed([])->circuit?->demand->leastRating(), 1e-9);
        self::assertSame(25.0, self::feed([])->lastRating());
        $motor = [(object) ['id' => 'motor', 'kind' => 'motor', 'v_min' => 9, 'v_max' => 16, 'typical_a' => 2, 'peak_a' => 6]];
        self::assertEqualsWithDelta(28.5, self::feed($motor)->circuit?->demand->leastRating(), 1e-9);
        self::assertSame(30.0, self::feed($motor)->lastRating());
        self::assertEqualsWithDelta(24.0, self::feed($motor)->amps, 1e-9, '10 + 8 typical, the motor at its peak');
    }

    /** @param  list<\stdClass>  $more */
    private static function feed(array $more): \Dinghy\Wiring\SizedRun
    {
        $root = Plans::pump()->root();
        $device = static fn (string $id, float $typical, float $peak): \stdClass => (object) ['id' => $id, 'kind' => 'other', 'v_min' => 9, 'v_max' => 16, 'typical_a' => $typical, 'peak_a' => $peak];
        $root->devices = [$device('one', 10, 10.5), $device('two', 8, 8.5), ...$more];
        $root->blocks = [(object) ['id' => 'fuses', 'branches' => array_map(static fn (\stdClass $to): \stdClass => (object) [
            'id' => "to-{$to->id}", 'class' => 'general', 'fuse_a' => 15, 'run' => (object) ['length_m' => 1, 'gauge' => '10 AWG'], 'to' => (object) ['device' => $to->id],
        ], $root->devices)]];
        $root->feeds[0]->to = (object) ['block' => 'fuses'];
        $root->feeds[0]->run = (object) ['length_m' => 2, 'gauge' => '6 AWG'];
        $root->feeds[0]->protection = [(object) ['family' => 'blade', 'rating_a' => null, 'from_source_m' => 0.1]];

        return Plans::evaluate(StandardAreas::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR)))->boat->runs['f1'];
    }
}
