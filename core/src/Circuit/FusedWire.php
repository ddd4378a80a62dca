<?php

declare(strict_types=1);

namespace Dinghy\Circuit;

use Dinghy\Plan\Protection;

/** A wire that is no run of its own, a jumper, a bond or a charger's lead, with the fuses at its first end. */
final class FusedWire
{
    /**
     * The wire has the name given; its fuses are named by name().
     *
     * @param  list<Protection>  $protection  from its first end on
     * @param  float  $wire  Ω of the wire, without its two ends
     * @return non-empty-list<Resistor>
     */
    public static function of(string $id, string $from, string $to, array $protection, float $wire): array
    {
        $resistors = [];
        foreach ($protection as $at => $fuse) {
            $next = "{$id}/+".($at + 1);
            $resistors[] = new Resistor(self::name($id, $at), $from, $next,
                $fuse->family->contactResistance($fuse->rating ?? throw new \LogicException('A fuse without rating passed the checks.')));
            $from = $next;
        }
        $resistors[] = new Resistor($id, $from, $to, $wire + 2 * PlanNetwork::RING, $id, $wire);

        return $resistors;
    }

    /** The name of the resistor that one of its fuses is. */
    public static function name(string $id, int $at): string
    {
        return "{$id}/fuse".($at + 1);
    }
}
