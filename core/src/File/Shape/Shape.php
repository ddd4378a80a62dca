<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

/**
 * What one place in a document may hold. The parser, the published JSON Schema, the kinds of parts and what refers to what
 * are all made from shapes, so that they cannot disagree.
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

    /**
     * What stands under a key of it, or, for a number, at any place of a list.
     *
     * @return self|null null: nothing does
     */
    public function inner(string $key): ?self;

    /** Whether a part, or what names one, can stand in it: whether a visit of it has anything to tell. */
    public function holdsNames(): bool;

    /**
     * Tells a visitor of every part in a value, and of everything that names a part. The value need not be sound: what is
     * of another shape is passed over.
     *
     * @param  string  $pointer  a JSON pointer (RFC 6901) to the value
     */
    public function visit(mixed $raw, string $pointer, Visitor $visitor): void;

    /**
     * The shape with more keys in an object inside it.
     *
     * @param  list<string>  $path  keys to that object; lists are passed through
     *
     * @throws \LogicException when there is no object
     */
    public function extended(array $path, Extension $extension): self;
}
