<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Rigging;

use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\StepKind;
use Dinghy\Area\Rigging\StepOrder;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\TestCase;

final class StepOrderTest extends TestCase
{
    public function test_of_what_could_be_next_the_kind_that_comes_first_is_and_then_what_was_said_first(): void
    {
        $steps = [self::step('plug', StepKind::PlugIn), self::step('two', StepKind::Drill), self::step('one', StepKind::Drill), self::step('late', StepKind::Photograph, 'plug')];
        self::assertSame(['two', 'one', 'plug', 'late'], self::ids(StepOrder::of($steps)));
    }

    public function test_none_stands_before_what_it_needs(): void
    {
        $seed = Seed::sown();
        for ($try = 0; $try < 60; $try++) {
            $steps = [];
            for ($at = 0; $at < 40; $at++) {
                $needs = array_values(array_unique(array_map(static fn (): string => 's'.mt_rand(0, $at - 1), $at === 0 ? [] : array_fill(0, mt_rand(0, 3), null))));
                $steps[] = self::step("s{$at}", StepKind::cases()[mt_rand(0, count(StepKind::cases()) - 1)], ...$needs);
            }
            shuffle($steps);
            $ordered = StepOrder::of($steps);
            $place = array_flip(self::ids($ordered));
            self::assertCount(40, $place, "SEED={$seed}");
            foreach ($ordered as $step) {
                foreach ($step->needs as $need) {
                    self::assertLessThan($place[$step->id], $place[$need], "SEED={$seed}");
                }
            }
        }
    }

    public function test_a_ring_is_no_order(): void
    {
        $this->expectExceptionMessage('Steps need each other in a ring: one, two.');
        StepOrder::of([self::step('one', StepKind::Drill, 'two'), self::step('two', StepKind::Drill, 'one'), self::step('three', StepKind::Drill)]);
    }

    public function test_what_is_needed_is_there(): void
    {
        $this->expectExceptionMessage('No such step: nothing.');
        StepOrder::of([self::step('one', StepKind::Drill, 'nothing')]);
    }

    private static function step(string $id, StepKind $kind, string ...$needs): Step
    {
        return new Step($id, $kind, '', [], array_values($needs));
    }

    /**
     * @param  list<Step>  $steps
     * @return list<string>
     */
    private static function ids(array $steps): array
    {
        return array_map(static fn (Step $step): string => $step->id, $steps);
    }
}
