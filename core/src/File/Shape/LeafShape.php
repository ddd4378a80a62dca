<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

/** A shape that holds no other: a number, a text, a choice. */
abstract readonly class LeafShape implements Shape
{
    public function inner(string $key): ?Shape
    {
        return null;
    }

    public function holdsNames(): bool
    {
        return false;
    }

    public function visit(mixed $raw, string $pointer, Visitor $visitor): void
    {
    }

    public function extended(array $path, Extension $extension): Shape
    {
        throw new \LogicException('Only an object can be given more keys.');
    }
}
