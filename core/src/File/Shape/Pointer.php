<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

/** Builds JSON pointers, RFC 6901. */
final class Pointer
{
    public static function child(string $pointer, string|int $key): string
    {
        return $pointer.'/'.str_replace(['~', '/'], ['~0', '~1'], (string) $key);
    }
}
