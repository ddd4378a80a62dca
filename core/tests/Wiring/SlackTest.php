<?php

declare(strict_types=1);

namespace Dinghy\Tests\Wiring;

use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Length of a routed run: its ways and the slack at both ends; of a typed one: what was typed. Worked by hand. */
final class SlackTest extends TestCase
{
    /** @param  array<string, array<string, mixed>>  $changes */
    #[DataProvider('runs')]
    public function test_the_slack_of_each_end_counts_once(array $changes, float $metres): void
    {
        self::assertEqualsWithDelta($metres, Plans::evaluate(Plans::changed(Plans::routed(), $changes))->boat->runs['main']->length, 1e-9);
    }

    /** @return array<string, array{array<string, array<string, mixed>>, float}> */
    public static function runs(): array
    {
        return [
            'the house rule at both ends' => [[], 3.6 + 0.3 + 0.3],
            'its own at the source' => [['feed:main' => ['run.slack_from_m' => 1.0]], 3.6 + 1.0 + 0.3],
            'its own at the target' => [['feed:main' => ['run.slack_to_m' => 0.1]], 3.6 + 0.3 + 0.1],
            'its own at both' => [['feed:main' => ['run.slack_from_m' => 0, 'run.slack_to_m' => 0.5]], 3.6 + 0.5],
            'another house rule' => [['plan' => ['house_rules' => (object) ['slack_m' => 0.5]]], 3.6 + 0.5 + 0.5],
            'by way of the side' => [['feed:main' => ['run.route' => ['stern', 'side', 'bow']]], 2.0 + 2.1 + 0.6],
            'a minus of its own does not lengthen it' => [['feed:main' => ['run.minus_route' => ['stern', 'side', 'bow']]], 3.6 + 0.6],
            'typed' => [['feed:main' => ['run.route' => null, 'run.length_m' => 4.4, 'run.slack_from_m' => 1.0]], 4.4],
        ];
    }

    /** A minus that goes its own way is that way's; one that does not is its plus's. */
    public function test_the_route_of_a_minus(): void
    {
        $ways = static fn (array $changes): array => array_map(static fn ($way): string => $way->id, Plans::evaluate(Plans::changed(Plans::routed(), $changes))->boat->runs['main']->circuit?->minusRoute->ways ?? []);

        self::assertSame(['tube'], $ways([]));
        self::assertSame(['aft', 'fore'], $ways(['feed:main' => ['run.minus_route' => ['stern', 'side', 'bow']]]));
        self::assertSame([], $ways(['feed:main' => ['run.route' => null, 'run.length_m' => 4]]));
    }
}
