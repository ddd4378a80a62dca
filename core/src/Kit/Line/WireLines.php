<?php

declare(strict_types=1);

namespace Dinghy\Kit\Line;

use Dinghy\Kit\Piece\Piece;

/** The wire to buy: what is cut, with the shop's waste. */
final class WireLines
{
    /**
     * @param  list<Piece>  $pieces
     * @param  float  $waste  0–1
     * @return list<KitLine>
     */
    public static function of(array $pieces, float $waste): array
    {
        $tray = new Tray('Wire');
        foreach ($pieces as $piece) {
            $tray->metres($piece->stock->name(), (1 + $waste) * ($piece->cut ?? 0.0), $piece->id);
        }

        return $tray->lines();
    }
}
