<?php

declare(strict_types=1);

namespace Dinghy\Joint;

use Dinghy\Conductor\Gauge;

/**
 * What a terminal is crimped with: a coloured nest of the ratchet crimper for terminals that have their sleeve on (red 22–16,
 * blue 16–14, yellow 12–10), a hexagon of its own for each gauge above. Common practice, no source.
 */
final class CrimpDie
{
    /** mm², the largest of each nest */
    private const NESTS = ['red' => 1.0, 'blue' => 2.6, 'yellow' => 6.0];

    /** Whether terminals of it come with their sleeve on. */
    public static function isInsulated(Gauge $gauge): bool
    {
        return $gauge->areaMm2 <= self::NESTS['yellow'];
    }

    /** As it is looked for in the drawer: "yellow nest", "hexagon 6 AWG". */
    public static function of(Gauge $gauge): string
    {
        foreach (self::NESTS as $colour => $upTo) {
            if ($gauge->areaMm2 <= $upTo) {
                return "{$colour} nest";
            }
        }

        return "hexagon {$gauge}";
    }

    /** The tool that holds it. */
    public static function toolFor(Gauge $gauge): string
    {
        return self::isInsulated($gauge) ? 'Ratchet crimper for terminals with adhesive sleeves' : 'Hexagon crimper for heavy lugs';
    }
}
