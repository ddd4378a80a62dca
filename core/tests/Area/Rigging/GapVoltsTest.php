<?php

declare(strict_types=1);

namespace Dinghy\Tests\Area\Rigging;

use Dinghy\Area\Rigging\GapVolts;
use Dinghy\Area\Rigging\Step;
use Dinghy\Area\Rigging\StepKind;
use Dinghy\Area\Rigging\Steps;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** What a meter shows across a gap before it is closed; by hand, from the order in which the posts are landed. */
final class GapVoltsTest extends TestCase
{
    /** A series bank with isolated chargers: nothing joins two blocks before their jumper does, and every breaker is open. */
    public function test_nothing_joins_blocks_before_their_jumper(): void
    {
        self::assertSame([], self::read(Plans::evaluate(Plans::demo('boats/skiff'))));
    }

    /**
     * Outputs with one minus, jumpers landed first: the first lead joins the charger's minus to that of block 1; the minus of the
     * second lead then stands at block 1 and comes to block 2, one block higher: −12.7 V from the free end to the post. Landed all the
     * same it shorts block 1 through both leads, whose volts fall; the third then shows less than two blocks.
     */
    public function test_a_charger_with_one_minus_shows_a_block_at_each_gap(): void
    {
        $boat = Plans::evaluate(Plans::changed(Plans::demo('boats/skiff'), [
            'plan' => ['house_rules' => ['first_wires' => 'jumpers']],
            'charger:c1' => ['isolated_outputs' => false],
            ...array_combine(['battery:b1', 'battery:b2', 'battery:b3'], array_fill(0, 3, ['rested_v' => 12.7])),
        ]));
        $gaps = self::read($boat);
        self::assertCount(2, $gaps);
        [$second, $third] = array_values($gaps);
        self::assertEqualsWithDelta(-12.7, $second, 0.001);
        self::assertLessThan(-12.7, $third);
        self::assertGreaterThan(-25.4, $third);
    }

    /** Leads that came with the charger: isolated outputs join nothing, those with one minus join what they land on. */
    public function test_leads_that_came_with_the_charger(): void
    {
        $charger = static fn (bool $isolated): array => ['plan' => ['house_rules' => ['first_wires' => 'jumpers'], 'chargers' => [[
            'id' => 'own', 'input' => 'mains', 'isolated_outputs' => $isolated,
            'outputs' => array_map(static fn (string $block): array => ['battery' => $block, 'amps' => 10, 'profile' => 'agm'], ['b1', 'b2', 'b3']),
        ]]], ...self::rested(['b1' => 12.7, 'b2' => 12.7, 'b3' => 12.7])];
        self::assertSame([], self::read(Plans::evaluate(Plans::changed(Plans::demo('boats/skiff'), $charger(true)))));
        $gaps = self::read(Plans::evaluate(Plans::changed(Plans::demo('boats/skiff'), $charger(false))));
        self::assertCount(2, $gaps);
        self::assertEqualsWithDelta(-12.7, array_values($gaps)[0], 0.001);
    }

    /** Two strings side by side: the last jumper closes the loop, and what one string has more than the other stands across it. */
    public function test_the_last_jumper_of_strings_side_by_side_shows_their_difference(): void
    {
        $alike = self::read(Plans::evaluate(Plans::demo('boats/catamaran')));
        self::assertNotSame([], $alike);
        foreach ($alike as $gap) {
            self::assertEqualsWithDelta(0.0, $gap, 1e-9);
        }
        $apart = Plans::evaluate(Plans::changed(Plans::demo('boats/catamaran'), self::rested(['s1' => 12.8, 's2' => 12.8, 's3' => 12.7, 's4' => 12.6])));
        $gaps = array_filter(self::read($apart), static fn (string $id): bool => str_starts_with($id, 'connect:bank:thrust:'), ARRAY_FILTER_USE_KEY);
        self::assertCount(1, $gaps, 'one jumper closes the loop');
        $closing = $apart->boat->figures(Steps::class)->find((string) array_key_first($gaps));
        self::assertStringEndsWith('-', (string) $closing?->post, 'on a minus post, where a tool that slips finds no volts to metal');
        self::assertSame([], array_filter(array_slice($apart->boat->figures(Steps::class)->all, (int) array_search($closing, $apart->boat->figures(Steps::class)->all, true) + 1), static fn (Step $step): bool => $step->on === ['bank:thrust'] && str_starts_with($step->says, 'Jumper')), 'the last of its jumpers');
        self::assertEqualsWithDelta(0.3, abs(array_values($gaps)[0]), 0.001);
    }

    /** A shunt is landed once, by its bank's order, and every load's minus on it after it. */
    public function test_what_lands_on_a_shunt_lands_there_once(): void
    {
        $boat = Plans::evaluate(Plans::demo('boats/pontoon'));
        $onShunt = array_values(array_filter($boat->boat->figures(Steps::class)->all, static fn (Step $step): bool => $step->kind === StepKind::Connect && str_contains($step->says, 'load side of the shunt')));
        self::assertGreaterThan(2, count($onShunt));
        self::assertSame(array_unique(array_map(static fn (Step $step): string => $step->says, $onShunt)), array_map(static fn (Step $step): string => $step->says, $onShunt));
        foreach ($onShunt as $step) {
            self::assertStringStartsWith('connect:bank:', $step->id);
            self::assertContains('mount:bank:thrust', self::allBefore($boat, $step));
        }
    }

    /**
     * @param  array<string, float>  $volts  by battery
     * @return array<string, array<string, mixed>>
     */
    private static function rested(array $volts): array
    {
        return array_combine(array_map(static fn (string $id): string => "battery:{$id}", array_keys($volts)), array_map(static fn (float $one): array => ['rested_v' => $one], array_values($volts)));
    }

    /** @return array<string, float> V by step, of those that something joins */
    private static function read(Evaluation $boat): array
    {
        $gaps = $boat->boat->figures(GapVolts::class);
        $read = [];
        foreach ($boat->boat->figures(Steps::class)->all as $step) {
            $volts = $gaps->across($step);
            $volts === null || $read[$step->id] = $volts;
        }

        return $read;
    }

    /** @return list<string> ids of everything that is done before a step */
    private static function allBefore(Evaluation $boat, Step $step): array
    {
        $steps = $boat->boat->figures(Steps::class);
        $before = [];
        for ($next = $step->needs; $next !== [];) {
            $id = array_pop($next);
            if (! isset($before[$id])) {
                $before[$id] = true;
                array_push($next, ...$steps->find($id)->needs ?? []);
            }
        }

        return array_map(strval(...), array_keys($before));
    }
}
