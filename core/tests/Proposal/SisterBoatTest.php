<?php

declare(strict_types=1);

namespace Dinghy\Tests\Proposal;

use Dinghy\File\Patch;
use Dinghy\Proposal\SisterBoat;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

final class SisterBoatTest extends TestCase
{
    public function test_she_has_the_plan_and_nothing_that_was_found_or_read_aboard(): void
    {
        $skiff = Plans::skiff()->with(Patch::set('battery:b1', ['rested_v' => 12.4, 'soc' => 0.7, 'commissioned' => '2021-05', 'mass_kg' => 30])
            ->and(Patch::put('complaint:says', (object) ['id' => 'says', 'kind' => 'noise'])));
        $sister = SisterBoat::of($skiff, 'Tiller skiff, second', 'As the first');
        $plan = $sister->plan();

        self::assertSame(['Tiller skiff, second', 'As the first', null], [$plan->boat->name, $sister->root()->title, $plan->survey]);
        self::assertSame([null, 30.0], [$plan->batteries['b1']->restedVolts, $plan->batteries['b1']->kilograms]);
        self::assertObjectNotHasProperty('commissioned', $sister->partsOf('battery')['b1']);
        self::assertSame(array_keys($skiff->plan()->feeds), array_keys($plan->feeds));
        self::assertSame('2021-05', $skiff->valueOf('battery:b1', 'commissioned'), 'the first boat keeps hers');
    }

    public function test_a_plan_that_says_nothing_of_its_boat_takes_a_name(): void
    {
        $bare = Plans::skiff()->format->document('{"format":"dinghy-plan","version":1}');
        self::assertSame('Second', SisterBoat::of($bare, 'Second', 'As the first')->plan()->boat->name);
    }
}
