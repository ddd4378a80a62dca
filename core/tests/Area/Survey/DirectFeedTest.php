<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Survey;

use Dinghy\Area\Survey\Remedy\DirectFeed;
use Dinghy\Diagnosis\Cause;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** What takes the place of a path that was found at fault. */
final class DirectFeedTest extends TestCase
{
    /** A device that the plan feeds past everything old: its run is the answer, and nothing else changes. */
    public function test_a_run_of_the_plan_is_the_answer(): void
    {
        $patch = self::for(Plans::routed());
        self::assertEquals([(object) ['on' => 'check:check', 'set' => (object) ['renewed_by' => 'to-light']]], $patch?->toJson());

        // A device with a feed of its own.
        $pump = self::checked(Plans::pump(), 'd1');
        self::assertEquals([(object) ['on' => 'check:c', 'set' => (object) ['renewed_by' => 'f1']]], self::for($pump, 'c')?->toJson());
    }

    /** What goes through old joints on its branch, or on the feed before it, is left; the new feed is as long as the old path was. */
    public function test_what_is_old_is_left(): void
    {
        foreach (['branch:to-light' => 'extra_mohm', 'feed:main' => 'extra_mohm'] as $on => $field) {
            $document = Plans::changed(Plans::routed(), [$on => ["run.{$field}" => 60]]);
            $plan = $document->with(self::for($document) ?? self::fail())->plan();

            self::assertSame('light', $plan->feeds['direct-to-light']->device);
            self::assertSame(3.0, $plan->feeds['direct-to-light']->run->typedLength);
            self::assertSame('house', $plan->feeds['direct-to-light']->supply->bank->id);
            self::assertSame('direct-to-light', $plan->survey?->pathChecks['check']->renewedBy);
            self::assertSame(['to-heading', 'to-antenna'], array_map(static fn ($branch): string => $branch->id, $plan->blocks['fuses']->branches));
        }
    }

    /** A feed through an old console is taken out, not doubled; it is led anew from the same bank. */
    public function test_an_old_feed_is_replaced(): void
    {
        $document = self::checked(Plans::changed(Plans::pump(), ['feed:f1' => ['run.extra_mohm' => 50]]), 'd1');
        $plan = $document->with(self::for($document, 'c') ?? self::fail())->plan();

        self::assertSame(['direct-to-d1'], array_map(strval(...), array_keys($plan->feeds)));
        self::assertSame(0.0, $plan->feeds['direct-to-d1']->run->extraOhms);
    }

    /** The smallest magnetic breaker that is made is of 10 A: what its maker wants fused at less gets a blade. */
    public function test_what_is_fused_small_gets_a_blade(): void
    {
        foreach ([['fuse_a' => 10], ['fuse_a' => 7.5]] as $i => $fuse) {
            $document = self::checked(Plans::changed(Plans::pump(), ['plan' => ['feeds' => []], 'device:d1' => $fuse]), 'd1');
            $plan = $document->with(self::for($document, 'c') ?? self::fail())->plan();
            self::assertSame(['breaker-80', 'blade'][$i], $plan->feeds['direct-to-d1']->protection[0]->family->value);
        }
    }

    public function test_a_device_that_nothing_feeds_gets_its_feed(): void
    {
        $document = self::checked(Plans::changed(Plans::pump(), ['plan' => ['feeds' => []]]), 'd1');
        $plan = $document->with(self::for($document, 'c') ?? self::fail())->plan();

        self::assertSame('d1', $plan->feeds['direct-to-d1']->device);
    }

    /** No device of the plan, or no bank of those volts: nothing is proposed. */
    public function test_nothing_is_guessed(): void
    {
        self::assertNull(self::for(Plans::changed(Plans::routed(), ['check:check' => ['device' => Plans::UNKNOWN]])));
        self::assertNull(self::for(Plans::changed(Plans::routed(), ['check:check' => ['nominal_v' => 24], 'branch:to-light' => ['run.extra_mohm' => 60]])));
    }

    /** A new run past the old path mends neither a weak battery nor a swapped plug; a run that the plan has already is the answer to both. */
    public function test_what_does_not_lie_in_the_path_gets_no_new_run(): void
    {
        $old = Plans::changed(Plans::routed(), ['branch:to-light' => ['run.extra_mohm' => 60]]);
        foreach ([Cause::WeakBattery, Cause::WrongWayRound] as $cause) {
            self::assertNull(self::for($old, 'check', $cause));
            self::assertNotNull(self::for(Plans::routed(), 'check', $cause));
        }
        self::assertNotNull(self::for($old, 'check', Cause::AlreadyLoaded));
    }

    private static function checked(PlanDocument $document, string $device): PlanDocument
    {
        return $document->with(Patch::put('check:c', (object) ['id' => 'c', 'device' => $device]));
    }

    private static function for(PlanDocument $document, string $check = 'check', Cause $cause = Cause::BadJoint): ?Patch
    {
        $plan = $document->plan();

        return DirectFeed::of($plan, $plan->survey->pathChecks[$check] ?? self::fail(), $cause);
    }
}
