<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Rigging;

use Dinghy\Area\Rigging\Rule\Evidence;
use Dinghy\Area\Rigging\Steps;
use Dinghy\Area\Rigging\StepsDocument;
use Dinghy\Area\StandardAreas;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\PlanDocument;
use Dinghy\File\PlanRefused;
use Dinghy\Kit\Piece\Pieces;
use Dinghy\Network\DataNetwork;
use Dinghy\Plan\Battery;
use Dinghy\Plan\Feed;
use Dinghy\Plan\HoleUse;
use Dinghy\Rule\Finding;
use Dinghy\Tests\MutantBoat;
use Dinghy\Tests\Plans;
use Dinghy\Tests\RandomBoat;
use Dinghy\Tests\Seed;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The order of the work, as its format promises it: checked on what is printed, by going along every need. */
final class StepsTest extends TestCase
{
    private const BOATS = 100;

    #[DataProvider('demos')]
    public function test_the_order_holds_on_boats_of_good_work_and_on_those_with_mistakes(string $boat): void
    {
        self::assertOrderHolds(Plans::evaluate(Plans::demo($boat)), $boat);
    }

    /** @return iterable<string, array{string}> */
    public static function demos(): iterable
    {
        foreach (['boats', 'mistakes'] as $folder) {
            foreach (['skiff', 'console', 'pontoon', 'rowing', 'catamaran'] as $boat) {
                yield "{$folder}/{$boat}" => ["{$folder}/{$boat}"];
            }
        }
    }

    public function test_the_order_holds_on_boats_that_nobody_would_build(): void
    {
        $seed = Seed::sown();
        $counted = 0;
        for ($boat = 0; $counted < self::BOATS; $boat++) {
            try {
                $evaluation = Plans::evaluate(match ($boat % 4) {
                    0 => RandomBoat::document(),
                    1 => RandomBoat::joined(),
                    default => MutantBoat::document(),
                });
            } catch (PlanRefused) {
                continue;
            }
            self::assertOrderHolds($evaluation, "SEED={$seed}, boat {$boat}");
            $counted++;
        }
    }

    /** An id may end like the number of an output. */
    public function test_a_wire_lands_on_a_device_whatever_its_id(): void
    {
        $plan = str_replace('"tiller-display"', '"tiller.2"', (string) file_get_contents(__DIR__.'/../../../../database/demo/boats/skiff.json'));
        $work = self::work(Plans::evaluate(StandardAreas::areas()->format->document($plan)));
        $landing = $work->steps['connect:br-tiller-display:3'];
        self::assertSame('tiller', $landing['at']);
        self::assertTrue($work->isBefore('mount:device:tiller.2', 'connect:br-tiller-display:3'));
        self::assertTrue($work->isBefore('mount:charger:c1', 'connect:c1.2+:2'));
    }

    /** An id may begin like another: a jumper waits for its own ends. */
    public function test_a_jumper_waits_for_its_own_ends(): void
    {
        $jumper = static fn (string $id, string $from, string $to): array => ['id' => $id, 'from' => $from, 'to' => $to, 'gauge' => '4 AWG', 'length_m' => 0.3];
        $work = self::work(Plans::evaluate(Plans::changed(Plans::demo('boats/skiff'), ['bank:thrust' => ['jumpers' => [$jumper('j1', 'b1+', 'b2-'), $jumper('j10', 'b2+', 'b3-')]]])));
        $landing = $work->those(static fn (array $step): bool => $step['kind'] === 'connect' && $step['on'] === ['bank:thrust'] && in_array($step['post'], ['b1+', 'b2-'], true));
        self::assertCount(2, $landing);
        foreach ($landing as $id) {
            self::assertTrue($work->isBefore('terminate:j1', $id));
            self::assertNotContains('terminate:j10', $work->steps[$id]['needs'] ?? []);
        }
    }

    /** Old runs go one by one, each proven dead, and what has corroded is cleaned, before the rest. */
    public function test_what_is_old_goes_before_what_is_new(): void
    {
        $work = self::work(Plans::evaluate(Plans::demo('boats/skiff')));
        self::assertSame(['strip-out:check-tiller', 'strip-out'], $work->ofKind('strip-out'));
        self::assertSame(['clean:old-1', 'clean:old-2'], array_values(array_filter($work->ofKind('clean'), static fn (string $id): bool => str_starts_with($id, 'clean:'))));
        foreach ($work->ofKind('strip-out') as $id) {
            self::assertSame(['rule' => 'S08', 'asks' => 'reading'], $work->steps[$id]['hold']);
        }
        self::assertTrue($work->isBefore('strip-out:check-tiller', 'strip-out'));
        self::assertSame(['strip-out'], self::work(Plans::evaluate(Plans::routed()))->ofKind('strip-out'));
        self::assertSame([], self::work(Plans::evaluate(Plans::demo('boats/rowing')))->ofKind('strip-out'), 'nothing old was found: there is no conductor to prove dead');
    }

    /** Where gas or vapour gathers it is aired once, before any end is made there. */
    public function test_a_place_where_gas_gathers_is_aired_before_a_heat_gun(): void
    {
        $work = self::work(Plans::evaluate(Plans::demo('boats/skiff')));
        $holds = $work->those(static fn (array $step): bool => is_array($step['hold']) && $step['hold']['rule'] === 'S05');
        self::assertSame(['air:stern'], $holds, 'once, not at every wire');
        self::assertTrue($work->isBefore('air:stern', 'terminate:bow-motor-'));
        self::assertTrue($work->isBefore('air:stern', 'terminate:house+1'));
        self::assertFalse($work->isBefore('air:stern', 'terminate:br-hub'), 'no battery stands in the bow locker');
    }

    /** What was not seen to work on the bench has no hole drilled for it; what an owner has on a screen is saved before it is touched. */
    public function test_goods_are_tried_before_a_hole_is_drilled(): void
    {
        $boat = Plans::evaluate(Plans::demo('boats/skiff'));
        $work = self::work($boat);
        foreach ($boat->boat->plan->devices as $device) {
            self::assertSame('bench', $work->steps["bench:device:{$device->id}"]['where']);
            self::assertTrue($work->isBefore("bench:device:{$device->id}", "mount:device:{$device->id}"));
        }
        self::assertTrue($work->isBefore('bench:device:motor', 'drill:hole-mount'));
        self::assertTrue($work->isBefore('bench:device:tiller-display', 'drill:hole-tiller'));
        self::assertSame('tiller', $work->steps['photograph:marks:tiller-display']['at']);
        self::assertTrue($work->isBefore('photograph:marks:tiller-display', 'strip-out:check-tiller'));
        self::assertArrayNotHasKey('photograph:marks:bow-display', $work->steps, 'there was none at the bow');
    }

    /** A metal hull is read in volts when everything has power; in amps only where nothing joins it; another has nothing to read. */
    public function test_a_metal_hull_is_read_for_leakage(): void
    {
        $skiff = self::work(Plans::evaluate(Plans::demo('boats/skiff')));
        $loaded = $skiff->those(static fn (array $step): bool => ($step['state'] ?? null) === 'loaded' && $step['on'] !== ['plan']);
        self::assertNotSame([], $loaded);
        self::assertSame([], $skiff->unordered($loaded, ['leakage']));
        self::assertTrue($skiff->isBefore('leakage', 'leakage:amps'), 'volts first');
        self::assertTrue($skiff->isBefore('leakage:amps', 'hand-over'));
        self::assertSame(['rule' => 'D07', 'asks' => 'reading'], $skiff->steps['leakage']['hold']);
        self::assertArrayNotHasKey('leakage', self::work(Plans::evaluate(Plans::demo('boats/console')))->steps, 'of fibreglass');

        // An outboard that joins minus to the hull: a meter in amps would be a short.
        $joined = Plans::changed(Plans::demo('boats/skiff'), ['plan' => ['boat.engine' => ['battery' => 'e1', 'joins_hull' => true]]]);
        $work = self::work(Plans::evaluate($joined));
        self::assertArrayNotHasKey('leakage:amps', $work->steps);
        $steps = Plans::evaluate($joined)->boat->figures(Steps::class);
        self::assertSame(['Ω, minus of the thrust bank to hull'], $steps->find('leakage:ohms')?->hold?->readings());
        self::assertNull($steps->find('leakage')?->hold?->lacks(new Evidence(readings: [0.1, 0.0, 12.7, 0.0])));
        // Where the join is, and at which bank, nobody can say: no amps, no ohms.
        $somewhere = self::work(Plans::evaluate(Plans::changed(Plans::demo('boats/skiff'), ['plan' => ['boat.hull_joins' => 'bond strap at the console']])));
        self::assertSame(['leakage'], $somewhere->those(static fn (array $step): bool => is_string($step['id']) && str_starts_with($step['id'], 'leakage')));
    }

    /** What comes with the engine is fastened by nobody: its own cables are marked, lifted and put back, and it is run. */
    public function test_an_alternator_comes_with_its_engine(): void
    {
        $work = self::work(Plans::evaluate(Plans::changed(Plans::demo('boats/console'), ['plan' => ['chargers' => [['id' => 'alt', 'input' => 'alternator', 'outputs' => [['battery' => 'start', 'amps' => 15, 'profile' => 'flooded']]]]]])));
        self::assertArrayNotHasKey('mount:charger:alt', $work->steps);
        $bank = $work->those(static fn (array $step): bool => $step['kind'] === 'make-safe' && is_string($step['says']) && str_contains($step['says'], 'the engine’s own cables marked and lifted'));
        self::assertCount(1, $bank);
        $landed = $work->those(static fn (array $step): bool => $step['kind'] === 'connect' && $step['on'] === ['charger:alt']);
        self::assertCount(2, $landed);
        self::assertStringStartsWith('The engine’s own cable: plus on', is_string($says = $work->steps[$landed[0]]['says']) ? $says : '');
        self::assertSame([], $work->unordered($landed, ['engine:alt']));
        self::assertTrue($work->isBefore('engine:alt', 'hand-over'));
    }

    /** A sensor that its backbone feeds is set up when that has power; the data lines were read before it had any. */
    public function test_what_a_backbone_feeds_is_commissioned(): void
    {
        $evaluation = Plans::evaluate(self::onBackbone());
        $unfed = array_map(static fn (Finding $finding): string => $finding->on, array_filter($evaluation->findings, static fn (Finding $finding): bool => $finding->rule->code === 'D08'));
        self::assertSame(['device:display'], array_values($unfed), 'a screen wants more than a backbone gives');
        $work = self::work($evaluation);
        self::assertSame([], $work->unordered(['plug-in:backbone:bus:0', 'loaded:branch:to-bus'], ['commission:compass']));
        self::assertSame('water', $work->steps['commission:compass']['where']);
        self::assertTrue($work->isBefore('off:backbone:bus', 'energise:branch:to-bus'), 'with nothing powered');
        self::assertArrayNotHasKey('commission:display', $work->steps);
    }

    /** The routed boat with a backbone on its block: a compass that nothing else feeds, a screen that nothing feeds. */
    private static function onBackbone(): PlanDocument
    {
        $root = Plans::routed()->root();
        $root->devices[] = (object) ['id' => 'compass', 'kind' => 'heading-sensor', 'v_min' => 9, 'v_max' => 16, 'typical_a' => 0.05, 'peak_a' => 0.05];
        $root->devices[] = (object) ['id' => 'display', 'kind' => 'display', 'v_min' => 10, 'v_max' => 16, 'typical_a' => 2, 'peak_a' => 3];
        $root->blocks[0]->branches[] = (object) ['id' => 'to-bus', 'class' => 'electronics', 'fuse_a' => 3, 'run' => (object) ['length_m' => 1, 'gauge' => '16 AWG', 'cable' => 'pair'], 'to' => (object) ['backbone' => 'bus']];
        $root->network = (object) ['backbones' => [(object) ['id' => 'bus', 'length_m' => 4, 'terminators' => ['start', 'end'], 'power' => [(object) ['at_m' => 0]], 'nodes' => [(object) ['device' => 'compass', 'at_m' => 1, 'drop_m' => 1], (object) ['device' => 'display', 'at_m' => 2, 'drop_m' => 1]]]]];

        return StandardAreas::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR));
    }

    /** Every landing on a post by its gap, every circuit by its ohms, its lamp and its volts; a load negative by the word of a rigger as well. */
    public function test_what_a_meter_must_show_holds_the_work(): void
    {
        $seed = Seed::sown();
        foreach ([...array_map(static fn (string $boat): PlanDocument => Plans::demo("boats/{$boat}"), ['skiff', 'console', 'pontoon', 'rowing', 'catamaran']), ...array_map(static fn (): PlanDocument => RandomBoat::joined(), range(1, 10))] as $boat) {
            $work = self::work(Plans::evaluate($boat));
            $reading = static fn (string $rule): array => ['rule' => $rule, 'asks' => 'reading'];
            foreach ($work->steps as $id => $step) {
                $expected = match (true) {
                    $step['kind'] === 'connect' && $step['post'] !== null => $reading('S09'),
                    ($step['state'] ?? null) === 'off' && ! str_starts_with($id, 'off:backbone:') => $reading('S10'),
                    ($step['state'] ?? null) === 'rest' => $reading('S04'),
                    $step['kind'] === 'energise' => ['rule' => 'S10', 'asks' => 'tick'],
                    default => null,
                };
                if ($expected !== null) {
                    self::assertContains($expected, is_array($step['holds'] ?? null) ? $step['holds'] : [$step['hold']], "SEED={$seed}: {$id}");
                }
                if (is_array($step['hold']) && $step['hold']['rule'] === 'S03') {
                    self::assertSame([['rule' => 'S03', 'asks' => 'tick'], $reading('S09')], $step['holds'] ?? null, "SEED={$seed}: {$id}");
                }
            }
        }
    }

    public function test_two_that_charge_one_block_are_both_landed(): void
    {
        $evaluation = Plans::evaluate(Plans::changed(Plans::demo('boats/skiff'), ['plan' => ['chargers' => [
            ['id' => 'mains', 'input' => 'mains', 'outputs' => [['battery' => 'b1', 'amps' => 10, 'profile' => 'agm']]],
            ['id' => 'sun', 'input' => 'solar', 'outputs' => [['battery' => 'b1', 'amps' => 5, 'profile' => 'agm']]],
        ]]]));
        $work = self::work($evaluation);
        $landed = static fn (string $charger): array => array_map(static fn (string $id): mixed => $work->steps[$id]['post'], $work->those(static fn (array $step): bool => $step['kind'] === 'connect' && $step['on'] === ["charger:{$charger}"] && $step['post'] !== null));
        // Without a wire of the boat's each has its two landings all the same.
        self::assertSame([['b1+', 'b1-'], ['b1+', 'b1-']], [$landed('mains'), $landed('sun')]);
    }

    /** By hand, from the order that riggers work in. */
    public function test_the_thrust_bank_of_the_skiff(): void
    {
        $work = self::work(Plans::evaluate(Plans::demo('boats/skiff')));
        $posts = static fn (string $bank): array => array_map(static fn (string $id): mixed => $work->steps[$id]['post'], $work->those(static fn (array $step): bool => is_string($step['id']) && str_starts_with($step['id'], "connect:bank:{$bank}:")));
        // Charger leads block by block, plus first; jumpers up the chain; the motor's plus on top; its minus last.
        self::assertSame(['b1+', 'b1-', 'b2+', 'b2-', 'b3+', 'b3-', 'b1+', 'b2-', 'b2+', 'b3-', 'b3+', 'b1-'], $posts('thrust'));
        self::assertSame(['e1+', 'e1-', 'e1+', 'e1-'], $posts('electronics'));
        $holds = array_filter(array_map(static fn (array $step): mixed => $step['hold'], $work->steps));
        self::assertSame(2, count(array_filter($holds, static fn (mixed $hold): bool => $hold === ['rule' => 'S03', 'asks' => 'tick'])), 'the load negative of each bank');
        self::assertSame(['stern', 'stern', 'bow'], array_map(static fn (int $end): mixed => $work->steps[['connect:bow-motor+1:2', 'connect:bow-motor+2:1', 'connect:bow-motor+2:2'][$end]]['at'], [0, 1, 2]), 'a breaker sits near its source');
        // Jumpers first, where the shop has it so.
        $other = self::work(Plans::evaluate(Plans::changed(Plans::demo('boats/skiff'), ['plan' => ['house_rules' => ['first_wires' => 'jumpers']]])));
        self::assertSame('b1+', $other->steps[$other->those(static fn (array $step): bool => is_string($step['id']) && str_starts_with($step['id'], 'connect:bank:thrust:'))[0]]['post']);
    }

    private static function work(Evaluation $evaluation): WorkRecord
    {
        $document = json_decode(json_encode(StepsDocument::of($evaluation->boat), JSON_THROW_ON_ERROR), true, 64, JSON_THROW_ON_ERROR);
        self::assertIsArray($document);
        self::assertSame(['dinghy-steps', 1], [$document['format'], $document['version']]);

        /** @var array<string, mixed> $document */
        return new WorkRecord($document);
    }

    private static function assertOrderHolds(Evaluation $evaluation, string $where): void
    {
        $work = self::work($evaluation);
        self::assertSame([], $work->unordered($work->ofKind('make-safe'), $work->ofKind('connect', 'drill', 'strip-out', 'pull')), $where);
        self::assertHolesAreDrilled($work, $evaluation, $where);
        foreach ($evaluation->boat->plan->banks as $bank) {
            self::assertBankIsLanded($work, $evaluation, $bank->id, $where);
        }
        self::assertWiresAreMade($work, $evaluation, $where);
        self::assertCircuitsAreMetered($work, $evaluation, $where);
        self::assertDataIsPlugged($work, $evaluation, $where);
        self::assertSame(['hand-over'], $work->ofKind('hand-over'), $where);
        self::assertSame('hand-over', array_key_last($work->steps), $where);
    }

    /** Before what goes to another place is pulled through it; what stays in its compartment, and screws, wait for nothing. */
    private static function assertHolesAreDrilled(WorkRecord $work, Evaluation $evaluation, string $where): void
    {
        foreach ($evaluation->boat->plan->holes as $hole) {
            foreach ($evaluation->boat->circuits() as $run) {
                $pulls = $work->those(static fn (array $step): bool => $step['kind'] === 'pull' && $step['on'] === [$run->circuit?->on()]);
                $passes = $hole->use === HoleUse::Cable && $run->circuit?->from !== $run->circuit?->to && $hole->station !== null && in_array($hole->station, [$run->circuit?->from, $run->circuit?->to], true);
                $far = array_values(array_filter($pulls, static fn (string $pull): bool => preg_match('/\+[1-9]$/', $pull) !== 1));
                self::assertSame([], $passes ? $work->unordered(["drill:{$hole->id}"], $far) : [], $where);
                foreach ($passes ? [] : $pulls as $pull) {
                    self::assertNotContains("drill:{$hole->id}", $work->steps[$pull]['needs'], $where);
                }
            }
        }
    }

    /** 15 cm from a battery to its breaker go through no hole; the run to the bow does. */
    public function test_a_hole_is_waited_for_by_what_passes_through_it_alone(): void
    {
        $hole = ['id' => 'gland', 'for' => 'cable', 'station' => 'stern', 'diameter_mm' => 22, 'material' => 'aluminium', 'behind' => 'air'];
        $screw = ['id' => 'pump-screw', 'for' => 'screw', 'station' => 'stern', 'diameter_mm' => 4, 'material' => 'aluminium', 'behind' => 'air'];
        $work = self::work(Plans::evaluate(Plans::changed(Plans::demo('boats/skiff'), ['plan' => ['holes' => [$hole, $screw]]])));
        self::assertContains('drill:gland', $work->steps['pull:bow-motor+2']['needs']);
        self::assertContains('drill:gland', $work->steps['pull:bow-motor-']['needs']);
        self::assertNotContains('drill:gland', $work->steps['pull:bow-motor+1']['needs']);
        self::assertNotContains('drill:pump-screw', $work->steps['pull:bow-motor-']['needs']);
    }

    /** Charger leads and jumpers, then load positives, then load negatives. */
    private static function assertBankIsLanded(WorkRecord $work, Evaluation $evaluation, string $bank, string $where): void
    {
        $plan = $evaluation->boat->plan;
        $feeds = array_map(static fn (Feed $feed): string => "feed:{$feed->id}", $plan->feedsOf($plan->banks[$bank]));
        $blocks = array_map(static fn (Battery $battery): string => $battery->id, $plan->banks[$bank]->batteries());
        $lands = static fn (string $kind, ?bool $plus): array => $work->those(static function (array $step) use ($kind, $plus, $feeds, $blocks, $bank): bool {
            if ($step['kind'] !== 'connect' || ! is_string($step['id']) || ! is_array($step['on']) || ! is_string($on = $step['on'][0]) || ! str_starts_with($step['id'], 'connect:bank:')) {
                return false;
            }
            $post = is_string($step['post']) ? $step['post'] : null;
            $isHere = $post === null ? str_starts_with($step['id'], "connect:bank:{$bank}:") : in_array(substr($post, 0, -1), $blocks, true);
            $isOf = $kind === 'load' ? in_array($on, $feeds, true) : in_array($on, ["bank:{$bank}"], true) && $post !== null;

            // A mistaken plan may have a minus on a plus post: what it is counts, not where.
            return $isHere && $isOf && ($plus === null || $plus === (is_string($step['says']) && str_contains($step['says'], ': plus on ')));
        });
        self::assertCount(2 * count($feeds), $lands('load', null), "{$where}, {$bank}: two ends of each feed");
        self::assertSame([], $work->unordered($lands('load', true), $lands('load', false)), "{$where}, {$bank}");
        $jumpers = count($plan->banks[$bank]->wires());
        $jumperSteps = array_slice($lands('own', null), 0, 2 * $jumpers);
        self::assertSame([], $work->unordered($jumperSteps, $lands('load', true)), "{$where}, {$bank}");
    }

    /** Both ends marked, pulled, made, landed; each end of each conductor once. */
    private static function assertWiresAreMade(WorkRecord $work, Evaluation $evaluation, string $where): void
    {
        $ends = 0;
        foreach ($evaluation->boat->figures(Pieces::class)->all as $piece) {
            if (! $piece->isWire()) {
                continue;
            }
            $ends += count($piece->ends);
            $made = array_values(array_filter(["label:{$piece->id}", "pull:{$piece->id}", "terminate:{$piece->id}"], static fn (string $id): bool => isset($work->steps[$id])));
            self::assertSame("label:{$piece->id}", $made[0], $where);
            for ($at = 1; $at < count($made); $at++) {
                self::assertTrue($work->isBefore($made[$at - 1], $made[$at]), "{$where}: {$made[$at]}");
            }
            $landed = $work->those(static fn (array $step): bool => is_string($step['id']) && str_starts_with($step['id'], "connect:{$piece->id}:"));
            self::assertSame([], $work->unordered([$made[count($made) - 1]], $landed), $where);
        }
        // At the least: an end on a fuse that sits on its post, and a charger's own lead, come on top.
        self::assertGreaterThanOrEqual($ends, count($work->ofKind('connect')), $where);
    }

    /** Transducers are mounted and cured, their cables marked, pulled and plugged in; a screen is set up when all its plugs are in. */
    private static function assertDataIsPlugged(WorkRecord $work, Evaluation $evaluation, string $where): void
    {
        $network = $evaluation->boat->plan->part(DataNetwork::class);
        $on = static fn (string $kind, string $part): array => $work->those(static fn (array $step): bool => $step['kind'] === $kind && $step['on'] === [$part]);
        foreach ($network->transducers ?? [] as $transducer) {
            $part = "transducer:{$transducer->id}";
            $line = array_values(array_filter([$on('label', $part), $on('pull', $part), $on('plug-in', $part), $on('commission', $part)]));
            self::assertCount($transducer->device === null ? 0 : 4, $line, "{$where}, {$part}");
            for ($at = 1; $at < count($line); $at++) {
                self::assertSame([], $work->unordered($line[$at - 1], $line[$at]), "{$where}, {$part}");
            }
            self::assertSame([], $work->unordered($on('mount', $part), [...$on('pull', $part), ...$on('wait', $part)]), "{$where}, {$part}");
            self::assertSame([], $work->unordered($on('wait', $part), $on('commission', $part)), "{$where}, {$part}: it bears water when it has cured");
            self::assertSame(in_array($transducer->mount->value, ['in-hull', 'transom', 'through-hull'], true) ? 1 : 0, count($on('wait', $part)));
            if ($transducer->device !== null) {
                self::assertSame([], $work->unordered($on('plug-in', $part), $on('commission', "device:{$transducer->device}")), "{$where}, {$part}");
            }
        }
        foreach ($network->cables ?? [] as $cable) {
            $part = "network-cable:{$cable->id}";
            self::assertSame([], $work->unordered($on('label', $part), $on('pull', $part)), $where);
            self::assertSame([], $work->unordered([...$on('pull', $part), ...$on('mount', "device:{$cable->from}"), ...$on('mount', "device:{$cable->to}")], $on('plug-in', $part)), $where);
            self::assertSame([], $work->unordered($on('plug-in', $part), [...$on('commission', "device:{$cable->from}"), ...$on('commission', "device:{$cable->to}")]), $where);
        }
        foreach ($network->backbones ?? [] as $backbone) {
            $part = "backbone:{$backbone->id}";
            self::assertCount(count($backbone->nodes), $on('plug-in', $part), $where);
            self::assertSame([], $work->unordered($on('meter', $part), $on('plug-in', $part)), "{$where}: its ohms are read while nothing hangs on it");
        }
    }

    /** Ohms, power, volts at rest, the plug, volts under load; what leads to a circuit is live before it. */
    private static function assertCircuitsAreMetered(WorkRecord $work, Evaluation $evaluation, string $where): void
    {
        foreach ($evaluation->boat->circuits() as $run) {
            $on = $run->circuit?->on() ?? '';
            $of = static fn (string $kind, ?string $state = null): array => $work->those(static fn (array $step): bool => $step['kind'] === $kind && is_array($step['on']) && $step['on'][0] === $on && ($step['state'] ?? null) === $state);
            $line = [$of('meter', 'off'), $of('energise'), $of('meter', 'rest'), $of('plug-in'), $of('meter', 'loaded')];
            $line = array_values(array_filter($line));
            self::assertGreaterThanOrEqual(4, count($line), "{$where}, {$on}");
            for ($at = 1; $at < count($line); $at++) {
                self::assertSame([], $work->unordered($line[$at - 1], $line[$at]), "{$where}, {$on}");
            }
            self::assertSame([], $work->unordered($of('connect'), $of('meter', 'off')), "{$where}, {$on}");
            foreach ($evaluation->boat->circuits() as $source) {
                if ($source->circuit?->block !== null && $source->circuit->block === $run->circuit?->fromBlock) {
                    self::assertSame([], $work->unordered(["energise:{$source->circuit->on()}"], $of('energise')), "{$where}, {$on}");
                }
            }
        }
    }
}
