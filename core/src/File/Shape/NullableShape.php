<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

/** What another shape allows, or null. */
final readonly class NullableShape implements Shape
{
    public function __construct(private Shape $shape)
    {
    }

    public function read(mixed $raw, string $pointer, Problems $problems): mixed
    {
        return $raw === null ? null : $this->shape->read($raw, $pointer, $problems);
    }

    public function schema(): array
    {
        return ['anyOf' => [$this->shape->schema(), ['type' => 'null']]];
    }
}
