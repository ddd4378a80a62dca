<?php

declare(strict_types=1);

namespace App\Areas\Contract;

use Dinghy\Compartment\Compartment;
use Dinghy\Compartment\Point;
use Dinghy\Compartment\PositionedBlock;
use Dinghy\Plan\Bank;
use Dinghy\Solving\SolvedBoat;

/** The blocks of every bank and their posts from above, as pages draw them where posts are to be found by hand. */
final class BlocksDrawn
{
    /** @return list<array<string, mixed>> */
    public static function of(SolvedBoat $boat): array
    {
        return array_merge([], ...array_map(static fn (Bank $bank): array => array_map(static fn (PositionedBlock $block): array => [
            'bank' => $bank->id,
            'battery' => $block->battery->id,
            'number' => $bank->numberOf($block->battery, $boat->words->countedFrom),
            'x_mm' => $block->position->x, 'y_mm' => $block->position->y, 'width_mm' => $block->width, 'depth_mm' => $block->depth,
            'plus' => self::point($block->plus()),
            'minus' => self::point($block->minus()),
        ], array_values(Compartment::of($boat->plan, $bank)->blocks)), array_values($boat->plan->banks)));
    }

    /** @return array{x: float, y: float} */
    private static function point(Point $point): array
    {
        return ['x' => $point->x, 'y' => $point->y];
    }
}
