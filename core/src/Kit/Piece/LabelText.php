<?php

declare(strict_types=1);

namespace Dinghy\Kit\Piece;

use Dinghy\Conductor\Gauge;
use Dinghy\Plan\LabelStyle;

/** What is written on the labels of a piece; at each end its own place comes first. */
final class LabelText
{
    /**
     * @param  string  $circuit  as people call it
     * @param  string  $side  "+", "-", "+ −" of a pair, or '' where a wire joins both kinds
     * @return array{string, string}
     */
    public static function of(LabelStyle $style, string $circuit, string $side, Gauge $gauge, string $from, string $to): array
    {
        return [self::at($style, $circuit, $side, $gauge, $from, $to), self::at($style, $circuit, $side, $gauge, $to, $from)];
    }

    private static function at(LabelStyle $style, string $circuit, string $side, Gauge $gauge, string $here, string $there): string
    {
        $what = trim($circuit.' '.str_replace('-', '−', $side));

        $words = implode(' · ', match ($style) {
            LabelStyle::Full => [$what, "{$here} → {$there}", (string) $gauge],
            LabelStyle::Circuit => [$what, (string) $gauge],
            LabelStyle::Ends => ["{$here} → {$there}"],
        });

        // A label is one line, however a name was typed.
        return (string) preg_replace('/\s+/u', ' ', $words);
    }
}
