<?php

declare(strict_types=1);

namespace Dinghy\Area\Layout\Figure;

use Dinghy\Plan\Board;
use Dinghy\Plan\BoardPart;

/** What cannot be built of a board as it is laid out. */
final class BoardProblems
{
    /** mm of board that a hole needs around it: common practice, no source */
    private const EDGE = 6.0;

    /** @return list<string> sentences; none: it can be built */
    public static function of(Board $board): array
    {
        $problems = [];
        foreach ($board->parts as $at => $part) {
            if ($part->x + $part->width > $board->width + 1e-9 || $part->y + $part->height > $board->height + 1e-9) {
                $problems[] = "{$part->name} reaches over the edge of the board.";
            }
            foreach (array_slice($board->parts, $at + 1) as $other) {
                if (self::overlap($part, $other)) {
                    $problems[] = "{$part->name} and {$other->name} lie on one another.";
                }
            }
            foreach ($part->holes as $hole) {
                if (self::toEdge($board, $part->x + $hole['x'], $part->y + $hole['y']) - $hole['diameter'] / 2 < self::EDGE - 1e-9) {
                    $problems[] = "A hole of {$part->name} is closer than 6 mm to the edge of the board.";

                    break;
                }
            }
        }

        return $problems;
    }

    private static function overlap(BoardPart $a, BoardPart $b): bool
    {
        return $a->x < $b->x + $b->width - 1e-9 && $b->x < $a->x + $a->width - 1e-9 && $a->y < $b->y + $b->height - 1e-9 && $b->y < $a->y + $a->height - 1e-9;
    }

    private static function toEdge(Board $board, float $x, float $y): float
    {
        return min($x, $y, $board->width - $x, $board->height - $y);
    }
}
