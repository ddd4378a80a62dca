<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

/** Names a decoded JSON value in a refusal: short, and never the whole of a long one. */
final class Found
{
    public static function describe(mixed $raw): string
    {
        return match (true) {
            $raw === null => 'null',
            is_bool($raw) => $raw ? 'true' : 'false',
            is_float($raw) && is_infinite($raw) => 'a number too large to hold',
            is_int($raw), is_float($raw) => (string) $raw,
            is_string($raw) => mb_strlen($raw) > 40 ? '"'.mb_substr($raw, 0, 40).'…"' : '"'.$raw.'"',
            is_array($raw) => 'a list',
            default => 'an object',
        };
    }
}
