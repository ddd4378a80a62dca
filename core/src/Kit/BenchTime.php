<?php

declare(strict_types=1);

namespace Dinghy\Kit;

use Dinghy\Kit\Piece\Piece;
use Dinghy\Plan\HouseRules;
use Dinghy\Source\Formula;

/** How long the wires take on the bench. */
final class BenchTime
{
    /**
     * @param  list<Piece>  $pieces
     * @return float min
     */
    public static function of(array $pieces, HouseRules $rules): float
    {
        $minutes = 0.0;
        foreach ($pieces as $piece) {
            if ($piece->isWire()) {
                $minutes += $rules->pieceMinutes + $rules->endMinutes * count($piece->madeEnds());
            }
        }

        return $minutes;
    }

    public static function formula(HouseRules $rules): Formula
    {
        return Formula::ofPractice("{$rules->pieceMinutes} min a piece and {$rules->endMinutes} min an end", 'the house rules');
    }
}
