<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Rigging;

use Dinghy\Area\Rigging\Act;
use Dinghy\Area\Rigging\RiggingArea;
use Dinghy\Area\Rigging\Rule\Evidence;
use Dinghy\Area\Rigging\Rule\HullVolts;
use Dinghy\Area\Rigging\Rule\IsolationRead;
use Dinghy\Area\Rigging\Rule\LeakageRead;
use Dinghy\Area\Rigging\Rule\ProvenDead;
use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\Steps;
use Dinghy\Area\Rigging\Stops;
use Dinghy\Area\Rigging\Work;
use Dinghy\Area\Rigging\WorkEntry;
use Dinghy\Area\StandardAreas;
use Dinghy\File\PlanDocument;
use Dinghy\Rule\Level;
use Dinghy\Rule\RuleText;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What holds the work: by the rules of the work itself, and by the stops of the plan. */
final class HoldTest extends TestCase
{
    /** @param  list<float>  $readings */
    #[DataProvider('readings')]
    public function test_a_conductor_is_dead_where_the_meter_still_measures(array $volts, ?string $says): void
    {
        $lacks = (new ProvenDead)->lacks(new Evidence(tick: true, readings: $volts));
        $says === null ? self::assertNull($lacks) : self::assertStringContainsString($says, (string) $lacks);
    }

    /** @return array<string, array{list<float>, string|null}> */
    public static function readings(): array
    {
        return [
            'live, dead, live' => [[12.6, 0.0, 12.6], null],
            'the probes the other way round' => [[-12.6, 0.02, -12.6], null],
            'a little picked up' => [[38.1, 0.3, 38.1], null],
            'its battery ran out' => [[12.6, 0.0, 0.0], 'may have failed'],
            'nothing live was read' => [[0.0, 0.0, 0.0], 'not live'],
            'it is live' => [[12.6, 12.5, 12.6], 'is live'],
            'it is live, reversed' => [[12.6, -12.5, 12.6], 'is live'],
            'one is missing' => [[12.6, 0.0], 'three readings'],
            'none' => [[], 'three readings'],
        ];
    }

    /** @param  list<float>  $milliamps */
    #[DataProvider('leaks')]
    public function test_nothing_flows_to_the_hull(array $milliamps, ?string $says): void
    {
        $lacks = (new LeakageRead)->lacks(new Evidence(tick: true, readings: $milliamps));
        $says === null ? self::assertNull($lacks) : self::assertStringContainsString($says, (string) $lacks);
    }

    /** @return array<string, array{list<float>, string|null}> */
    public static function leaks(): array
    {
        return [
            'none' => [[0.0, 0.1], null],
            'a minus touches the hull: plus finds its way back through it' => [[35.0, 0.0], 'a minus touches it'],
            'a plus does' => [[0.0, -12.0], 'a plus touches it'],
            'not read' => [[], 'two readings'],
            'one of two' => [[0.0], 'two readings'],
        ];
    }

    /**
     * An outboard's block joins minus to an aluminium hull: plus reads battery volts there and is right; a bank of its own reads nothing.
     *
     * @param  list<float>  $volts
     */
    #[DataProvider('hulls')]
    public function test_volts_to_the_hull(array $volts, ?string $says): void
    {
        $hold = new HullVolts([['name' => 'the starting bank', 'volts' => 12.0, 'joined' => true], ['name' => 'the thrust bank', 'volts' => 36.0, 'joined' => false]]);
        $lacks = $hold->lacks(new Evidence(readings: $volts));
        $says === null ? self::assertNull($lacks) : self::assertStringContainsString($says, (string) $lacks);
    }

    /** @return array<string, array{list<float>, string|null}> */
    public static function hulls(): array
    {
        return [
            'joined at the engine' => [[12.7, 0.0, 0.2, -0.1], null],
            'the engine does not join it' => [[0.1, 0.0, 0.0, 0.0], 'should read its battery volts'],
            'minus of the other touches too' => [[12.7, 0.0, 38.0, 0.0], 'Plus of the thrust bank reads volts to the hull: somewhere its minus touches it'],
            'a plus touches' => [[12.7, 0.0, 0.0, -37.9], 'Minus of the thrust bank reads volts to the hull: a plus touches'],
            'of one bank alone' => [[12.7, 0.0], 'In volts'],
        ];
    }

    public function test_where_nobody_says_which_bank_either_is_right(): void
    {
        $hold = new HullVolts([['name' => 'the bank', 'volts' => 12.0, 'joined' => null]]);
        self::assertNull($hold->lacks(new Evidence(readings: [12.6, 0.0])));
        self::assertNull($hold->lacks(new Evidence(readings: [0.2, 0.1])));
        self::assertStringContainsString('neither nothing nor its battery volts', (string) $hold->lacks(new Evidence(readings: [6.0, 0.0])));
    }

    public function test_ohms_to_the_hull_of_what_is_not_joined(): void
    {
        $hold = new IsolationRead(['the thrust bank']);
        self::assertSame(['Ω, minus of the thrust bank to hull'], $hold->readings());
        self::assertNull($hold->lacks(new Evidence(readings: [1e9])));
        self::assertStringContainsString('joins minus of the thrust bank to the hull as well', (string) $hold->lacks(new Evidence(readings: [3.0])));
        self::assertStringContainsString('ohms of every bank', (string) $hold->lacks(new Evidence));
    }

    /**
     * Of each hold that is ticked: a boat whose step it holds, passed by the word of who may sign, and a boat that nobody asks it of.
     *
     * @param  array<string, array<string, mixed>>  $without  changes
     */
    #[DataProvider('ticked')]
    public function test_a_hold_is_asked_where_it_is_due_and_nowhere_else(string $code, string $step, array $without): void
    {
        $holds = static function (PlanDocument $document) use ($code): array {
            $steps = Plans::evaluate($document)->boat->figures(Steps::class)->all;

            return array_values(array_map(static fn (Step $one): string => $one->id, array_filter($steps, static fn (Step $one): bool => $one->hold?->text()->code === $code)));
        };
        self::assertContains($step, $holds(Plans::pump()));
        self::assertSame([], $holds(Plans::pump($without)));
        $boat = Plans::evaluate(Plans::pump());
        $steps = $boat->boat->figures(Steps::class);
        $held = $steps->find($step) ?? self::fail("No step {$step}.");
        $done = array_map(static fn (Step $one): WorkEntry => new WorkEntry($one->id, $one->id, Act::Done, $one->work(), $one->says, 0.0, 'Jorun'), array_values(array_filter(array_map($steps->find(...), $held->needs))));
        $work = new Work($steps, [...$done, new WorkEntry('begun', $step, Act::Begin, $held->work(), $held->says, 0.0, 'Jorun')], [], 1e6);
        self::assertStringContainsString((string) $held->hold?->statement(), (string) $work->refusal($held, new Evidence, true));
        self::assertStringContainsString('rigger', (string) $work->refusal($held, new Evidence(tick: true), false));
        self::assertNull($work->refusal($held, new Evidence(tick: true), true));
    }

    /** @return array<string, array{string, string, array<string, array<string, mixed>>}> */
    public static function ticked(): array
    {
        return [
            'S01: no mains charger, nothing to unplug' => ['S01', 'make-safe:chargers', ['plan' => ['chargers' => []]]],
            'S02: no bank, none to open' => ['S02', 'make-safe:bank:house', ['plan' => ['banks' => [], 'feeds' => [], 'chargers' => []]]],
            'S06: from the sun, no mains' => ['S06', 'mount:charger:c1', ['charger:c1' => ['input' => 'solar']]],
        ];
    }

    /** Sealant under water cures, blocks of one bank are charged each by itself; one block alone joins nothing. */
    public function test_what_cures_or_is_charged_is_waited_for(): void
    {
        $waits = static fn (PlanDocument $document): array => array_values(array_map(static fn (Step $one): string => $one->id, array_filter(Plans::evaluate($document)->boat->figures(Steps::class)->all, static fn (Step $one): bool => $one->hold?->text()->code === 'S12')));
        $hole = ['id' => 'log', 'for' => 'transducer', 'diameter_mm' => 50, 'material' => 'fibreglass', 'behind' => 'bilge'];
        self::assertSame([], $waits(Plans::pump()));
        self::assertSame([], $waits(Plans::pump(['plan' => ['holes' => [$hole]]])));
        self::assertSame(['wait:hole:log'], $waits(Plans::pump(['plan' => ['holes' => [[...$hole, 'below_water' => true]]]])));
        self::assertSame(['wait:charged:thrust'], $waits(Plans::series(2)));
    }

    public function test_every_hold_of_a_boat_is_in_the_rulebook(): void
    {
        $known = array_map(static fn (RuleText $text): string => $text->code, (new RiggingArea)->holds());
        $seen = [];
        foreach (['skiff', 'console', 'pontoon', 'rowing', 'catamaran'] as $boat) {
            foreach (Plans::evaluate(Plans::demo("boats/{$boat}"))->boat->figures(Steps::class)->all as $step) {
                if ($step->hold !== null) {
                    $seen[$step->hold->text()->code] = true;
                    self::assertContains($step->hold->text()->code, $known);
                    self::assertStringEndsWith('.', $step->hold->statement());
                    self::assertNotNull($step->hold->lacks(new Evidence), 'with nothing given it holds');
                }
            }
        }
        self::assertGreaterThan(6, count($seen));
        self::assertContains('S11', array_map(static fn (RuleText $text): string => $text->code, StandardAreas::areas()->texts()));
    }

    /**
     * Each part that a stop can name, and the steps that it holds.
     *
     * @param  array<string, array<string, mixed>>  $changes
     * @param  list<string>  $held
     * @param  list<string>  $free
     */
    #[DataProvider('stops')]
    public function test_a_stop_holds_what_it_names_and_the_hand_over(array $changes, array $held, array $free): void
    {
        $boat = Plans::evaluate(Plans::changed(Plans::demo('boats/skiff'), $changes));
        self::assertGreaterThan(0, $boat->count(Level::Stop));
        $steps = $boat->boat->figures(Steps::class);
        $holding = Stops::holding($boat, $steps);
        self::assertSame([], array_diff([...$held, 'hand-over'], array_keys($holding)));
        self::assertSame([], array_intersect($free, array_keys($holding)));
        foreach (array_keys($holding) as $id) {
            self::assertNotNull($steps->find($id), $id);
        }
    }

    /** @return array<string, array{array<string, array<string, mixed>>, list<string>, list<string>}> */
    public static function stops(): array
    {
        return [
            'a wire that is too thin for its fuse' => [['feed:house' => ['run.gauge' => '16 AWG']], ['energise:feed:house'], ['energise:feed:bow-motor', 'drill:hole-mount']],
            'nobody looked behind a hole' => [['hole:hole-mount' => ['behind' => '']], ['drill:hole-mount'], ['drill:hole-tiller', 'energise:feed:house']],
            'blocks of two chemistries' => [['battery:b2' => ['chemistry' => 'flooded']], ['energise:feed:bow-motor'], ['energise:feed:house']],
            'a transducer that no plug joins' => [['transducer:bow-transducer' => ['plug' => 'another plug']], ['mount:transducer:bow-transducer', 'plug-in:transducer:bow-transducer'], ['mount:transducer:transom-transducer']],
        ];
    }

    public function test_a_boat_without_stops_is_held_by_none(): void
    {
        $boat = Plans::evaluate(Plans::demo('boats/skiff'));
        self::assertSame([], Stops::holding($boat, $boat->boat->figures(Steps::class)));
        self::assertNotSame([], array_filter($boat->boat->figures(Steps::class)->all, static fn (Step $step): bool => $step->hold !== null));
    }
}
