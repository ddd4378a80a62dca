<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Rigging;

use Dinghy\Area\Rigging\Place;
use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\StepKind;
use Dinghy\Area\Rigging\Steps;
use Dinghy\Area\Rigging\Walk;
use Dinghy\Tests\Plans;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\TestCase;

final class WalkTest extends TestCase
{
    /** Every order that respects the needs is walked, for as many steps as that can be done. */
    public function test_no_order_has_fewer_changes_of_place(): void
    {
        $seed = Seed::sown();
        for ($try = 0; $try < 60; $try++) {
            $open = [];
            for ($at = 0, $count = mt_rand(1, 7); $at < $count; $at++) {
                $open[] = self::step($at, ['bow', 'stern', 'console'][mt_rand(0, 2)], $at > 0 && mt_rand(0, 1) === 1 ? ['s'.mt_rand(0, $at - 1)] : []);
            }
            shuffle($open);
            $here = [null, 'bay:bow', 'bay:stern'][mt_rand(0, 2)];
            $walk = Walk::through($open, $here);
            self::assertOrdered($open, $walk, "SEED={$seed}");
            self::assertSame(self::fewest($open, [], $here), Walk::changes($walk, $here), "SEED={$seed}");
        }
    }

    public function test_it_goes_on_where_one_kneels(): void
    {
        $open = [self::step(0, 'stern'), self::step(1, 'bow'), self::step(2, 'stern'), self::step(3, 'bow')];
        self::assertSame(['s1', 's3', 's0', 's2'], self::ids(Walk::through($open, 'bay:bow')));
        self::assertSame(1, Walk::changes(Walk::through($open, 'bay:bow'), 'bay:bow'));
        self::assertSame([], Walk::through([], null));
        // On the bench it is the same place wherever the thing goes.
        self::assertSame(1, Walk::changes([new Step('a', StepKind::Label, '', [], [], 'bow', place: Place::Bench), new Step('b', StepKind::Label, '', [], [], 'stern', place: Place::Bench)], null));
    }

    /** More than can be walked through: the whole work of a boat, needs respected, with fewer changes than as it is listed. */
    public function test_a_whole_boat_is_walked_by_the_nearest(): void
    {
        foreach (['skiff', 'console', 'pontoon', 'catamaran'] as $boat) {
            $steps = Plans::evaluate(Plans::demo("boats/{$boat}"))->boat->figures(Steps::class)->all;
            $walk = Walk::through($steps, null);
            self::assertOrdered($steps, $walk, $boat);
            self::assertLessThan(Walk::changes($steps, null), Walk::changes($walk, null), $boat);
        }
    }

    public function test_a_ring_is_no_walk(): void
    {
        $ring = [self::step(0, 'bow', ['s1']), self::step(1, 'bow', ['s0'])];
        $long = array_map(static fn (int $at): Step => self::step($at, 'bow', ['s'.(($at + 1) % 20)]), range(0, 19));
        foreach ([$ring, $long] as $steps) {
            try {
                Walk::through($steps, null);
                self::fail('a ring was walked');
            } catch (\LogicException $e) {
                self::assertSame('Open steps need each other in a ring.', $e->getMessage());
            }
        }
    }

    /** @param  list<string>  $needs */
    private static function step(int $number, string $at, array $needs = []): Step
    {
        return new Step("s{$number}", StepKind::Connect, '', [], $needs, $at);
    }

    /**
     * @param  list<Step>  $open
     * @param  list<Step>  $walk
     */
    private static function assertOrdered(array $open, array $walk, string $where): void
    {
        $place = array_flip(self::ids($walk));
        self::assertCount(count($open), $place, $where);
        foreach ($walk as $step) {
            foreach ($step->needs as $need) {
                self::assertLessThan($place[$step->id], $place[$need] ?? -1, "{$where}: {$step->id} needs {$need}");
            }
        }
    }

    /**
     * @param  list<Step>  $open
     * @param  list<string>  $done
     */
    private static function fewest(array $open, array $done, ?string $here): int
    {
        $fewest = $open === [] ? 0 : PHP_INT_MAX;
        foreach ($open as $at => $step) {
            if (array_diff($step->needs, $done) === []) {
                $rest = $open;
                unset($rest[$at]);
                $fewest = min($fewest, (Walk::placeOf($step) === $here ? 0 : 1) + self::fewest(array_values($rest), [...$done, $step->id], Walk::placeOf($step)));
            }
        }

        return $fewest;
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
