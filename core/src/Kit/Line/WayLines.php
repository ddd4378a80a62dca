<?php

declare(strict_types=1);

namespace Dinghy\Kit\Line;

use Dinghy\Conductor\OutsideDiameter;
use Dinghy\Kit\Piece\Piece;
use Dinghy\Plan\Way;
use Dinghy\Quantity\QuantityFormatter;

/**
 * What holds, protects and pulls the wires on their ways: ties or clamps by the spacing of each open way, loom over what lies
 * there together, a grommet at each bare bulkhead, a guard at each edge, a cord left in each tube. Common practice, no source.
 */
final class WayLines
{
    /** mm² from which a wire is held by a clamp and not by a tie */
    private const CLAMPED = 8.0;

    /** m of cord beyond both mouths of a tube */
    private const CORD_ENDS = 1.0;

    /** m of guard at an edge */
    private const GUARD = 0.3;

    /** mm that a bundle's clamp or grommet is wider than the wires side by side */
    private const ROOM = 2.0;

    /**
     * @param  list<Piece>  $pieces
     * @return list<KitLine>
     */
    public static function of(array $pieces): array
    {
        $tray = new Tray('On the ways');
        [$ways, $on, $offWays] = self::lying($pieces);
        foreach ($ways as $id => $way) {
            $for = array_map(static fn (Piece $piece): string => $piece->id, $on[$id]);
            if ($way->isTube()) {
                $tray->metres('Pull cord, left in the tube', $way->pullCord === true ? 0.0 : $way->length + self::CORD_ENDS, "way:{$id}", ...$for);
            } else {
                self::hold($tray, $way->length, $way->support, $on[$id], ["way:{$id}", ...$for]);
                $tray->metres('Split loom '.self::across($on[$id]).' mm', count($on[$id]) > 1 ? $way->length : 0.0, "way:{$id}", ...$for);
            }
            match ($way->chafe) {
                'bulkhead' => $tray->pieces('Grommet for '.self::across($on[$id]).' mm', 1, "way:{$id}", ...$for),
                'edge' => $tray->metres('Hose guard over an edge, slit', self::GUARD, "way:{$id}", ...$for),
                default => null,
            };
        }
        foreach ($offWays as $together) {
            self::hold($tray, max(array_map(static fn (Piece $piece): float => $piece->cut ?? 0.0, $together)), Way::HELD_EVERY, $together, array_map(static fn (Piece $piece): string => $piece->id, $together));
        }

        return $tray->lines();
    }

    /**
     * @param  list<Piece>  $pieces
     * @return array{array<string, Way>, array<string, non-empty-list<Piece>>, array<string, non-empty-list<Piece>>} the ways used, what lies on each, and what lies on none, by the part it is of
     */
    private static function lying(array $pieces): array
    {
        $ways = $on = $off = [];
        foreach ($pieces as $piece) {
            foreach ($piece->route->ways ?? [] as $way) {
                $ways[$way->id] = $way;
                $on[$way->id][] = $piece;
            }
            if (($piece->route->ways ?? []) === [] && ($piece->cut ?? 0.0) > Way::HELD_EVERY) {
                $off[$piece->of][] = $piece;
            }
        }

        return [$ways, $on, $off];
    }

    /**
     * @param  float  $metres  m to hold
     * @param  float  $every  m
     * @param  non-empty-list<Piece>  $pieces
     * @param  list<string>  $for
     */
    private static function hold(Tray $tray, float $metres, float $every, array $pieces, array $for): void
    {
        $heavy = array_filter($pieces, static fn (Piece $piece): bool => $piece->stock->gauge->areaMm2 >= self::CLAMPED) !== [];
        $tray->pieces($heavy ? 'Cushion clamp '.self::across($pieces).' mm' : 'Tie', (int) ceil($metres / max($every, 0.05) - 1e-9) + 1, ...$for);
    }

    /**
     * mm across the bundle: as a circle that holds them loosely.
     *
     * @param  non-empty-list<Piece>  $pieces
     */
    private static function across(array $pieces): string
    {
        $area = array_sum(array_map(static fn (Piece $piece): float => ($piece->stock->pair ? OutsideDiameter::pair($piece->stock->gauge) : OutsideDiameter::single($piece->stock->gauge)) ** 2, $pieces));

        return QuantityFormatter::trim(ceil(sqrt($area) + (count($pieces) > 1 ? self::ROOM : 0.0)), 0);
    }
}
