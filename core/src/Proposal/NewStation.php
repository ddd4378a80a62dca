<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\Geometry\Spot;
use Dinghy\Plan\Boat;

/**
 * Where a new station goes, and of which kind it is, as riggers name places: a start to be dragged from, common
 * practice.
 */
final class NewStation
{
    /** Share of the length that a word in the name stands for, and of half the beam to port. */
    private const ALONG = [
        'stern' => 0.1, 'aft' => 0.1, 'transom' => 0.02, 'bow' => 0.88, 'fore' => 0.88, 'peak' => 0.94,
    ];

    private const ACROSS = ['port' => 0.6, 'starboard' => -0.6];

    private const KINDS = [
        'transom' => 'transom', 'engine' => 'engine', 'outboard' => 'engine', 'motor' => 'motor', 'mount' => 'motor', 'console' => 'console', 'helm' => 'console', 'battery' => 'battery',
        'deck' => 'deck', 'seat' => 'deck', 'rail' => 'deck', 'gunwale' => 'deck', 'mast' => 'deck', 'floor' => 'deck',
    ];

    /** m of a boat that nobody has measured */
    private const USUAL = ['length' => 4.0, 'beam' => 1.6];

    /** m that stations keep from one another, so that none hides another */
    private const APART = 0.4;

    public static function kindOf(string $name): string
    {
        foreach (self::words($name) as $word) {
            if (isset(self::KINDS[$word])) {
                return self::KINDS[$word];
            }
        }

        return 'locker';
    }

    public static function spotFor(Boat $boat, string $name): Spot
    {
        $length = $boat->length ?? self::USUAL['length'];
        [$along, $across] = [0.5, 0.0];
        foreach (self::words($name) as $word) {
            $along = self::ALONG[$word] ?? $along;
            $across = self::ACROSS[$word] ?? $across;
        }
        $first = new Spot(round($along * $length, 2), round($across * ($boat->beam ?? self::USUAL['beam']) / 2, 2));

        return self::free($boat, $first, $length);
    }

    /** The first free spot forward or aft of one, and that one where none is. */
    private static function free(Boat $boat, Spot $first, float $length): Spot
    {
        for ($step = 0; $step * self::APART <= $length; $step++) {
            foreach ([1, -1] as $way) {
                $spot = new Spot(round($first->x + $way * $step * self::APART, 2), $first->y);
                if ($spot->x >= 0 && $spot->x <= $length && self::isFree($boat, $spot)) {
                    return $spot;
                }
            }
        }

        return $first;
    }

    private static function isFree(Boat $boat, Spot $spot): bool
    {
        foreach ($boat->stations as $station) {
            if ($station->at()->to($spot) < self::APART - 1e-9) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> */
    private static function words(string $name): array
    {
        return preg_split('/[^a-z]+/', strtolower($name), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }
}
