<?php

declare(strict_types=1);

namespace App\Areas\Contract;

use Dinghy\Geometry\Spot;
use Dinghy\Hull\Outline;

/** A hull as pages draw it. */
final class HullDrawn
{
    /** @return array{length_m: float, beam_m: float, shell: list<array{float, float}>, inner: list<list<array{float, float}>>} */
    public static function of(Outline $outline): array
    {
        return [
            'length_m' => $outline->length,
            'beam_m' => $outline->beam,
            'shell' => self::spots($outline->shell()),
            'inner' => array_map(self::spots(...), $outline->inner()),
        ];
    }

    /**
     * @param  list<Spot>  $spots
     * @return list<array{float, float}> m forward and to port
     */
    public static function spots(array $spots): array
    {
        return array_map(static fn (Spot $spot): array => [$spot->x, $spot->y], $spots);
    }
}
