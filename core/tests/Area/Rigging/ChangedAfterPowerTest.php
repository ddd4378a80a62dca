<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Rigging;

use Dinghy\Area\Rigging\Act;
use Dinghy\Area\Rigging\Rule\Evidence;
use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\Steps;
use Dinghy\Area\Rigging\Work;
use Dinghy\Area\Rigging\WorkEntry;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanDocument;
use Dinghy\File\PlanRefused;
use Dinghy\Plan\Feed;
use Dinghy\Tests\Measured;
use Dinghy\Tests\MutantBoat;
use Dinghy\Tests\Plans;
use Dinghy\Tests\RandomBoat;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\TestCase;

/** A plan that is changed, or a step that is taken back, once circuits have power: no hand is led onto what is live. */
final class ChangedAfterPowerTest extends TestCase
{
    private const NOW = 29_670_720.0;

    /** boats in every run; more by BOATS=500 */
    private const BOATS = 100;

    /** steps that are done after the change */
    private const AFTER = 30;

    public function test_a_thicker_wire_after_power_begins_with_the_bank_made_safe(): void
    {
        $before = self::boat();
        $entries = self::all($before);
        $thicker = self::boat(['feed:bow-motor' => ['run.gauge' => '2 AWG']]);
        $work = self::work($thicker, $entries);
        $first = $work->walk(null, [])[0];
        self::assertSame('make-safe:bank:thrust', $first->id);
        self::assertSame('The thrust bank: chargers unplugged, breaker off, load negative off first, then the rings of what you change; prove it dead.', $first->says);
        self::assertSame(['S08'], array_map(static fn ($hold): string => $hold->text()->code, $first->holds()));
        self::assertStringContainsString('three readings', (string) $work->refusal($first, new Evidence(tick: true), true));
        self::assertNull($work->refusal($first, new Evidence(readings: [38.1, 0.0, 38.1]), true));
        foreach (['off', 'energise', 'rest', 'plug-in', 'loaded'] as $of) {
            self::assertArrayHasKey("{$of}:feed:bow-motor", $work->reopened, $of);
        }
        // The wire itself is open because the plan changed it, and cannot be touched yet.
        self::assertNotNull($work->refusal(self::step($thicker, 'pull:bow-motor-'), new Evidence, true));
        self::assertNotNull($work->refusal(self::step($thicker, 'plug-in:feed:bow-motor'), new Evidence, true));
        // What is landed stays landed, and what another bank feeds stays as it is.
        foreach (['connect:bank:thrust:jumper:b1+b2-@b2-', 'connect:bank:thrust:charger:c1+@b1+', 'make-safe:bank:electronics', 'energise:feed:house', 'loaded:feed:house', 'connect:house-:2', 'rest:branch:br-hub'] as $stays) {
            self::assertArrayHasKey($stays, $work->done, $stays);
        }
    }

    public function test_once_it_is_safe_the_wire_is_made_landed_and_read_as_the_first_time(): void
    {
        $entries = self::all(self::boat());
        $thicker = self::boat(['feed:bow-motor' => ['run.gauge' => '2 AWG']]);
        $did = [];
        for ($work = self::work($thicker, $entries); ($next = $work->walk(null, [])[0] ?? null) !== null; $work = self::work($thicker, $entries)) {
            self::assertSame([], $work->openNeeds($next));
            $entries[] = self::entry($next);
            $did[] = $next->id;
            self::assertLessThan(60, count($did), 'it comes to an end');
        }
        self::assertSame([], $work->open);
        $order = array_flip($did);
        foreach ([['make-safe:bank:thrust', 'pull:bow-motor-'], ['pull:bow-motor-', 'terminate:bow-motor-'], ['connect:bank:thrust:feed:bow-motor+@b3+', 'connect:bank:thrust:feed:bow-motor-@b1-'], ['connect:bank:thrust:feed:bow-motor-@b1-', 'off:feed:bow-motor'], ['off:feed:bow-motor', 'energise:feed:bow-motor'], ['energise:feed:bow-motor', 'rest:feed:bow-motor'], ['rest:feed:bow-motor', 'plug-in:feed:bow-motor'], ['plug-in:feed:bow-motor', 'loaded:feed:bow-motor'], ['loaded:feed:bow-motor', 'hand-over']] as [$one, $other]) {
            self::assertLessThan($order[$other], $order[$one], "{$one} before {$other}");
        }
        self::assertCount(count($did), array_unique($did), 'nothing twice');
        self::assertNotContains('connect:bank:thrust:jumper:b1+b2-@b2-', $did);
    }

    /** Two feeds of one bank: the one that nobody changed loses its power and its minus, and nothing else. */
    public function test_what_shares_the_bank_has_its_power_and_its_minus_again(): void
    {
        $two = static fn (string $gauge): Evaluation => Plans::evaluate(Plans::changed(Plans::demo('boats/skiff'), ['feed:bow-motor' => ['from' => ['bank' => 'electronics'], 'run.gauge' => $gauge]]));
        $entries = self::all($two('4 AWG'));
        $thicker = $two('2 AWG');
        self::assertArrayHasKey('energise:feed:house', self::work($thicker, $entries)->done, 'still on, until the bank is made safe');
        $entries[] = self::entry(self::work($thicker, $entries)->walk(null, [])[0]);
        $reopened = array_keys(self::work($thicker, $entries)->reopened);
        self::assertContains('energise:feed:house', $reopened);
        self::assertContains('connect:bank:electronics:feed:house-@e1-', $reopened);
        self::assertContains('energise:branch:br-hub', $reopened, 'its fuse is out');
        foreach (['off:feed:house', 'rest:feed:house', 'connect:bank:electronics:feed:house+@e1+', 'plug-in:branch:br-hub', 'loaded:branch:br-hub'] as $stays) {
            self::assertNotContains($stays, $reopened);
        }
    }

    /** Another fuse, or a block moved, opens the circuits that it is in; a length that was measured anew opens nothing. */
    public function test_what_opens_a_circuit_and_what_does_not(): void
    {
        $entries = self::all(self::boat());
        $reopened = static fn (array $changes): array => array_map(strval(...), array_keys(self::work(self::boat($changes), $entries)->reopened));
        self::assertSame([], array_diff($reopened(['feed:bow-motor' => ['run.length_m' => 9.0, 'run.route' => Plans::UNKNOWN]]), ['hand-over']));
        $fused = $reopened(['branch:br-hub' => ['fuse_a' => 7.5]]);
        self::assertContains('make-safe:bank:electronics', $fused);
        self::assertContains('off:branch:br-hub', $fused);
        self::assertNotContains('off:branch:br-bow-display', $fused);
        $work = self::work(self::boat(['block:bow-block' => ['station' => 'midship']]), $entries);
        foreach (['mount:block:bow-block', 'off:feed:house', 'rest:branch:br-bow-display', 'make-safe:bank:electronics'] as $open) {
            self::assertArrayNotHasKey($open, $work->done);
        }
        self::assertArrayHasKey('make-safe:bank:thrust', $work->done);
    }

    /** A landing that is taken back is a ring in the hand: its bank was live. */
    public function test_a_landing_taken_back_begins_with_the_bank_made_safe(): void
    {
        $boat = self::boat();
        $entries = self::all($boat);
        $work = self::work($boat, $entries);
        $landing = self::step($boat, 'connect:house+2:2');
        foreach ([...array_reverse($work->following($landing)), $landing] as $back) {
            $entries[] = self::entry($back, Act::Undo);
        }
        $work = self::work($boat, $entries);
        self::assertSame('make-safe:bank:electronics', $work->walk(null, [])[0]->id);
        self::assertStringContainsString('prove it dead', (string) $work->refusal($landing, new Evidence, true));
    }

    /** Whatever is changed on whatever boat, whoever works by needs alone, in any order. */
    public function test_no_hand_is_led_onto_what_is_live(): void
    {
        $seed = Seed::sown();
        $boats = (int) (getenv('BOATS') ?: self::BOATS);
        $steps = $reopened = 0;
        for ($boat = 0; $boat < $boats;) {
            try {
                $document = match ($boat % 3) {
                    0 => RandomBoat::document(),
                    1 => RandomBoat::joined(),
                    default => MutantBoat::document(1),
                };
                $before = Plans::evaluate($document);
                $after = Plans::evaluate(self::changed($document));
            } catch (PlanRefused) {
                continue;
            }
            if (! self::isFused($before) || ! self::isFused($after)) {
                continue; // F01 stops it: without a fuse nothing can be switched off
            }
            $boat++;
            $hands = new LiveWires;
            $entries = self::progress($before, $hands, "SEED={$seed}, boat {$boat}");
            if ($entries !== [] && mt_rand(0, 2) === 0) {
                $work = self::work($before, $entries);
                $back = $work->steps->find($entries[mt_rand(0, count($entries) - 1)]->step);
                foreach ($back === null ? [] : [...array_reverse($work->following($back)), $back] as $step) {
                    $entries[] = self::entry($step, Act::Undo);
                }
                $after = $before;
            }
            for ($did = 0; $did < self::AFTER; $did++) {
                $work = self::work($after, $entries);
                $reopened += count($work->reopened) > 0 ? 1 : 0;
                $ready = $work->ready();
                if ($ready === []) {
                    break;
                }
                foreach ($ready as $step) {
                    self::assertNull($hands->wrongWith($step, $after->boat), "SEED={$seed}, boat {$boat}");
                }
                $step = $ready[mt_rand(0, count($ready) - 1)];
                $hands->does($step, $after->boat, static fn (string $id): bool => ! isset($work->done[$id]));
                $entries[] = self::entry($step);
                $steps++;
            }
            if ($boat % 10 === 0) {
                self::assertComesToAnEnd($after, $entries, "SEED={$seed}, boat {$boat}");
            }
        }
        self::assertGreaterThan($boats, $reopened);
        Measured::say("Changed after power, SEED={$seed}: {$boats} boats, {$steps} steps after the change, none on what is live; in {$reopened} of them something was open again");
    }

    /** @param  list<WorkEntry>  $entries */
    private static function assertComesToAnEnd(Evaluation $boat, array $entries, string $where): void
    {
        for ($did = 0; ($ready = ($work = self::work($boat, $entries))->ready()) !== []; $did++) {
            self::assertLessThan(2 * count($work->steps->all), $did, $where);
            array_push($entries, ...array_map(static fn (Step $step): WorkEntry => self::entry($step), $ready));
        }
        self::assertSame([], array_map(static fn (Step $step): string => $step->id, $work->open), $where);
    }

    /** @return list<WorkEntry> some of the work, in any order that its needs allow */
    private static function progress(Evaluation $boat, LiveWires $hands, string $where): array
    {
        $steps = $boat->boat->figures(Steps::class)->all;
        $most = mt_rand(0, 3) === 0 ? mt_rand(0, count($steps)) : count($steps) - mt_rand(0, 12);
        $done = $entries = [];
        $open = array_column(array_map(static fn (Step $step): array => [$step->id, $step], $steps), 1, 0);
        while (count($done) < $most) {
            $ready = array_values(array_filter($open, static fn (Step $step): bool => array_diff($step->needs, array_keys($done)) === []));
            // Some go far with one thing, some begin everything.
            foreach (mt_rand(0, 3) === 0 ? $ready : [$ready[mt_rand(0, count($ready) - 1)]] as $step) {
                self::assertNull($hands->wrongWith($step, $boat->boat), $where);
                $hands->does($step, $boat->boat, static fn (): bool => false);
                $done[$step->id] = true;
                $entries[] = self::entry($step);
                unset($open[$step->id]);
            }
        }

        return $entries;
    }

    private static function changed(PlanDocument $document): PlanDocument
    {
        $root = $document->root();
        $any = static fn (array $of): mixed => $of === [] ? null : $of[mt_rand(0, count($of) - 1)];
        $run = $any([...$root->feeds ?? [], ...$any($root->blocks ?? [])->branches ?? []])?->id;
        if ($run === null || mt_rand(0, 1) === 0) {
            return MutantBoat::changed($document);
        }
        $on = in_array($run, array_column($root->feeds ?? [], 'id'), true) ? "feed:{$run}" : "branch:{$run}";

        return Plans::changed($document, [$on => ['run.gauge' => $any(['16 AWG', '8 AWG', '4 AWG', '2/0 AWG'])]]);
    }

    private static function isFused(Evaluation $boat): bool
    {
        return array_filter($boat->boat->plan->feeds, static fn (Feed $feed): bool => $feed->protection === []) === [];
    }

    /** @param  array<string, array<string, mixed>>  $changes */
    private static function boat(array $changes = []): Evaluation
    {
        return Plans::evaluate(Plans::changed(Plans::demo('boats/skiff'), $changes));
    }

    /** @return list<WorkEntry> the whole work, as it is printed */
    private static function all(Evaluation $boat): array
    {
        return array_map(static fn (Step $step): WorkEntry => self::entry($step), $boat->boat->figures(Steps::class)->all);
    }

    /** @param  list<WorkEntry>  $entries */
    private static function work(Evaluation $boat, array $entries): Work
    {
        return new Work($boat->boat->figures(Steps::class), $entries, [], self::NOW + 10_000);
    }

    private static function step(Evaluation $boat, string $id): Step
    {
        return $boat->boat->figures(Steps::class)->find($id) ?? self::fail("No step {$id}.");
    }

    private static function entry(Step $step, Act $act = Act::Done): WorkEntry
    {
        return new WorkEntry("entry of {$step->id}", $step->id, $act, $step->work(), $step->says, self::NOW, 'Jorun');
    }
}
