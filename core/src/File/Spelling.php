<?php

declare(strict_types=1);

namespace Dinghy\File;

/**
 * One spelling for one value of a document, whatever the order of its keys: values are the same where they are spelt
 * the same.
 */
final class Spelling
{
    public static function of(mixed $value): string
    {
        return json_encode(self::sorted($value), JSON_THROW_ON_ERROR);
    }

    private static function sorted(mixed $value): mixed
    {
        if ($value instanceof \stdClass) {
            $keys = get_object_vars($value);
            ksort($keys);

            return (object) array_map(self::sorted(...), $keys);
        }

        return is_array($value) ? array_map(self::sorted(...), $value) : $value;
    }
}
