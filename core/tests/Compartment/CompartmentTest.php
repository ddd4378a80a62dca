<?php

declare(strict_types=1);

namespace Dinghy\Tests\Compartment;

use Dinghy\Area\StandardAreas;
use Dinghy\Compartment\Compartment;
use Dinghy\Compartment\PositionedBlock;
use Dinghy\Plan\BlockPosition;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\TurnBlocks;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Blocks of 330 × 173 × 240 mm set out by hand; figures worked on paper. */
final class CompartmentTest extends TestCase
{
    /**
     * Posts 40 mm from the ends and 35 mm from the long edge they stand at, plus on the left: turned by quarters clockwise.
     *
     * @param  array{float, float}  $plus
     * @param  array{float, float}  $minus
     */
    #[DataProvider('turns')]
    public function test_posts_turn_with_their_block(int $turned, array $plus, array $minus): void
    {
        $block = new PositionedBlock(Plans::series(1)->plan()->batteries['b1'], new BlockPosition(100, 50, $turned));
        self::assertSame($plus, [$block->plus()->x, $block->plus()->y]);
        self::assertSame($minus, [$block->minus()->x, $block->minus()->y]);
        self::assertSame($turned % 180 === 0 ? [330.0, 173.0] : [173.0, 330.0], [$block->width, $block->depth]);
    }

    /** @return list<array{int, array{float, float}, array{float, float}}> */
    public static function turns(): array
    {
        return [
            [0, [140.0, 188.0], [390.0, 188.0]],
            [90, [135.0, 90.0], [135.0, 340.0]],
            [180, [390.0, 85.0], [140.0, 85.0]],
            [270, [238.0, 340.0], [238.0, 90.0]],
        ];
    }

    public function test_a_block_with_its_plus_on_the_right_has_its_posts_exchanged(): void
    {
        $right = Plans::series(1, ['plus_side' => 'right'])->plan()->batteries['b1'];
        $block = new PositionedBlock($right, new BlockPosition(0, 0, 0));
        self::assertSame([290.0, 40.0], [$block->plus()->x, $block->minus()->x]);
    }

    /** Three in a row: 3 × 173 + 2 × 25 = 569 mm long, 330 wide, 240 high. */
    #[DataProvider('rooms')]
    public function test_room(string $inside, ?float $short, string $says): void
    {
        $compartment = self::compartment($inside);
        self::assertSame($short, $compartment[0]->short());
        self::assertStringContainsString($says, $compartment[0]->says($compartment[1], $compartment[1]->banks['thrust'], new QuantityFormatter(Units::Metric)));
    }

    /** @return array<string, array{string, float|null, string}> */
    public static function rooms(): array
    {
        return [
            'to spare' => ['[600, 345, 250]', -0.0, 'They fit, with 0 mm to spare'],
            'too long by a side' => ['[531, 345, 250]', 38.0, 'They do not fit: 38 mm too much.'],
            'the lid' => ['[600, 345, 236]', 4.0, 'They do not fit: 4 mm too much.'],
            'not measured' => ['null', null, 'The compartment is not measured'],
        ];
    }

    public function test_blocks_that_stand_in_each_other_are_named_with_their_overlap(): void
    {
        $document = Plans::changed(Plans::series(2), ['battery:b1' => ['lies' => (object) ['x_mm' => 0, 'y_mm' => 0, 'turned' => 90]], 'battery:b2' => ['lies' => (object) ['x_mm' => 160, 'y_mm' => 20, 'turned' => 90]]]);
        $plan = $document->plan();
        $compartment = Compartment::of($plan, $plan->banks['thrust']);
        self::assertSame([['b1', 'b2', 13.0]], $compartment->overlaps());
        self::assertFalse($compartment->fits());
        self::assertStringContainsString('Battery 1 and Battery 2 stand in each other by 13 mm.', $compartment->says($plan, $plan->banks['thrust'], new QuantityFormatter(Units::Metric)));
    }

    public function test_a_battery_of_another_bank_stands_in_the_way_too(): void
    {
        $root = Plans::series(1)->root();
        $root->batteries[] = (object) [...get_object_vars($root->batteries[0]), 'id' => 'x'];
        $root->banks[] = (object) ['id' => 'other', 'strings' => [['x']]];
        $root->boat->stations = [(object) ['id' => 'stern', 'x_m' => 0, 'y_m' => 0]];
        foreach ($root->batteries as $battery) {
            $battery->station = 'stern';
            $battery->lies = (object) ['x_mm' => 10, 'y_mm' => 0, 'turned' => 0];
        }
        $plan = StandardAreas::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR))->plan();
        $compartment = Compartment::of($plan, $plan->banks['thrust']);
        self::assertSame([['b1', 'x', 173.0]], $compartment->overlaps());
        self::assertStringContainsString('other: Battery 1', $compartment->says($plan, $plan->banks['thrust'], new QuantityFormatter(Units::Metric)));
    }

    /** Two blocks end to end in parallel, one turned about: the wires from like post to like post cross. */
    public function test_crossing_jumpers_are_found_and_turned_away(): void
    {
        $document = Plans::changed(Plans::parallel(), [
            'battery:h1' => ['lies' => (object) ['x_mm' => 0, 'y_mm' => 0, 'turned' => 270]],
            'battery:h2' => ['lies' => (object) ['x_mm' => 198, 'y_mm' => 0, 'turned' => 90]],
        ]);
        $plan = $document->plan();
        self::assertCount(1, Compartment::of($plan, $plan->banks['house'])->crossings());
        $turned = $document->with(TurnBlocks::of($plan, 'house'))->plan();
        self::assertSame([], Compartment::of($turned, $turned->banks['house'])->crossings());
    }

    /** Of all ways to turn three blocks, none has shorter jumpers without crossing or overlap. */
    public function test_turned_blocks_have_the_shortest_jumpers_of_all(): void
    {
        $document = Plans::series(3);
        $turned = $document->with(TurnBlocks::of($document->plan(), 'thrust'))->plan();
        $best = Compartment::of($turned, $turned->banks['thrust']);
        self::assertTrue($best->fits());
        $row = ['b1' => 0.0, 'b2' => 198.0, 'b3' => 396.0];
        for ($turns = 0; $turns < 8; $turns++) {
            $lies = [];
            foreach (array_keys($row) as $i => $id) {
                $lies[$id] = new BlockPosition($row[$id], 0, 90 + 180 * ($turns >> $i & 1));
            }
            $other = $best->with($lies);
            self::assertTrue($other->crossings() !== [] || $best->wireLength() <= $other->wireLength() + 1e-9);
        }
    }

    /** 250 mm as the crow flies: a quarter more for the bend, 60 mm for lugs. */
    public function test_a_jumper_is_cut_longer_than_the_crow_flies(): void
    {
        $document = Plans::changed(Plans::series(2), ['battery:b1' => ['lies' => (object) ['x_mm' => 0, 'y_mm' => 0, 'turned' => 0]], 'battery:b2' => ['lies' => (object) ['x_mm' => 0, 'y_mm' => 250, 'turned' => 180]]]);
        $plan = $document->plan();
        $compartment = Compartment::of($plan, $plan->banks['thrust']);
        // From 40, 138 to the minus of the one turned about at 40, 285: 147 mm.
        self::assertEqualsWithDelta((1.25 * 147 + 60) / 1000, $compartment->jumperLength($compartment->wires[0]), 1e-9);
        self::assertEqualsWithDelta(147, $compartment->wireLength(), 1e-9);
    }

    /** @return array{Compartment, Plan} */
    private static function compartment(string $inside): array
    {
        $root = json_decode(Plans::series(3)->toJson(), false, 32, JSON_THROW_ON_ERROR);
        $root->boat->stations = [(object) ['id' => 'stern', 'x_m' => 0, 'y_m' => 0, ...($inside === 'null' ? [] : ['inside_mm' => json_decode($inside)])]];
        foreach ($root->batteries as $battery) {
            $battery->station = 'stern';
        }
        $plan = StandardAreas::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR))->plan();

        return [Compartment::of($plan, $plan->banks['thrust']), $plan];
    }
}
