<?php

declare(strict_types=1);

namespace App\Names;

/**
 * When two names are one: the same letters, whatever their case, their Unicode form or the spaces between words. Accents
 * tell letters apart. Look-up, index and database all go by the key, so that none of them calls new what another has.
 */
final class NameKey
{
    public static function of(string $name): string
    {
        $composed = \Normalizer::normalize($name, \Normalizer::FORM_C);
        $folded = mb_convert_case($composed === false ? $name : $composed, MB_CASE_FOLD_SIMPLE, 'UTF-8');

        return trim((string) preg_replace('/[\s\p{Z}]+/u', ' ', $folded));
    }
}
