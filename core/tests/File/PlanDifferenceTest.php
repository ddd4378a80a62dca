<?php

declare(strict_types=1);

namespace Dinghy\Tests\File;

use Dinghy\Area\StandardAreas;
use Dinghy\File\Patch;
use Dinghy\File\PlanDifference;
use Dinghy\File\PlanDocument;
use Dinghy\Tests\MutantBoat;
use Dinghy\Tests\Plans;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\TestCase;

final class PlanDifferenceTest extends TestCase
{
    public function test_from_any_boat_to_any_other_and_back(): void
    {
        $seed = Seed::sown();
        $sizes = [];
        for ($i = 0; $i < 60; $i++) {
            [$before, $after] = [MutantBoat::document(), MutantBoat::document(12)];
            $patch = PlanDifference::between($before, $after);
            if ($patch === null) {
                self::assertEquals(self::told($after), self::told($before), "SEED={$seed}");

                continue;
            }
            $made = $before->with($patch);
            self::assertEquals(self::told($after), self::told($made), "SEED={$seed} boat {$i}");
            self::assertEquals(self::told($before), self::told($made->with($patch->inverseOn($before))), "SEED={$seed} boat {$i}, taken back");
            self::assertEquals($patch->steps, Patch::stored(json_encode($patch->toJson(), JSON_THROW_ON_ERROR))->steps, "SEED={$seed} boat {$i}, stored");
            $sizes[] = count($patch->steps);
        }
        self::assertGreaterThan(20, max([0, ...$sizes]));
    }

    public function test_it_names_the_field_that_is_otherwise_and_no_other(): void
    {
        $skiff = Plans::skiff();
        $change = Patch::set('feed:bow-motor', ['run.gauge' => '6 AWG'])->and(Patch::set('branch:br-hub', ['fuse_a' => 2]))->and(Patch::remove('device:hub'))->and(Patch::set('plan', ['boat.hull' => 'box']));
        $found = PlanDifference::between($skiff, $skiff->with($change));

        self::assertEqualsCanonicalizing($change->fields(), $found?->fields());
        self::assertNull(PlanDifference::between($skiff, StandardAreas::areas()->format->document($skiff->toPrettyJson())));
    }

    public function test_a_list_in_another_order_is_set_whole(): void
    {
        $root = Plans::skiff()->root();
        $root->feeds = array_reverse($root->feeds);
        self::assertSame([['on' => 'plan', 'path' => 'feeds']], PlanDifference::between(Plans::skiff(), StandardAreas::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR)))?->fields());
    }

    /** @return mixed the plan, the order of its keys left aside */
    private static function told(PlanDocument $document): mixed
    {
        return json_decode($document->toJson(), true, PlanDocument::DEPTH, JSON_THROW_ON_ERROR);
    }
}
