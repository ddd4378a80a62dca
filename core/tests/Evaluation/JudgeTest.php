<?php

declare(strict_types=1);

namespace Dinghy\Tests\Evaluation;

use Dinghy\Area\StandardAreas;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanRefused;
use Dinghy\Tests\Judge;
use Dinghy\Tests\MutantBoat;
use Dinghy\Tests\Plans;
use Dinghy\Tests\RandomBoat;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** No wire carries more than it may, and none more than the fuse before it is made for, without its being said. */
#[Group('many-boats')]
final class JudgeTest extends TestCase
{
    private const BOATS = 600;

    public function test_what_is_over_was_said(): void
    {
        $seed = Seed::sown();
        [$judged, $unsaid] = [0, []];
        for ($i = 0; $i < self::BOATS; $i++) {
            $document = $i % 3 === 0 ? RandomBoat::joined() : MutantBoat::document();
            try {
                $evaluation = StandardAreas::areas()->evaluate($document->plan());
            } catch (PlanRefused) {
                continue;
            }
            $judged++;
            $unsaid = [...$unsaid, ...array_map(static fn (string $says): string => "case {$i}: {$says}", Judge::of($evaluation))];
        }
        self::assertSame([], $unsaid, "SEED={$seed}");
        self::assertGreaterThan(self::BOATS / 2, $judged, "SEED={$seed}");
    }

    /** The judge itself: blind to what the rulebook says, it sees what a boat of good work made wrong has. */
    public function test_the_judge_sees(): void
    {
        $thin = Plans::pump(['feed:f1' => ['run.gauge' => '18 AWG', 'protection.0.rating_a' => 5], 'device:d1' => ['typical_a' => 40, 'peak_a' => 40, 'load' => 'resistance']]);
        $silenced = new \ReflectionProperty(Evaluation::class, 'findings');
        $evaluation = Plans::evaluate($thin);
        self::assertSame([], Judge::of($evaluation));
        $blank = (new \ReflectionClass(Evaluation::class))->newInstanceWithoutConstructor();
        foreach ((new \ReflectionClass(Evaluation::class))->getProperties() as $property) {
            $property->setValue($blank, $property->getName() === $silenced->getName() ? [] : $property->getValue($evaluation));
        }
        $seen = implode("\n", Judge::of($blank));

        self::assertMatchesRegularExpression('#loaded: f1/\+wire carries 27\.\d+ A of 20#', $seen);
        self::assertMatchesRegularExpression('#loaded: f1/\+wire carries 27\.\d+ A through f1/fuse1 of 5 A#', $seen);
        self::assertStringContainsString('f1/-wire', $seen);
    }

    public function test_the_demo_boats_stand_before_it(): void
    {
        foreach ((array) glob(__DIR__.'/../../../database/demo/*/*.json') as $file) {
            self::assertSame([], Judge::of(Plans::evaluate(StandardAreas::areas()->format->document((string) file_get_contents((string) $file)))), (string) $file);
        }
    }
}
