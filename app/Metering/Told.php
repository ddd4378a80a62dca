<?php

declare(strict_types=1);

namespace App\Metering;

use Dinghy\Metering\Judgement;
use Dinghy\Metering\Measurement;

/** Measurements and what they are taken for, as the page hears of them. */
final class Told
{
    /** @return array<string, mixed> */
    public static function measurement(Measurement $of): array
    {
        return [
            'id' => $of->id, 'unit' => $of->quantity->value, 'says' => $of->says, 'red' => $of->red->says, 'black' => $of->black->says,
            'red_node' => $of->red->node, 'black_node' => $of->black->node,
            'expect' => $of->expect, 'low' => $of->low, 'high' => is_finite($of->high) ? $of->high : null, 'range' => $of->range->value,
        ];
    }

    /** @return array{verdict: string, says: string, next: string|null} */
    public static function judgement(Judgement $judgement): array
    {
        return ['verdict' => $judgement->verdict->value, 'says' => $judgement->says, 'next' => $judgement->next];
    }
}
