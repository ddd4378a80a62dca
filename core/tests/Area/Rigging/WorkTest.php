<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Rigging;

use Dinghy\Area\Rigging\Act;
use Dinghy\Area\Rigging\Rule\Evidence;
use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\Steps;
use Dinghy\Area\Rigging\Stops;
use Dinghy\Area\Rigging\Walk;
use Dinghy\Area\Rigging\Work;
use Dinghy\Area\Rigging\WorkEntry;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How the work stands by what was entered: what counts, what can be done, what is refused and in which words. */
final class WorkTest extends TestCase
{
    /** a Monday, 8 in the morning, in min since 1970 */
    private const NOW = 29_670_720.0;

    public function test_what_is_done_counts_once_and_can_be_taken_back(): void
    {
        $boat = Plans::evaluate(Plans::demo('boats/skiff'));
        $step = self::step($boat, 'photograph:stern');
        self::assertFalse(isset(self::work($boat, [])->done[$step->id]));
        $done = [self::entry($step, Act::Done), self::entry($step, Act::Done)];
        self::assertSame(['photograph:stern'], array_keys(self::work($boat, $done)->done));
        self::assertSame([], self::work($boat, [...$done, self::entry($step, Act::Undo)])->done);
        self::assertCount(count($boat->boat->figures(Steps::class)->all) - 1, self::work($boat, $done)->open);
    }

    public function test_nothing_is_done_before_what_it_needs(): void
    {
        $boat = Plans::evaluate(Plans::demo('boats/skiff'));
        $work = self::work($boat, []);
        $chargers = self::step($boat, 'make-safe:chargers');
        self::assertSame('Not yet: first “Stern box: photograph it as it is, posts and all.” and 5 more.', $work->refusal($chargers, new Evidence(tick: true), true));
        self::assertFalse($work->isReady($chargers));
        $photographed = array_map(static fn (string $place): WorkEntry => self::entry(self::step($boat, "photograph:{$place}"), Act::Done), ['stern', 'tiller', 'midship', 'bow-locker', 'bow', 'marks:tiller-display']);
        $work = self::work($boat, $photographed);
        self::assertTrue($work->isReady($chargers));
        self::assertNull($work->refusal($chargers, new Evidence(tick: true), true));
        self::assertStringContainsString('Every charger is unplugged', (string) $work->refusal($chargers, new Evidence, true));
        self::assertStringContainsString('rigger', (string) $work->refusal($chargers, new Evidence(tick: true), false));
    }

    /** A photograph is a note: anybody passes it, and a reason does where there is nothing to photograph. */
    public function test_what_is_no_stop_goes_on_with_a_reason(): void
    {
        $boat = Plans::evaluate(Plans::demo('boats/skiff'));
        $work = self::work($boat, []);
        $photograph = self::step($boat, 'photograph:bow');
        self::assertStringContainsString('no photograph', (string) $work->refusal($photograph, new Evidence, false));
        self::assertNull($work->refusal($photograph, new Evidence(isPhotographed: true), false));
        self::assertNull($work->refusal($photograph, new Evidence(reason: 'nothing is fitted there'), false));
        // A stop does not.
        $open = self::step($boat, 'make-safe:bank:thrust');
        $before = array_map(static fn (Step $step): WorkEntry => self::entry($step, Act::Done), array_filter(array_map($boat->boat->figures(Steps::class)->find(...), $open->needs)));
        self::assertNotNull(self::work($boat, array_values($before))->refusal($open, new Evidence(reason: 'I am sure'), true));
    }

    /** A boat's own earth nobody has drawn: whoever signs says why it is right. */
    public function test_a_hull_that_is_joined_otherwise_is_passed_with_a_reason(): void
    {
        $boat = Plans::evaluate(Plans::demo('boats/skiff'));
        $step = self::step($boat, 'leakage');
        $before = array_values(array_filter(array_map(static fn (Step $one): ?WorkEntry => $one->id === 'leakage' ? null : self::entry($one, Act::Done), $boat->boat->figures(Steps::class)->all)));
        $work = self::work($boat, $before);
        self::assertStringContainsString('volts of every bank', (string) $work->refusal($step, new Evidence, true));
        self::assertNull($work->refusal($step, new Evidence(reason: 'her trim pump earths to the hull, seen'), true));
        self::assertStringContainsString('rigger', (string) $work->refusal($step, new Evidence(reason: 'seen'), false));
    }

    public function test_a_wait_runs_by_the_clock(): void
    {
        $boat = Plans::evaluate(Plans::demo('boats/skiff'));
        $wait = self::step($boat, 'wait:charged:thrust');
        self::assertSame('It has not begun yet.', self::work($boat, [])->refusal($wait, new Evidence(tick: true), true));
        $begun = [self::entry($wait, Act::Begin, self::NOW - 600)];
        $work = self::work($boat, $begun);
        self::assertSame(self::NOW + 120, $work->over($wait));
        self::assertFalse($work->isReady($wait));
        self::assertStringContainsString('not stood long enough', (string) $work->refusal($wait, new Evidence(tick: true), true));
        self::assertNull($work->refusal($wait, new Evidence(reason: 'charged and rested before she came'), true), 'the rule decides, it does not stop');
        self::assertStringContainsString('rigger', (string) $work->refusal($wait, new Evidence(reason: 'charged and rested'), false));
        $over = self::work($boat, [self::entry($wait, Act::Begin, self::NOW - 721)]);
        self::assertTrue($over->isReady($wait));
        self::assertNull($over->refusal($wait, new Evidence(tick: true), true));
        // One that needs something begins with the last of it.
        $cures = self::step($boat, 'wait:transducer:transom-transducer');
        $mounted = self::entry(self::step($boat, 'mount:transducer:transom-transducer'), Act::Done, self::NOW - 30);
        self::assertSame(self::NOW - 30 + 1440, self::work($boat, [$mounted])->over($cures));
    }

    /** What was done stays done where the plan changes something else; where it changes that, it is open again and said so. */
    public function test_a_plan_that_changes_under_a_half_done_list(): void
    {
        $before = Plans::evaluate(Plans::demo('boats/skiff'));
        $done = array_map(static fn (string $id): WorkEntry => self::entry(self::step($before, $id), Act::Done), ['photograph:stern', 'label:bow-motor-', 'label:house-', 'mount:device:hub', 'label:br-hub']);
        self::assertCount(5, self::work($before, $done)->done);

        // Longer by two metres: the same wire, marked the same.
        $longer = Plans::evaluate(Plans::changed(Plans::demo('boats/skiff'), ['feed:bow-motor' => ['run.length_m' => 9.0, 'run.route' => Plans::UNKNOWN]]));
        self::assertCount(5, self::work($longer, $done)->done);

        // Another gauge: another wire, and another label.
        $thicker = self::work(Plans::evaluate(Plans::changed(Plans::demo('boats/skiff'), ['feed:bow-motor' => ['run.gauge' => '2 AWG']])), $done);
        self::assertSame(['label:bow-motor-'], array_keys($thicker->changed));
        self::assertArrayHasKey('label:house-', $thicker->done);

        // The hub is gone: what was done for it is no step any more.
        $document = str_replace('"br-hub"', '"br-radio"', (string) file_get_contents(__DIR__.'/../../../../database/demo/boats/skiff.json'));
        $gone = self::work(Plans::evaluate(\Dinghy\Area\StandardAreas::areas()->format->document($document)), $done);
        self::assertSame(['label:br-hub'], array_map(static fn (WorkEntry $entry): string => $entry->step, $gone->gone));
    }

    public function test_what_stands_on_a_step_is_taken_back_first(): void
    {
        $boat = Plans::evaluate(Plans::demo('boats/skiff'));
        $label = self::step($boat, 'label:bow-motor-');
        $done = [self::entry($label, Act::Done), self::entry(self::step($boat, 'pull:bow-motor-'), Act::Done)];
        self::assertSame(['pull:bow-motor-'], array_map(static fn (Step $step): string => $step->id, self::work($boat, $done)->standingOn($label)));
        self::assertSame([], self::work($boat, [$done[0]])->standingOn($label));
    }

    /** Each can be done when its turn comes; what long waits wait for comes first; two people are never at the same. */
    #[DataProvider('boats')]
    public function test_the_walk_leads_through_everything_that_can_be_done(string $name): void
    {
        $boat = Plans::evaluate(Plans::demo("boats/{$name}"));
        $entries = [];
        $taken = 'photograph:'.array_key_first($boat->boat->plan->boat->stations);
        $walk = self::work($boat, [])->walk(null, []);
        foreach ($walk as $step) {
            $work = self::work($boat, $entries);
            self::assertSame([], $work->openNeeds($step), "{$name}, {$step->id}");
            $entries[] = self::entry($step, Act::Done);
        }
        $left = self::work($boat, $entries)->open;
        // What is left waits for a clock, or for what does.
        foreach ($left as $step) {
            self::assertTrue($step->kind->value === 'wait' || self::work($boat, $entries)->openNeeds($step) !== [], "{$name}, {$step->id}");
        }
        foreach (self::work($boat, [])->walk(null, [$taken]) as $step) {
            self::assertNotContains($taken, [$step->id, ...$step->needs]);
        }
        $first = array_map(static fn (Step $step): string => $step->id, $walk);
        foreach (array_filter($boat->boat->figures(Steps::class)->all, static fn (Step $step): bool => $step->kind->value === 'wait' && $step->needs === []) as $wait) {
            self::assertLessThan(array_search('hand-over', $first, true) ?: count($first) / 4, (int) array_search($wait->id, $first, true), "{$name}: blocks are put on charge early");
        }
    }

    /** @return iterable<string, array{string}> */
    public static function boats(): iterable
    {
        foreach (['skiff', 'console', 'pontoon', 'rowing', 'catamaran'] as $boat) {
            yield $boat => [$boat];
        }
    }

    /** Where one kneels is where the next is done, as long as there is something to do there. */
    public function test_one_goes_on_where_one_kneels(): void
    {
        $boat = Plans::evaluate(Plans::demo('boats/rowing'));
        $entries = array_map(static fn (Step $step): WorkEntry => self::entry($step, Act::Done), array_values(array_filter($boat->boat->figures(Steps::class)->all, static fn (Step $step): bool => in_array($step->kind->value, ['photograph', 'make-safe', 'mount', 'label', 'drill'], true))));
        $work = self::work($boat, $entries);
        foreach (array_unique(array_map(Walk::placeOf(...), $work->ready())) as $here) {
            $next = $work->walk($here, [])[0] ?? null;
            self::assertNotNull($next);
            self::assertSame($here, Walk::placeOf($next));
        }
    }

    /** @param  list<WorkEntry>  $entries */
    private static function work(Evaluation $boat, array $entries): Work
    {
        $steps = $boat->boat->figures(Steps::class);

        return new Work($steps, $entries, Stops::holding($boat, $steps), self::NOW);
    }

    private static function step(Evaluation $boat, string $id): Step
    {
        return $boat->boat->figures(Steps::class)->find($id) ?? self::fail("No step {$id}.");
    }

    private static function entry(Step $step, Act $act, float $at = self::NOW): WorkEntry
    {
        return new WorkEntry("entry of {$step->id}", $step->id, $act, $step->work(), $step->says, $at, 'Jorun');
    }
}
