<?php

declare(strict_types=1);

namespace Dinghy\Kit\Piece;

use Dinghy\Plan\Protection;

/** A conductor, cut at each fuse and breaker in its way. Switches do not cut: they sit at one of its ends. */
final class Cuts
{
    /**
     * @param  list<array{Protection, Terminus}>  $protections  from its first end on
     * @param  float|null  $length  m in all; null: not known
     * @return non-empty-list<array{from: Terminus, to: Terminus, metres: float|null, asks: string|null}> asks: the field of its part that would say its length
     */
    public static function of(Terminus $from, array $protections, Terminus $to, ?float $length, string $field): array
    {
        $cuts = [];
        $at = 0.0;
        foreach ($protections as $number => [$protection, $terminus]) {
            $place = $protection->fromSource;
            $cuts[] = ['from' => $from, 'to' => $terminus, 'metres' => self::between($at, $place, $length), 'asks' => "{$field}{$number}.from_source_m"];
            [$from, $at] = [$terminus, $place];
        }
        $cuts[] = ['from' => $from, 'to' => $to, 'metres' => self::between($at, $length, $length), 'asks' => $length === null ? null : $field.(count($protections) - 1).'.from_source_m'];

        return $cuts;
    }

    /** m; null: an end is not known, or the fuse is said to sit beyond the end of its wire */
    private static function between(?float $from, ?float $to, ?float $length): ?float
    {
        return $from === null || $to === null || $to < $from || ($length !== null && $to > $length) ? null : $to - $from;
    }
}
