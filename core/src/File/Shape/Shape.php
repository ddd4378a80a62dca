<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

/**
 * What one place in a document may hold. The parser and the published JSON Schema are both made from shapes,
 * so that they cannot disagree.
 */
interface Shape
{
    /**
     * Reads a value decoded by json_decode with objects as \stdClass.
     *
     * @return mixed the value, with the defaults of absent keys filled in; null when a problem was added
     */
    public function read(mixed $raw, string $pointer, Problems $problems): mixed;

    /** @return array<string, mixed> a JSON Schema (draft 2020-12) that accepts what read() accepts */
    public function schema(): array;
}
